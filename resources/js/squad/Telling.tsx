import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { useShortcuts } from '@/frame/keys';
import { sendWaiting, useOutbox } from '@/offline/outbox';
import { onKept } from '@/offline/store';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { cx } from '@/ui/cx';
import { Scale } from '@/ui/Scale';
import { staysLow } from '@/ui/staysLow';
import { doneBy, type SquadCue } from './course';
import { doneIn, nothing, pressed, setsOf, tellOf, toldHere, type Answer, type Answers, type Mark } from './telling';
import type { SquadView } from './useSquad';
import { plain } from './words';

type Member = Schemas['SquadMemberView'];
const words: Record<Mark | 'clean', string> = { clean: 'clean', done: 'form lost', left: 'left out' };

const toggled = (stations: number[], at: number): number[] =>
  stations.includes(at) ? stations.filter((other) => other !== at) : [...stations, at];

const isMarked = ({ marks }: Answer): boolean => Object.values(marks).some((mark) => mark !== undefined);

/** The session is over: what each did, told for all on one page and kept as a training of each. */
export function Telling({
  view,
  cues,
  at,
  seconds,
  known,
  answers,
  onAnswer,
  onBack,
  onDone,
}: {
  view: SquadView;
  cues: SquadCue[];
  /** how far the clock came */
  at: number;
  /** of the clock that ran */
  seconds: number;
  /** people of whom the server has it */
  known: string[];
  /** by person */
  answers: Answers;
  onAnswer: (answers: Answers) => void;
  onBack: () => void;
  onDone: () => void;
}) {
  const [told, setTold] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const [isKept, setKept] = useState(false);
  const outbox = useOutbox();
  const refresh = useRefresh();
  const look = useCallback(
    () => void toldHere().then((sessions) => setTold((before) => [...new Set([...before, ...sessions])])),
    [],
  );
  useEffect(() => {
    look();
    return onKept(look);
  }, [look]);
  const members = view.members.filter(({ start, session }) => start !== null && session !== null);
  const isTold = (member: Member) => known.includes(member.person) || (member.session !== null && told.includes(member.session));
  const doneOf = (member: Member) => doneBy(view, cues, at, member);
  const answerOf = (member: Member): Answer => answers[member.person] ?? nothing;
  const setsFor = (member: Member) => setsOf(member, doneOf(member), answerOf(member));
  const open = members.filter((member) => !isTold(member));
  const answered = open.filter((member) => answerOf(member).said && setsFor(member).length > 0);
  const everybody = () =>
    onAnswer({
      ...answers,
      ...Object.fromEntries(open.map((member) => [member.person, { ...answerOf(member), said: true, noPain: true as const }])),
    });
  const keep = async () => {
    setBusy(true);
    for (const member of answered) {
      await tellOf(member, view.name, setsFor(member), seconds, answerOf(member).before);
      setTold((before) => [...before, member.session ?? '']);
    }
    setBusy(false);
    setKept(true);
    if (answered.length === open.length) onDone();
    // Without a network everything stays as it is here.
    if (await sendWaiting()) await refresh();
  };

  const isSomethingDone = open.some((member) => doneOf(member).some((times) => times > 0));
  useShortcuts(
    open.length === 0
      ? []
      : [
          { key: 'c', label: 'everybody clean, nothing hurt', run: () => (isSomethingDone ? everybody() : undefined) },
          { key: 'd', label: 'keep what they did', run: () => (answered.length > 0 && !busy ? void keep() : undefined) },
        ],
  );

  return (
    <section className="mx-auto grid w-full max-w-6xl content-start gap-4">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-2xl">{open.length === 0 ? 'All told' : 'What they did'}</h1>
          <p className="text-ink2">
            {open.length === 0
              ? isKept
                ? 'Each has a training of their own; what follows from it waits in their review.'
                : 'It was told earlier today. A second session of today is told on each one’s own page.'
              : 'Each is kept as a training of their own. What nobody tells counts as missing, never as zero.'}
          </p>
        </div>
        {open.length > 1 && (
          <Button look="floor" disabled={!isSomethingDone} hotkey="C" onClick={everybody}>
            {open.some((member) => isMarked(answerOf(member))) ? 'All else clean, nothing hurt' : 'Everybody clean, nothing hurt'}
          </Button>
        )}
      </div>
      <ul className="grid content-start gap-3 min-[60rem]:grid-cols-2">
        {members.map((member) => (
          <Row
            key={member.person}
            member={member}
            view={view}
            done={doneOf(member)}
            answer={answerOf(member)}
            isTold={isTold(member)}
            isEarlier={!isKept}
            onAnswer={(answer) => onAnswer({ ...answers, [member.person]: { ...answer, said: true } })}
          />
        ))}
      </ul>
      <div ref={staysLow} className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-hairline bg-ground py-3">
        {open.length > 0 ? (
          <>
            <Button look="floor-next" hotkey="D" disabled={busy || answered.length === 0} onClick={() => void keep()}>
              {busy ? 'Keeping …' : `Keep what ${answered.length} of ${open.length} did`}
            </Button>
            <Button look="quiet" className="min-h-11" onClick={onBack}>
              back to the clock
            </Button>
          </>
        ) : (
          <Link to="/" className="look look-floor-next" onClick={onDone}>
            To the bench
          </Link>
        )}
        {outbox.hindered && <p role="status">Kept on this device, and sent once it can be: {outbox.hindered.sentence}</p>}
      </div>
    </section>
  );
}

function Row({
  member,
  view,
  done,
  answer,
  isTold,
  isEarlier,
  onAnswer,
}: {
  member: Member;
  view: SquadView;
  /** times worked, by station */
  done: number[];
  answer: Answer;
  isTold: boolean;
  /** before this page was open */
  isEarlier: boolean;
  onAnswer: (answer: Answer) => void;
}) {
  const first = member.name.split(' ')[0] ?? member.name;
  if (isTold)
    return (
      <li className="flex flex-wrap items-baseline gap-x-4 rounded-lg border border-hairline p-3">
        <span className="text-xl font-semibold">{member.name}</span>
        <span className="font-semibold text-fern">told</span>
        {isEarlier && (
          <Link
            to={`/people/${member.person}/coach?s=${member.session ?? ''}&afterwards`}
            className="ml-auto min-h-11 content-center text-sm underline underline-offset-4"
          >
            tell a second one
          </Link>
        )}
        <Link
          to={`/people/${member.person}/review`}
          className={cx('min-h-11 content-center underline underline-offset-4', !isEarlier && 'ml-auto')}
        >
          {first}’s review
        </Link>
      </li>
    );
  return (
    <li className="grid content-start gap-2 rounded-lg border border-rail bg-sheet p-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="text-xl">{member.name}</h2>
        <Choice
          pressed={answer.said && answer.noPain === true}
          onPress={() => onAnswer({ ...answer, noPain: answer.said && answer.noPain ? null : true })}
        >
          {isMarked(answer) ? 'All else clean, nothing hurt' : 'All clean, nothing hurt'}
        </Choice>
        <Link
          to={`/people/${member.person}/coach?s=${member.session ?? ''}&afterwards`}
          className="ml-auto min-h-11 content-center text-sm underline underline-offset-4"
        >
          something hurt, or more to tell
        </Link>
      </div>
      <div
        role="group"
        aria-label={`${first}: stations`}
        className="grid grid-cols-[repeat(auto-fit,minmax(6.2rem,1fr))] gap-1.5"
      >
        {view.stations.map((station, at) => {
          const went = answer.marks[at] ?? 'clean';
          const times = done[at] ?? 0;
          const place = member.places[at];
          const isOpen = place?.rung != null && times > 0;
          const last = doneIn(member, at, times, answer);
          return (
            <button
              key={station.ladder}
              type="button"
              disabled={!isOpen}
              onClick={() => onAnswer(pressed(answer, at))}
              className={cx(
                'min-h-11 rounded-md border px-2 text-left text-sm leading-tight disabled:opacity-45',
                !isOpen
                  ? 'border-rung-edge'
                  : went !== 'clean'
                    ? 'border-ochre'
                    : answer.said
                      ? 'border-fern'
                      : 'border-rung-edge',
              )}
            >
              <span className="sr-only">{first}, </span>
              <span className="font-mono font-bold">{at + 1}</span> {plain(station.name)}
              <span className="block text-ink2">{isOpen ? `${times} × ${place.work} s, ${words[went]}` : 'not done'}</span>
              {isOpen && last && last !== place && <span className="block font-semibold">easier version</span>}
            </button>
          );
        })}
      </div>
      <fieldset>
        <legend className="mb-1 text-sm text-ink2">Effort, the highest of the stations</legend>
        <div className="max-w-xl">
          <Scale name={`${first}: effort`} value={answer.effort} onChange={(effort) => onAnswer({ ...answer, effort })} />
        </div>
        {(answer.effort ?? 0) > member.highestEffort && (
          <div role="group" aria-label={`${first}: where it was so hard`} className="mt-2 flex flex-wrap items-center gap-1.5">
            <span className="text-sm">Where? {answer.hardAt.length === 0 && 'It counts for all of them until you say.'}</span>
            {view.stations.flatMap((station, at) =>
              member.places[at]?.rung != null && (done[at] ?? 0) > 0
                ? [
                    <Choice
                      key={station.ladder}
                      pressed={answer.hardAt.includes(at)}
                      onPress={() => onAnswer({ ...answer, hardAt: toggled(answer.hardAt, at) })}
                    >
                      {`${at + 1}`}
                    </Choice>,
                  ]
                : [],
            )}
          </div>
        )}
      </fieldset>
    </li>
  );
}
