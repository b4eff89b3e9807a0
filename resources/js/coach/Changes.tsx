import { useState } from 'react';
import type { Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import type { Step } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { alsoNext, nameOf, wayAt, waysOf } from './course';
import type { useCourse } from './useCourse';

type Course = ReturnType<typeof useCourse>;

/** So much rest is added at once, in seconds. */
const MORE_REST = 15;

/** What can be changed while it runs: an easier version, another exercise first, more rest, the set once more. */
export function Changes({
  sheet,
  course,
  redoSet,
}: {
  sheet: Schemas['CueSheetView'];
  course: Course;
  /** takes the set at hand, or the one before, from its start */
  redoSet: () => void;
}) {
  const [open, setOpen] = useState<'easier' | 'order' | null>(null);
  const { steps, here, next, working } = course;
  const step = steps[here];
  const upcoming = steps[next];
  const others = alsoNext(steps, next);
  const toggle = (panel: 'easier' | 'order') => setOpen(open === panel ? null : panel);
  const more = () => course.press({ do: 'more', seconds: MORE_REST });
  useShortcuts([
    { key: 'e', label: 'easier now', run: () => toggle('easier') },
    { key: 'o', label: 'another exercise first', run: () => toggle('order') },
    { key: '+', label: '15 s more rest', run: () => (working ? undefined : more()) },
    { key: 'r', label: 'the set once more', run: redoSet },
  ]);
  if (!step) return null;
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-2">
        {waysOf(sheet, step.item).length > 1 && (
          <Button look="plain" hotkey="E" className="min-h-11" aria-expanded={open === 'easier'} onClick={() => toggle('easier')}>
            Easier<span className="max-sm:sr-only"> now</span>
          </Button>
        )}
        {others.length > 0 && (
          <Button look="plain" hotkey="O" className="min-h-11" aria-expanded={open === 'order'} onClick={() => toggle('order')}>
            Other order
          </Button>
        )}
        {!working && (
          <Button look="plain" hotkey="+" className="min-h-11" aria-label={`+${MORE_REST} s more rest`} onClick={more}>
            +{MORE_REST} s
          </Button>
        )}
        <Button look="plain" hotkey="R" className="min-h-11" onClick={redoSet}>
          Redo<span className="max-sm:sr-only"> the set</span>
        </Button>
      </div>
      {open === 'easier' && <Easier sheet={sheet} step={step} course={course} onDone={() => setOpen(null)} />}
      {open === 'order' && upcoming && (
        <section aria-label="Another order" className="grid gap-2 rounded-lg border border-rail bg-sheet p-3">
          <p>Before “{wayAt(sheet, upcoming)?.name}”, which comes later then:</p>
          {others.map((other) => (
            <Button
              key={other.item}
              look="plain"
              className="min-h-14 text-left"
              onClick={() => void course.bringForward(other.item).then(() => setOpen(null))}
            >
              {wayAt(sheet, other)?.name}
            </Button>
          ))}
        </section>
      )}
    </div>
  );
}

/** The versions that can take the rest of the sets, and back to what was written. */
function Easier({
  sheet,
  step,
  course,
  onDone,
}: {
  sheet: Schemas['CueSheetView'];
  step: Step;
  course: Course;
  onDone: () => void;
}) {
  const now = wayAt(sheet, step);
  return (
    <section aria-label="Easier now" className="grid gap-2 rounded-lg border border-rail bg-sheet p-3">
      <p>{course.working ? 'From this set on, begun anew' : `From set ${step.set} on`}, logged as what it is:</p>
      {waysOf(sheet, step.item)
        .filter((way) => way !== now)
        .map((way) => (
          <Button
            key={way.key}
            look="plain"
            className="min-h-14 text-left"
            onClick={() => void course.takeOver(step.item, way.key).then(onDone)}
          >
            <span>
              {way.easier ?? `As written: ${way.name}`} <span className="font-normal text-ink2">· {way.doseText}</span>
            </span>
          </Button>
        ))}
    </section>
  );
}

/** The last set was clean and more are written for that case: offered, and passed by pressing nothing. */
export function OnceMore({
  sheet,
  item,
  left,
  onTake,
}: {
  sheet: Schemas['CueSheetView'];
  item: string;
  left: number;
  onTake: () => void;
}) {
  return (
    <section aria-label="One set on top" className="flex flex-wrap items-center gap-3 border-l-4 border-fern bg-sheet p-3">
      <p className="flex-1">
        “{nameOf(sheet, item)}” was clean: {left === 1 ? 'one more set is' : `up to ${left} more sets are`} written for that.
      </p>
      <Button look="floor" className="min-h-11" onClick={onTake}>
        One more set
      </Button>
    </section>
  );
}
