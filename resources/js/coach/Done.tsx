import { type ReactNode } from 'react';
import { Link } from 'react-router';
import { askToSignIn, type Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import type { Outbox } from '@/offline/outbox';
import type { SetLog, Told } from '@/offline/told';
import type { Step, Training } from '@/offline/trainings';
import { counted } from '@/ui/counted';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { useAlone } from './alone';
import { brokenOff } from '@/offline/asWritten';
import { wayAt } from './course';
import { EffortAfterwards } from './EffortAfterwards';
import { Choice } from '@/ui/Choice';

export type Why = NonNullable<Schemas['EventInput']['why']>;

/** All sets are through, or it ends here: what was done against what was planned, then it is ended, or a set taken back. */
export function Done({
  sheet,
  steps,
  training,
  told,
  onTop,
  why,
  onWhy,
  onHurt,
  end,
  setDay,
  undoSet,
  again,
  tell,
}: {
  sheet: Schemas['CueSheetView'];
  steps: Step[];
  training: Training;
  told: Told;
  /** a set on top that is offered */
  onTop: ReactNode;
  /** why it ended before the last set; null where nobody has said */
  why: Why | null;
  onWhy: (why: Why | null) => void;
  /** the set in which it hurt, to be told with how much */
  onHurt: (log: SetLog) => void;
  /** with why, where it ended before the last set; decided now or later */
  end: (why: Why | null, decide: 'now' | 'later') => void;
  setDay: (on: string) => void;
  undoSet: () => void;
  /** from the first cue on */
  again: () => void;
  /** a set anew, with what was not told at its check */
  tell: (log: SetLog) => void;
}) {
  const isEarly = told.sets.length < steps.length;
  const isTold = told.sets.length > 0;
  const alone = useAlone();
  useShortcuts([
    { key: 'd', label: 'save the log, then decide', run: () => (isTold ? end(isEarly ? why : null, 'now') : undefined) },
    { key: 'l', label: 'save it, decide later', run: () => (isTold ? end(isEarly ? why : null, 'later') : undefined) },
  ]);
  return (
    <section className="mx-auto grid w-full max-w-2xl gap-4 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-2xl">{isEarly ? 'Ended before the last set' : 'Done'}</h1>
      {onTop}
      <DoneSets sheet={sheet} steps={steps} told={told} />
      <p>
        {told.sets.length} of {counted(steps.length, 'set')} logged.{' '}
        {isEarly && 'What was not logged counts as missing, never as zero.'}
      </p>
      <EffortAfterwards sheet={sheet} steps={steps} told={told} onTell={tell} />
      {isEarly && (
        <div role="group" aria-label="Why it ended here" className="grid gap-1.5">
          <p className="font-semibold">
            Why here? <span className="font-normal text-ink2">It can be left open.</span>
          </p>
          <div className="flex flex-wrap gap-1.5">
            {sheet.endReasons.map(({ value, label }) => (
              <Choice key={value} pressed={why === value} onPress={() => onWhy(why === value ? null : (value as Why))}>
                {label}
              </Choice>
            ))}
          </div>
          {why === 'pain' && <WhereItHurt sheet={sheet} steps={steps} told={told} onHurt={onHurt} />}
        </div>
      )}
      <DateField
        label="Day of training"
        past
        value={training.on}
        onChange={setDay}
        {...(training.asked?.clock != null && { hint: training.asked.clock })}
      />
      <Button
        hotkey="D"
        look="next"
        className="min-h-14 justify-center text-lg"
        disabled={told.sets.length === 0}
        onClick={() => end(isEarly ? why : null, 'now')}
      >
        {alone ? 'Save it' : 'Save the log, then decide'}
      </Button>
      {!alone && (
        <Button look="floor" hotkey="L" disabled={told.sets.length === 0} onClick={() => end(isEarly ? why : null, 'later')}>
          Save it, decide later
        </Button>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button look="floor" disabled={told.sets.length === 0} onClick={undoSet}>
          Undo the last set
        </Button>
        <Button look="floor" onClick={again}>
          From the start
        </Button>
      </div>
    </section>
  );
}

/** A training that ended since it hurt, where no set says how much: it is told at the set, since what follows goes by it. */
function WhereItHurt({
  sheet,
  steps,
  told,
  onHurt,
}: {
  sheet: Schemas['CueSheetView'];
  steps: Step[];
  told: Told;
  onHurt: (log: SetLog) => void;
}) {
  if (told.sets.some(({ pain }) => (pain ?? 0) > 0)) return null;
  const broken = steps.find(({ item, set }) => !told.sets.some((log) => log.item === item && log.set === set));
  const way = broken && wayAt(sheet, broken);
  const last = told.sets.at(-1);
  return (
    <div
      role="group"
      aria-label="The set in which it hurt"
      className="grid justify-items-start gap-2 border-l-4 border-ochre pl-3"
    >
      <p>In which set did it hurt, and how much? What is trained next goes by it.</p>
      {broken && way && (
        <Button look="floor" onClick={() => onHurt(brokenOff(way, broken.set))}>
          {way.name}, set {broken.set}, broken off
        </Button>
      )}
      {last && (
        <Button look="floor" onClick={() => onHurt(last)}>
          {sheet.ways.find(({ id, rung }) => id === last.item && rung === (last.rung ?? rung))?.name}, set {last.set}
        </Button>
      )}
    </div>
  );
}

const figuresOf = ({ both, left, right }: SetLog): string => (both !== null ? `${both}` : [left ?? '–', right ?? '–'].join('/'));

/** Each exercise with what was planned and what was done of it, set by set. */
function DoneSets({ sheet, steps, told }: { sheet: Schemas['CueSheetView']; steps: Step[]; told: Told }) {
  const rows = steps.filter((step, at) => steps.findIndex(({ item, way }) => item === step.item && way === step.way) === at);
  return (
    <table className="w-full text-left text-sm">
      <thead className="text-ink2">
        <tr>
          <th className="pr-3 font-normal">planned</th>
          <th className="font-normal">done</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => {
          const way = wayAt(sheet, row);
          const sets = steps.filter(({ item, way: key }) => item === row.item && key === row.way);
          return (
            <tr key={`${row.item} ${row.way}`} className="border-t border-hairline align-top">
              <td className="py-1.5 pr-3">
                {way?.name}
                <span className="block text-ink2">
                  {way?.easier && 'easier version · '}
                  {way?.doseText}
                </span>
              </td>
              <td className="py-1.5 font-mono">
                {sets
                  .map(({ item, set }) => told.sets.find((log) => log.item === item && log.set === set))
                  .map((log) => (log ? `${figuresOf(log)}${Object.values(log.form).includes(false) ? '×' : ''}` : '–'))
                  .join(' · ')}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** It has ended and lies on this device: what hinders it from being sent, and that nothing has to be done about it. */
export function OnItsWay({ person, outbox, send }: { person: string; outbox: Outbox; send: () => Promise<unknown> }) {
  const { hindered, busy } = outbox;
  const alone = useAlone();
  return (
    <section className="mx-auto grid w-full max-w-2xl gap-4 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-2xl">{hindered ? 'Kept on this device' : 'Saving …'}</h1>
      {hindered && (
        <>
          <p role="alert">
            {hindered.code === 'offline'
              ? 'The server cannot be reached. The log stays on this device and is sent by itself when it can be; you can leave this page. What the rules propose waits until it has arrived.'
              : hindered.code === 'signed-out'
                ? 'You have been signed out. The log stays on this device and is sent once you have signed in again.'
                : `${hindered.sentence} The log stays on this device.`}
          </p>
          <Button
            look="next"
            className="min-h-14 justify-center text-lg"
            disabled={busy}
            onClick={() =>
              void (hindered.code === 'signed-out' ? askToSignIn().then((isIn) => (isIn ? send() : undefined)) : send())
            }
          >
            {busy ? 'Sending …' : hindered.code === 'signed-out' ? 'Sign in and send it' : 'Try again'}
          </Button>
          {alone ? (
            <Link to="/home" className="look look-floor justify-center">
              Back
            </Link>
          ) : (
            <div className="grid grid-cols-2 gap-2">
              <Link to="/" className="look look-floor justify-center">
                To the bench
              </Link>
              <Link to={`/people/${person}/review`} className="look look-floor justify-center">
                To the review
              </Link>
            </div>
          )}
        </>
      )}
    </section>
  );
}
