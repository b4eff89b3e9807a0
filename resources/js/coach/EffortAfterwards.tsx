import { useState } from 'react';
import type { Schemas } from '@/api/client';
import type { SetLog, Told } from '@/offline/told';
import type { Step } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { Scale } from '@/ui/Scale';
import { wayAt } from './course';

/** The sets that were told of an exercise done in one way, the last at the end. */
const setsOf = (steps: Step[], told: Told, { item, way }: Step): SetLog[] =>
  steps
    .filter((step) => step.item === item && step.way === way)
    .flatMap(({ set }) => told.sets.filter((log) => log.item === item && log.set === set));

const effortOf = (sets: SetLog[]): number | null => sets.findLast(({ effort }) => effort !== null)?.effort ?? null;

/** The button that opened it is gone: the keyboard goes on at the first answer. */
const toFirst = (group: HTMLElement | null) => group?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();

/** Effort that nobody told at the checks, once for each exercise: it is kept with its last set. */
export function EffortAfterwards({
  sheet,
  steps,
  told,
  onTell,
}: {
  sheet: Schemas['CueSheetView'];
  steps: Step[];
  told: Told;
  onTell: (log: SetLog) => void;
}) {
  // Those that were asked stay, so that a wrong press can be told anew.
  const [asked, ask] = useState<Step[] | null>(null);
  const done = steps.filter(
    (step, at) =>
      steps.findIndex(({ item, way }) => item === step.item && way === step.way) === at && setsOf(steps, told, step).length > 0,
  );
  const open = done.filter((step) => effortOf(setsOf(steps, told, step)) === null);
  if (asked === null && open.length === 0) return null;
  if (asked === null)
    return (
      <p className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <span className="min-w-60 flex-1">
          {open.length === done.length
            ? 'No effort was told. Without it nothing climbs, and the load of the day stays unknown.'
            : `Of ${open.length} of ${done.length} exercises no effort was told: without it they do not climb.`}
        </span>
        <Button look="floor" onClick={() => ask(open)}>
          Tell the effort
        </Button>
      </p>
    );
  return (
    <div ref={toFirst} role="group" aria-label="Effort of the hardest set" className="grid gap-3">
      <p className="font-semibold">
        Effort of the hardest set, 0 to 10 <span className="font-normal text-ink2">It can be left open.</span>
      </p>
      {asked.map((step) => {
        const way = wayAt(sheet, step);
        const sets = setsOf(steps, told, step);
        const last = sets.at(-1);
        if (!way || !last) return null;
        return (
          <fieldset key={`${step.item} ${step.way}`}>
            <legend className="mb-1">
              {way.name}
              {way.lastEffort !== null && <span className="text-ink2"> · last {way.lastEffort}</span>}
            </legend>
            <Scale
              name={`${way.name}: effort`}
              value={effortOf(sets)}
              last={way.lastEffort}
              onChange={(effort) => onTell({ ...last, effort })}
            />
          </fieldset>
        );
      })}
    </div>
  );
}
