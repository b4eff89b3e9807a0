import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { Status } from '@/ui/Status';

const CorrectSets = lazy(async () => ({ default: (await import('./CorrectSets')).CorrectSets }));

type Pending = Schemas['PendingView'];
type Choice = Pending['proposed'];

export type Decide = (pending: Pending, choice: Choice, reason: string) => Promise<boolean>;

const kinds = { climb: 'ready', stay: 'information', 'step-down': 'watch', 'stop-ladder': 'stop', refer: 'stop' } as const;
const words: Record<Choice, string> = {
  climb: 'Climb',
  stay: 'Stay',
  'step-down': 'Step down',
  'stop-ladder': 'Stop this ladder',
  refer: 'Stop and refer',
};

const short: Record<Choice, string> = {
  climb: 'Climb',
  stay: 'Stay',
  'step-down': 'Down',
  'stop-ladder': 'Stop',
  refer: 'Refer',
};

/** The other choices, the nearest to what is proposed first; where it leads down, of two the more careful one: a climb comes last. */
function otherThan(proposed: Choice): Choice[] {
  const choices = Object.keys(words) as Choice[];
  const far = (choice: Choice) => Math.abs(choices.indexOf(choice) - choices.indexOf(proposed));
  const others = choices.filter((choice) => choice !== proposed);
  const leadsDown = kinds[proposed] === 'watch' || kinds[proposed] === 'stop';
  return (leadsDown ? others.toReversed() : others).toSorted((one, other) => far(one) - far(other));
}

/** One proposal with its evidence and reasons: confirm it, or decide otherwise and say why. */
export function PendingCard({
  pending,
  person,
  first,
  onDecide,
}: {
  pending: Pending;
  person: string;
  first: boolean;
  onDecide: Decide;
}) {
  const [correcting, setCorrecting] = useState(false);
  const texts = useTexts(`decide ${pending.log} ${pending.ladder} ${pending.side}`, { choice: '', reason: '' });
  const other = texts.of('choice') === '' ? null : (texts.of('choice') as Choice);
  const setOther = (choice: Choice | null) => texts.write('choice', choice ?? '');
  const reason = texts.of('reason');
  const [busy, setBusy] = useState(false);
  const act = async (choice: Choice, why: string) => {
    setBusy(true);
    if (await onDecide(pending, choice, why)) texts.saved();
    setBusy(false);
  };

  return (
    // The proposal itself takes the keyboard, so that Enter confirms what is being read.
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <li
      data-pending
      tabIndex={-1}
      aria-label={`${words[pending.proposed]}, ${pending.rungName}`}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || event.repeat || event.target !== event.currentTarget || busy) return;
        event.preventDefault();
        void act(pending.proposed, '');
      }}
      className="group grid gap-x-6 gap-y-3 rounded-lg border border-hairline bg-sheet p-4 xl:grid-cols-[1fr_17rem]"
    >
      <div className="grid content-start gap-2">
        <p className="flex flex-wrap items-center gap-x-3 text-sm text-ink2">
          <Status kind={kinds[pending.proposed]} word={short[pending.proposed]} />
          {pending.ladderName}
          {pending.side !== 'both' && `, ${pending.side} side`} · {day(pending.doneOn)}
          {pending.news && <strong className="text-rowan">{pending.news}</strong>}
        </p>
        <h2 className="text-xl">
          {words[pending.proposed]}
          {pending.toName ? (
            <>
              : “{pending.rungName}” <span className="font-mono text-base font-normal">{pending.rungHeight}</span> → “
              {pending.toName}” <span className="font-mono text-base font-normal">{pending.toHeight}</span>
            </>
          ) : (
            <>
              {' '}
              on “{pending.rungName}” <span className="font-mono text-base font-normal">{pending.rungHeight}</span>
            </>
          )}
        </h2>
        <ul className="grid gap-1">
          {pending.reasons.map((one, index) => (
            <li key={index} className="flex gap-2">
              <span aria-hidden="true" className="text-rail">
                –
              </span>
              <Why title="Why" reasons={one}>
                {one.sentence}
              </Why>
            </li>
          ))}
        </ul>
        <Meanwhile person={person} way={pending.otherWay} />
        <Evidence pending={pending} />
        <Button look="quiet" className="justify-self-start" onClick={() => setCorrecting(true)}>
          correct a typing error
        </Button>
        {correcting && (
          <Suspense>
            <CorrectSets person={person} log={pending.log} onClose={() => setCorrecting(false)} />
          </Suspense>
        )}
      </div>
      <div className="grid content-start gap-2">
        <Button
          look={first ? 'next' : 'plain'}
          hotkey={first ? 'J Enter' : undefined}
          disabled={busy}
          onClick={() => void act(pending.proposed, '')}
        >
          Confirm: {words[pending.proposed].toLowerCase()}
        </Button>
        <Outcome pending={pending} choice={pending.proposed} />
        <fieldset>
          <legend className="text-sm text-ink2">Decide otherwise</legend>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {otherThan(pending.proposed)
              .filter((choice) => choice !== 'climb' || pending.up !== null)
              .map((choice) => (
                <button
                  key={choice}
                  type="button"
                  aria-pressed={other === choice}
                  onClick={() => setOther(other === choice ? null : choice)}
                  className={cx(
                    'min-h-8 rounded-md border px-2 text-sm',
                    other === choice ? 'border-ink bg-ink text-ground' : 'border-rung-edge bg-paper',
                  )}
                >
                  {words[choice]}
                </button>
              ))}
          </div>
        </fieldset>
        {other && (
          <form
            className="grid gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              if (reason.trim() !== '') void act(other, reason.trim());
            }}
          >
            <label className="grid gap-1 text-sm">
              Why (kept with the decision)
              <input
                required
                maxLength={300}
                value={reason}
                onChange={(event) => texts.write('reason', event.target.value)}
                className="min-h-10 rounded-md border border-rung-edge bg-paper px-3 text-base"
              />
            </label>
            <Outcome pending={pending} choice={other} />
            <Button type="submit" disabled={busy || reason.trim() === ''}>
              {words[other]} instead
            </Button>
          </form>
        )}
      </div>
    </li>
  );
}

/** Where the demand is trained while this ladder waits; a review kept by an earlier version has none. */
function Meanwhile({ person, way }: { person: string; way: Pending['otherWay'] | undefined }) {
  return (
    way && (
      <p className="border-l-4 border-slate bg-paper px-3 py-2">
        <Why title="Another way" reasons={way.reason}>
          {way.reason.sentence}
        </Why>{' '}
        <Link
          to={`/people/${person}/board?rung=${encodeURIComponent(way.rung)}`}
          className="whitespace-nowrap underline underline-offset-4"
        >
          See it on the board
        </Link>
      </p>
    )
  );
}

/** What the next session has if this is decided. */
function Outcome({ pending, choice }: { pending: Pending; choice: Choice }) {
  // A review kept by an earlier version has none.
  const outcome = (pending.outcomes as Pending['outcomes'] | undefined)?.find((one) => one.choice === choice);
  return (
    outcome && (
      <p className="text-sm text-ink2">
        next time{outcome.rungName && outcome.rungName !== pending.toName && ` “${outcome.rungName}”,`}{' '}
        <Why title="Next time" reasons={outcome.reason}>
          {outcome.dose}
        </Why>
      </p>
    )
  );
}

/** What was lost, and where it was felt where that was the wrong place. */
const formOf = (set: Schemas['EvidenceView']): string =>
  [...(set.faults.length > 0 ? [`lost: ${set.faults.join('; ')}`] : []), ...(set.felt === '' ? [] : [set.felt])].join('; ') ||
  'clean';

/** What was done, set by set, and what else is to be known of it. */
function Evidence({ pending }: { pending: Schemas['PendingView'] }) {
  return (
    <>
      <div className="overflow-x-auto">
        <table className="w-full max-w-lg text-sm">
          <caption className="sr-only">What was done, {pending.dose}</caption>
          <thead className="text-left text-ink3">
            <tr>
              <th className="pr-5 font-normal">set, of {pending.dose}</th>
              <th className="pr-5 font-normal">done</th>
              <th className="pr-5 font-normal">pain</th>
              <th className="pr-5 font-normal">effort</th>
              <th className="font-normal">form</th>
            </tr>
          </thead>
          <tbody>
            {pending.evidence.map((set) => (
              <tr key={set.set} className="border-t border-hairline">
                <td className="pr-5 font-mono">{set.set}</td>
                <td className="pr-5 font-mono font-bold whitespace-nowrap">{set.done}</td>
                <td className={cx('pr-5 font-mono whitespace-nowrap', set.painActs && 'font-bold text-rowan')}>
                  {set.pain ?? 'not told'}
                  {set.painPlace && (
                    <span className="font-sans text-sm font-normal text-ink2">
                      {' '}
                      {set.painPlace}
                      {set.painKept && ', there before'}
                    </span>
                  )}
                </td>
                <td className={cx('pr-5 font-mono whitespace-nowrap', set.tooHard && 'font-bold text-ochre')}>
                  {set.effort ?? 'not told'}
                </td>
                <td>{formOf(set)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {pending.besides.map((sentence) => (
        <p key={sentence} className="text-sm">
          {sentence}
        </p>
      ))}
    </>
  );
}
