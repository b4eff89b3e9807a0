import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from '@/ui/notice';
import { api, http, newId, sentenceOf, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { afterDrawn, useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { MoreLines } from '@/frame/MoreLines';
import { NoteWaits } from '@/frame/NoteWaits';
import { morningToAsk } from '@/offline/told';
import { FromHome } from './FromHome';
import { Unsettled } from './Unsettled';
import { savedNow } from '@/frame/saving';
import { useMore } from '@/frame/useMore';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { LoadChart } from './LoadChart';
import { PendingCard, type Decide } from './PendingCard';

/** The decision queue, and what was decided before. */
export function Review() {
  const person = usePerson();
  const review = api.useQuery('get', '/api/people/{person}/review', { params: { path: { person: person.id } } });
  const refresh = useRefresh();
  const before = useMore(review.data && { lines: review.data.decisions, next: review.data.older }, review.data, async (after) => {
    const { data, error } = await http.GET('/api/people/{person}/decisions', {
      params: { path: { person: person.id }, query: { after } },
    });
    return { page: data && { lines: data.decisions, next: data.older }, error };
  });
  const fromHome = api.useQuery('get', '/api/people/{person}/home-notes', { params: { path: { person: person.id } } });
  const waitsFromHome = fromHome.data?.notes.some(({ isWaiting }) => isWaiting) === true;
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const walk = (by: number) => {
    const cards = [...document.querySelectorAll<HTMLElement>('[data-pending]')];
    const at = cards.findIndex((card) => card.contains(document.activeElement));
    cards[Math.max(0, Math.min(cards.length - 1, at + by))]?.focus();
  };
  useShortcuts([
    { key: 'j', label: 'the next proposal', run: () => walk(1) },
    { key: 'k', label: 'the proposal before', run: () => walk(-1) },
  ]);
  if (!person.standing.open) return <Closed person={person} />;
  if (!review.data) return <Loading what="Reading what was done" error={review.error} again={() => void review.refetch()} />;
  const { pending, unsettled, load, movedOn } = review.data;
  const morning = morningToAsk(review.data.morning);
  const decisions = before.lines ?? [];

  const send = async (one: Parameters<Decide>[0], choice: Parameters<Decide>[1], reason: string) => {
    const { data, error } = await http.POST('/api/people/{person}/decisions', {
      params: { path: { person: person.id } },
      body: { id: newId(), log: one.log, ladder: one.ladder, side: one.side, choice, reason },
    });
    if (error) setProblem(sentenceOf(error));
    return { decision: data?.id ?? null, isGone: error?.code === 'decided' };
  };
  /** Says what was decided, with the way back, and brings the keyboard on to the next, else to the heading. */
  const decided = async (made: string[], sentence: string) => {
    setProblem(null);
    savedNow();
    toast(sentence, { duration: 10_000, action: { label: 'Take back', onClick: () => void takeBack(made) } });
    await refresh();
    afterDrawn(() => {
      if (document.activeElement !== document.body) return;
      (document.querySelector<HTMLElement>('[data-pending]') ?? document.querySelector<HTMLElement>('main h1'))?.focus();
    });
  };
  const decideAll = async () => {
    setBusy(true);
    const made: string[] = [];
    for (const one of pending) {
      const { decision } = await send(one, one.proposed, '');
      if (decision === null) break;
      made.push(decision);
    }
    setBusy(false);
    if (made.length > 0) await decided(made, `${made.length} decided as proposed.`);
  };
  const decide: Decide = async (one, choice, reason) => {
    const { decision, isGone } = await send(one, choice, reason);
    if (decision !== null) await decided([decision], 'Decided.');
    else if (isGone) await refresh();
    return decision !== null;
  };
  // The newest first, so that each board is the one before it.
  const takeBack = async (made: string[]) => {
    const stays: string[] = [];
    setProblem(null);
    for (const decision of made.toReversed()) {
      const { data, error } = await http.POST('/api/people/{person}/decisions/{decision}/take-back', {
        params: { path: { person: person.id, decision } },
      });
      if (error) {
        setProblem(error.sentence);
        return refresh();
      }
      stays.push(...data.stays);
    }
    toast(stays.length > 0 ? `Taken back. Later moves stay: ${stays.join('; ')}.` : 'Taken back.', { duration: 10_000 });
    await refresh();
  };

  return (
    <>
      <main className="relative min-w-0 flex-1 overflow-y-auto p-4">
        <div className="mb-4 flex flex-wrap items-baseline gap-4">
          <h1 className="text-3xl">Review</h1>
          <p className="text-ink2">
            {pending.length === 0
              ? unsettled.length === 0 && !waitsFromHome && 'Nothing waits.'
              : pending.length === 1
                ? 'One decision waits.'
                : `${pending.length} decisions wait.`}
          </p>
          {pending.length > 1 && (
            <Button className="ml-auto" disabled={busy} onClick={() => void decideAll()}>
              Confirm all {pending.length} as proposed
            </Button>
          )}
        </div>
        {problem && (
          <p role="alert" className="mb-3 font-semibold text-rowan">
            {problem}
          </p>
        )}
        <NoteWaits person={person.id} />
        <FromHome person={person.id} name={person.name.split(' ')[0] ?? person.name} />
        {unsettled.map((training) => (
          <Unsettled key={training.id} person={person.id} training={training} onSettled={refresh} />
        ))}
        {morning && (
          <p className="mb-3 border-l-4 border-slate bg-sheet p-3">
            The morning after {day(morning.doneOn)} has not been asked for; it is asked at the next session, and a bad answer
            reopens a decision.{' '}
            <Link to={`/people/${person.id}/coach`} className="underline underline-offset-4">
              Ask now
            </Link>
          </p>
        )}
        {pending.length === 0 && decisions.length === 0 && (
          <div className="grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-6">
            <p>Decisions come here after a coached session: climb, stay, step down, stop, or refer, each with its reasons.</p>
            <Link to={`/people/${person.id}/coach`} className="look look-next justify-self-start">
              Coach a session
            </Link>
            <Link to={`/people/${person.id}/coach?afterwards`} className="justify-self-start underline underline-offset-4">
              Log one that was done without the device
            </Link>
          </div>
        )}
        <ol className="grid gap-3">
          {pending.map((one, index) => (
            <PendingCard
              key={`${one.ladder}-${one.side}-${one.log}`}
              pending={one}
              person={person.id}
              first={index === 0}
              onDecide={decide}
            />
          ))}
        </ol>
        {pending.length === 0 && decisions.length > 0 && <Afterwards person={person.id} movedOn={movedOn} />}
        {(load.weeks.length > 0 || load.ahead.length > 0) && <LoadChart load={load} />}
      </main>
      <DecidedBefore before={before} decisions={decisions} onTakeBack={(id) => void takeBack([id])} />
    </>
  );
}

/** Where it goes on once everything is decided: what is written follows the decisions, else the board shows them. */
function Afterwards({ person, movedOn }: { person: string; movedOn: Schemas['ReviewView']['movedOn'] }) {
  if (!movedOn)
    return (
      <Link to={`/people/${person}/board`} className="look look-next">
        See the board
      </Link>
    );
  const { session, title, reasons } = movedOn;
  return (
    <section className="grid max-w-xl justify-items-start gap-3 rounded-lg border border-hairline bg-sheet p-4">
      <Why title="Moved on since" reasons={reasons}>
        {reasons.length === 1 ? 'One exercise' : `${reasons.length} exercises`} of “{title}”{' '}
        {reasons.length === 1 ? 'has' : 'have'} moved on since it was written.
      </Why>
      <p className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <Link to={`/people/${person}/session?s=${session}`} className="look look-next">
          Bring {reasons.length === 1 ? 'it' : 'them'} up to date
        </Link>
        <Link to={`/people/${person}/board`} className="underline underline-offset-4">
          See the board
        </Link>
      </p>
    </section>
  );
}

/** What was decided, newest first, each with the way back. */
function DecidedBefore({
  before,
  decisions,
  onTakeBack,
}: {
  before: { more: (() => Promise<unknown>) | null; busy: boolean };
  decisions: Schemas['DecisionView'][];
  onTakeBack: (id: string) => void;
}) {
  return (
    <Pane label="Decided before">
      <h2 className="mb-3 text-xl">Decided before</h2>
      {decisions.length === 0 && <p className="text-ink3">Nothing yet.</p>}
      <ol className="grid gap-3">
        {decisions.map((decision) => (
          <li key={decision.id} className={cx('border-t border-hairline pt-2', decision.takenBack && 'text-ink3 line-through')}>
            <p className="text-sm text-ink2">
              {day(decision.decidedOn)} · {decision.ladderName}
              {decision.atHome && ', done at home'}
              {decision.side !== 'both' && `, ${decision.side}`}
            </p>
            <p>
              <strong className="inline-block first-letter:uppercase">{decision.choiceText}</strong>
              {decision.toName ? ` to “${decision.toName}”` : ` on “${decision.rungName}”`}
            </p>
            {decision.choice !== decision.proposed && <p className="text-sm">Otherwise than proposed: {decision.choiceReason}</p>}
            {decision.reasons[0] && <p className="text-sm text-ink2">{decision.reasons[0]}</p>}
            {decision.canTakeBack && (
              <Button look="quiet" onClick={() => onTakeBack(decision.id)}>
                take back
              </Button>
            )}
          </li>
        ))}
      </ol>
      <MoreLines more={before.more} busy={before.busy} shown={decisions.length} label="Show earlier ones" />
    </Pane>
  );
}
