import { keepPreviousData } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, http, newId, type Schemas } from '@/api/client';
import { beep } from '@/ui/beep';
import { FaultPicture } from '@/figure/FaultPicture';
import { RungFigure, useFaults, useFigure } from '@/figure/RungFigure';
import { sayOnce } from '@/frame/sayOnce';
import type { Library } from '@/frame/useLibrary';
import { undoToast } from '@/frame/undoToast';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Loading } from '@/ui/Loading';
import { toast } from '@/ui/notice';
import { Scale } from '@/ui/Scale';
import { keepClimb, otherSide, type Climb } from './climb';

/** Up a ladder, one small trial after the other: Enter when it was clean, a number for each thing that was lost. */
export function ClimbTest({
  person,
  start,
  library,
  onLeave,
}: {
  person: string;
  start: Climb;
  library: Library;
  /** With the test of the other side, or null. */
  onLeave: (next: Climb | null) => void;
}) {
  const [climb, setClimb] = useState(() => ({ ...start, id: start.id ?? newId() }));
  const [lost, setLost] = useState<string[]>([]);
  const [pain, setPain] = useState(0);
  const [left, setLeft] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const refresh = useRefresh();
  const { id, ladder, side, guess, trials } = climb;
  const asked = api.useQuery(
    'post',
    '/api/people/{person}/climbs/next',
    { params: { path: { person } }, body: { id, ladder, side, guess, trials } },
    { placeholderData: keepPreviousData, retry: false, staleTime: Infinity },
  );
  const step = asked.data;
  const rung = step?.next ? library.rungs.get(step.next) : undefined;
  const working = step?.workingRung ? library.rungs.get(step.workingRung) : undefined;
  const name = library.ladders.get(ladder)?.name ?? '';
  const ready = !asked.isPlaceholderData && step !== undefined;

  useEffect(() => void keepClimb(person, climb), [person, climb]);
  useEffect(() => {
    if (left === null || left <= 0) return;
    const timer = setTimeout(() => {
      if (left <= 3) beep(left === 1 ? 'go' : 'count');
      setLeft(left - 1);
    }, 1000);
    return () => clearTimeout(timer);
  }, [left]);

  const tried = () => {
    if (!rung || !ready) return;
    setClimb({ ...climb, trials: [...trials, { rung: rung.slug, faults: lost, pain }] });
    setLost([]);
    setPain(0);
    setLeft(null);
  };
  const back = () => setClimb({ ...climb, trials: trials.slice(0, -1) });
  const leave = (next: Climb | null) => {
    keepClimb(person, next);
    onLeave(next);
  };
  /** By a press that was not meant, six rungs would be gone. */
  const abandon = () => {
    leave(null);
    if (trials.length > 0) toast('The climb test was left.', { action: { label: 'Take back', onClick: () => leave(climb) } });
  };
  const keep = async () => {
    if (saving) return;
    setSaving(true);
    setProblem(null);
    const under = { current: id };
    const { data, error } = await sayOnce(under, (one) =>
      http.POST('/api/people/{person}/climbs', { params: { path: { person } }, body: { id: one, ladder, side, guess, trials } }),
    );
    setSaving(false);
    if (!data) return setProblem(error.sentence);
    undoToast(
      'The climb test is kept.',
      () => http.DELETE('/api/people/{person}/climbs/{climb}', { params: { path: { person, climb: under.current } } }),
      refresh,
    );
    leave(otherSide(climb, working?.slug ?? null));
  };
  const toggle = (question: string) =>
    setLost(lost.includes(question) ? lost.filter((one) => one !== question) : [...lost, question]);

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[role=dialog]')) return;
      if (event.key === 'Escape') return abandon();
      if (event.target instanceof HTMLButtonElement && (event.key === 'Enter' || event.key === ' ')) return;
      const question = step?.questions[Number(event.key) - 1];
      if (question) toggle(question.value);
      else if (event.key === 'Enter') void (rung ? tried() : step?.reason && trials.length > 0 && keep());
      else if (event.key === ' ' && step?.holdSeconds) setLeft(left === null ? step.holdSeconds : null);
      else if (event.key.toLowerCase() === 'u' && trials.length > 0) back();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

  if (!step) return <Loading what="Finding the first rung" error={asked.error} again={() => void asked.refetch()} />;
  const clean = lost.length === 0 && pain <= step.cleanPain;

  return (
    <section aria-label={`Climb test: ${name}`} className="mx-auto grid w-full max-w-3xl gap-5">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-3xl">
          {name}
          {side !== 'both' && <span className="text-rowan">, {side}</span>}
        </h1>
        <Button look="quiet" hotkey="Esc" onClick={abandon}>
          leave the test
        </Button>
      </div>
      <TriedSoFar trials={trials} clean={step.clean} library={library} />
      {rung ? (
        <>
          <TrialCard rung={rung} side={side} step={step} setLeft={setLeft} left={left} />
          <LostQuestions step={step} lost={lost} toggle={toggle} />
          <fieldset>
            <legend className="mb-1 font-semibold">Pain, 0 to 10</legend>
            <Scale name="pain" value={pain} onChange={setPain} />
          </fieldset>
          <div className="stays-low flex flex-wrap gap-2 border-hairline max-sm:sticky max-sm:bottom-0 max-sm:-mx-6 max-sm:border-t max-sm:bg-ground max-sm:px-6 max-sm:py-2">
            <Button look="next" hotkey="Enter" className="min-h-14 flex-1 text-lg" disabled={!ready} onClick={tried}>
              {clean ? 'Clean, no pain: next rung' : 'Not clean'}
            </Button>
            {trials.length > 0 && (
              <Button look="floor" hotkey="U" onClick={back}>
                Back
              </Button>
            )}
          </div>
        </>
      ) : (
        <Outcome
          working={working}
          step={step}
          problem={problem}
          trials={trials}
          saving={saving}
          ready={ready}
          keep={keep}
          climb={climb}
          back={back}
        />
      )}
    </section>
  );
}

/** Where the climb ended: the working rung, and why. */
function Outcome({
  working,
  step,
  problem,
  trials,
  saving,
  ready,
  keep,
  climb,
  back,
}: {
  working: Schemas['RungView'] | undefined;
  step: Schemas['ClimbStepView'];
  problem: string | null;
  trials: Climb['trials'];
  saving: boolean;
  ready: boolean;
  keep: () => Promise<void>;
  climb: Climb;
  back: () => void;
}) {
  return (
    <div className="grid gap-4 rounded-lg border border-rail bg-sheet p-5">
      {working && (
        <div className="grid items-center gap-4 sm:grid-cols-[12rem_1fr]">
          <RungFigure
            rung={working.slug}
            tempo={working.tempo}
            moving={false}
            label={working.name}
            className="h-28 w-full rounded-md bg-paper"
          />
          <p>
            <span className="text-ink2">Working rung</span>
            <br />
            <span className="font-display text-2xl font-[650]">
              <span className="font-mono">{working.heightText}</span> {working.name}
            </span>
          </p>
        </div>
      )}
      <p className="text-lg">{step.reason?.sentence}</p>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        {trials.length > 0 && (
          <Button look="next" hotkey="Enter" className="min-h-12" disabled={saving || !ready} onClick={() => void keep()}>
            {climb.then.length > 0 ? `Keep, then the ${climb.then[0]} side` : 'Keep the result'}
          </Button>
        )}
        {trials.length > 0 && (
          <Button hotkey="U" onClick={back}>
            Back
          </Button>
        )}
      </div>
    </div>
  );
}

/** What was lost on this rung, each on a number. */
function LostQuestions({
  step,
  lost,
  toggle,
}: {
  step: Schemas['ClimbStepView'];
  lost: string[];
  toggle: (question: string) => void;
}) {
  return (
    <fieldset className="grid gap-1">
      <legend className="mb-1 font-semibold">What was lost?</legend>
      <div className="grid gap-1 sm:grid-cols-2">
        {step.questions.map((question, index) => {
          const gone = lost.includes(question.value);
          return (
            <button
              key={question.value}
              type="button"
              aria-pressed={gone}
              onClick={() => toggle(question.value)}
              className={cx(
                'flex min-h-11 items-center gap-3 rounded-md border px-3 text-left',
                gone ? 'border-ochre bg-ochre font-semibold text-ground' : 'border-rail bg-sheet',
              )}
            >
              <kbd className="w-4 font-mono text-sm">{index + 1}</kbd>
              {question.label}
              {gone && <span className="ml-auto text-sm">lost</span>}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}

/** The rung to try now, its dose and how it is coached. */
function TrialCard({
  rung,
  side,
  step,
  setLeft,
  left,
}: {
  rung: Schemas['RungView'];
  side: Climb['side'];
  step: Schemas['ClimbStepView'];
  setLeft: (value: number | null) => void;
  left: number | null;
}) {
  const figure = useFigure(rung.slug);
  const faults = useFaults(rung.slug);
  const mirrored = (side === 'left' || side === 'right') && figure !== undefined && side !== figure.side;
  return (
    <div className="grid gap-4 rounded-lg border border-rail bg-sheet p-4 sm:grid-cols-[16rem_1fr]">
      <RungFigure
        rung={rung.slug}
        tempo={rung.tempo}
        moving
        mirrored={mirrored}
        label={rung.name}
        className="h-40 w-full rounded-md bg-paper"
      />
      <div className="grid content-start gap-1">
        <h2 className="text-2xl">
          <span className="font-mono">{rung.heightText}</span> {rung.name}
        </h2>
        <p className="text-lg">
          {step.doseText}
          {step.holdSeconds !== null && (
            <Button hotkey="Space" className="ml-3" onClick={() => setLeft(left === null ? step.holdSeconds : null)}>
              {left === null ? `Count ${step.holdSeconds} s` : left === 0 ? 'Done' : <span className="font-mono">{left}</span>}
            </Button>
          )}
        </p>
        <ul className="list-disc pl-5">
          {rung.cues.map((cue) => (
            <li key={cue}>{cue}</li>
          ))}
        </ul>
        <p className="text-ink2">Check by: {rung.check}</p>
        {faults.length > 0 && (
          <div className="grid max-w-md grid-cols-2 gap-2">
            {faults.slice(0, 2).map((fault) => (
              <FaultPicture key={fault.kind} fault={fault} mirrored={mirrored} className="h-20" />
            ))}
          </div>
        )}
      </div>
    </div>
  );
}

/** The rungs tried so far. */
function TriedSoFar({ trials, clean, library }: { trials: Climb['trials']; clean: boolean[]; library: Library }) {
  return (
    <>
      {trials.length > 0 && (
        <ol aria-label="Tried so far" className="flex flex-wrap gap-1.5 text-sm">
          {trials.map((trial, index) => {
            // Not told yet while the next step is asked for.
            const good = clean[index];
            return (
              <li
                key={trial.rung}
                className={cx(
                  'rounded-sm border px-2 py-0.5',
                  good === undefined ? 'border-rail text-ink2' : good ? 'border-fern text-fern' : 'border-ochre text-ochre',
                )}
              >
                {good === undefined ? '·' : good ? '✓' : '×'}{' '}
                <span className="font-mono">{library.rungs.get(trial.rung)?.heightText}</span>{' '}
                {library.rungs.get(trial.rung)?.shortName}
              </li>
            );
          })}
        </ol>
      )}
    </>
  );
}
