import { useEffect, useState } from 'react';
import { api, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { shortWeekday, weekdays, weekTime } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Loading } from '@/ui/Loading';
import { TimeField } from '@/ui/TimeField';
import type { Squad, SquadView } from './useSquad';

type Time = Schemas['SquadTimeView'];
type Meeting = Squad['meets'][number];
type Where = Pick<Meeting, 'day' | 'part'>;

const parts: Meeting['part'][] = ['morning', 'midday', 'evening'];
const isAt = (one: Where) => (other: Where) => one.day === other.day && one.part === other.part;

/** When the squad meets, in the weeks of all its people: each time with how many it fits, and what stands against it for whom. */
export function Meets({
  squad,
  view,
  waits,
  problem,
  onChange,
  onClose,
}: {
  squad: Squad;
  view: SquadView;
  waits: boolean;
  problem: string | null;
  onChange: (change: Partial<Squad>) => void;
  onClose: () => void;
}) {
  const times = api.useQuery('get', '/api/squads/{squad}/times', { params: { path: { squad: view.id } } });
  const [looked, look] = useState<Where | null>(null);
  // What everybody has in their week changes with each meeting that is placed.
  const { refetch } = times;
  useEffect(() => void refetch(), [view.version, refetch]);
  const toggle = (at: Time, effort: number) => {
    const rest = squad.meets.filter((one) => !isAt(at)(one));
    const next: Meeting[] = [...rest, { day: at.day, part: at.part, time: null, effort }];
    onChange({ meets: rest.length < squad.meets.length ? rest : inOrder(next) });
  };
  const first = looked ?? squad.meets[0];
  const shown = first ? times.data?.times.find(isAt(first)) : times.data?.times[times.data.best];
  return (
    <Dialog open wide onClose={onClose} title="When it meets">
      <p className="text-ink2">
        Press a time, and the session of the squad stands in the week of everybody; once more, and it is taken out. The number
        says how many of them it fits.
      </p>
      {times.data ? (
        <div className="grid gap-5 md:grid-cols-[3fr_2fr]">
          <div className="grid content-start gap-4">
            <TimesGrid times={times.data} meets={squad.meets} looked={shown} onLook={look} onToggle={toggle} />
            <Placed squad={squad} view={view} onChange={onChange} />
            {problem && (
              <p role="alert" className="border-l-4 border-rowan pl-3 font-semibold">
                {problem}
              </p>
            )}
          </div>
          {shown && <Against time={shown} asked={times.data.asked} />}
        </div>
      ) : (
        <Loading what="Asking everybody’s week" error={times.error} again={() => void refetch()} />
      )}
      <div>
        <Button look="next" disabled={waits} onClick={onClose}>
          {waits ? 'Putting it into their weeks …' : 'To the squad'}
        </Button>
      </div>
    </Dialog>
  );
}

const inOrder = (meets: Meeting[]): Meeting[] =>
  [...meets].sort((a, b) => a.day - b.day || parts.indexOf(a.part) - parts.indexOf(b.part));

function TimesGrid({
  times: { times, asked, effort },
  meets,
  looked,
  onLook,
  onToggle,
}: {
  times: Schemas['SquadTimesView'];
  meets: Meeting[];
  looked: Time | undefined;
  onLook: (at: Where) => void;
  onToggle: (at: Time, effort: number) => void;
}) {
  return (
    <table className="w-full table-fixed border-separate border-spacing-1">
      <caption className="sr-only">How many of {asked} each time fits</caption>
      <thead>
        <tr>
          <th scope="col" className="w-16">
            <span className="sr-only">part of the day</span>
          </th>
          {weekdays.map((name, at) => (
            <th key={name} scope="col" className="text-sm font-semibold">
              <abbr title={name} className="no-underline">
                {shortWeekday(at + 1)}
              </abbr>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {parts.map((part) => (
          <tr key={part}>
            <th scope="row" className="text-left text-sm font-normal text-ink2">
              {part}
            </th>
            {times
              .filter((time) => time.part === part)
              .map((time) => {
                const isPlaced = meets.some(isAt(time));
                return (
                  <td key={time.day}>
                    <button
                      type="button"
                      aria-pressed={isPlaced}
                      aria-label={`${weekTime(time)}: fits ${time.fits} of ${asked}`}
                      onClick={() => {
                        onLook(time);
                        onToggle(time, effort);
                      }}
                      onFocus={() => onLook(time)}
                      onMouseEnter={() => onLook(time)}
                      className={cx(
                        'min-h-12 w-full rounded-md border font-mono text-lg',
                        isPlaced
                          ? 'border-ink bg-ink font-bold text-ground'
                          : time.fits === asked
                            ? 'border-fern bg-paper font-bold text-fern'
                            : 'border-rung-edge bg-paper text-ink2',
                        looked && isAt(looked)(time) && 'outline-2 outline-offset-1 outline-ink2',
                      )}
                    >
                      {time.fits}
                    </button>
                  </td>
                );
              })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The meetings there are: when each begins, and how hard it is planned. */
function Placed({ squad, view, onChange }: { squad: Squad; view: SquadView; onChange: (change: Partial<Squad>) => void }) {
  const change = (at: Meeting, what: Partial<Meeting>) =>
    onChange({ meets: squad.meets.map((one) => (one === at ? { ...one, ...what } : one)) });
  return (
    <ul aria-label="Meetings" className="grid gap-2">
      {squad.meets.length === 0 && <li className="text-ink2">It stands in nobody’s week yet.</li>}
      {squad.meets.map((one) => {
        const name = weekTime({ ...one, time: null });
        const without = view.meets.find(isAt(one))?.without ?? [];
        return (
          <li key={`${one.day} ${one.part}`} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span className="min-w-36 font-semibold">{name}</span>
            <span className="text-ink2">at</span>
            <TimeField bare label={`${name}: starts at`} value={one.time} onChange={(time) => change(one, { time })} />
            <select
              aria-label={`${name}: planned effort`}
              value={one.effort}
              onChange={(event) => change(one, { effort: Number(event.target.value) })}
              className="min-h-9 rounded-md border border-rung-edge bg-paper px-1"
            >
              {Array.from({ length: 11 }, (_, effort) => (
                <option key={effort} value={effort}>
                  effort {effort}
                </option>
              ))}
            </select>
            {without.length > 0 && <span className="text-sm text-ink2">not in the week of {without.join(', ')}</span>}
          </li>
        );
      })}
    </ul>
  );
}

function Against({ time, asked }: { time: Time; asked: number }) {
  return (
    <section
      aria-live="polite"
      className="grid max-h-80 content-start gap-3 overflow-y-auto border-hairline max-md:border-t max-md:pt-3 md:border-l md:pl-5"
    >
      <h3 className="text-lg">
        {weekTime(time)}{' '}
        {time.against.length === 0 ? `fits ${asked === 1 ? 'them' : `all ${asked}`}` : `fits ${time.fits} of ${asked}`}
      </h3>
      {time.against.map((one) => (
        <div key={one.person}>
          <p className="font-semibold">{one.name}</p>
          {one.reasons.map(({ sentence, wouldChange }) => (
            <p key={sentence} className="mt-1">
              {sentence} {wouldChange && <span className="text-ink2">Would change it: {wouldChange}</span>}
            </p>
          ))}
        </div>
      ))}
    </section>
  );
}
