import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import type { Block } from './draft';

/** Steps that bring a session inside its minutes, least harm first; taken all, or as far as the trainer likes. */
export function FitDialog({
  fit,
  target,
  onClose,
  onTake,
}: {
  fit: Schemas['FitView'] | null;
  target: string;
  onClose: () => void;
  onTake: (blocks: Block[], steps: number) => void;
}) {
  const steps = fit?.steps ?? [];
  const last = steps.at(-1);
  const start = (last?.totalSeconds ?? 0) + steps.reduce((sum, step) => sum + step.savedSeconds, 0);
  return (
    <Dialog open={fit !== null} onClose={onClose} title="Fit to time">
      <p>{fit?.sentence}</p>
      <div className="flex flex-wrap gap-3">
        {last && (
          // The dialog opens with the keyboard on it: one press takes everything.
          // oxlint-disable-next-line jsx-a11y/no-autofocus
          <Button look="next" autoFocus onClick={() => onTake(last.blocks, steps.length)}>
            {steps.length === 1 ? 'Take it' : `Take all ${steps.length}`}
          </Button>
        )}
        <Button hotkey="Esc" onClick={onClose}>
          Leave it as it is
        </Button>
      </div>
      {steps.length > 0 && (
        <ol className="grid gap-2">
          {steps.map((step, index) => (
            <li key={index} className="grid grid-cols-[1fr_auto] items-start gap-x-4 gap-y-1 border-t border-hairline pt-2">
              <p>
                <span className="mr-2 font-mono text-ink3">{index + 1}</span>
                {step.reason.sentence}
              </p>
              <p className="text-right font-mono">
                {step.totalText} <span className="text-ink3">of {target}</span>
              </p>
              <dl className="col-span-2 grid grid-cols-[auto_1fr] gap-x-3 pl-6 text-sm text-ink2">
                {step.reason.inputs
                  .filter((input) => !['saves', 'then'].includes(input.name))
                  .map((input) => (
                    <div key={input.name} className="contents">
                      <dt className="text-ink3">{input.name}</dt>
                      <dd>{input.value}</dd>
                    </div>
                  ))}
              </dl>
              <div className="col-span-2 flex items-center gap-3 pl-6">
                <span
                  aria-hidden="true"
                  className="h-2 rounded-sm bg-ink"
                  style={{ width: `${start > 0 ? (step.totalSeconds / start) * 60 : 0}%` }}
                />
                {index < steps.length - 1 && (
                  <Button look="quiet" className="text-sm" onClick={() => onTake(step.blocks, index + 1)}>
                    {index === 0 ? 'only this' : 'up to here'}
                  </Button>
                )}
              </div>
            </li>
          ))}
        </ol>
      )}
    </Dialog>
  );
}
