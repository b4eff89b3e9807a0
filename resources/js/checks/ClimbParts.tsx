import type { Schemas } from '@/api/client';
import { FaultPicture } from '@/figure/FaultPicture';
import { RungFigure, useFaults, useFigure } from '@/figure/RungFigure';
import type { Library } from '@/frame/useLibrary';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import type { Climb } from './climb';

/** Where the climb ended: the working rung, and why. */
export function Outcome({
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
            {climb.then[0] ? `Keep, then the ${climb.then[0]} side` : 'Keep the result'}
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
export function LostQuestions({
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
export function TrialCard({
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
export function TriedSoFar({ trials, clean, library }: { trials: Climb['trials']; clean: boolean[]; library: Library }) {
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
