import { toast } from '@/ui/notice';
import { ConflictDialog } from '@/editor/ConflictDialog';
import { AddExercise } from './AddExercise';
import { withFreshIds } from './draft';
import { FitDialog } from './FitDialog';
import { OrderDialog } from './OrderDialog';
import { StartDialog } from './StartDialog';
import { TextDialog } from './TextDialog';
import { useComposing } from './useComposer';

/** What opens over the composer. */
export function ComposerDialogs() {
  const {
    id,
    person,
    draft,
    preview,
    fit,
    items,
    change,
    open,
    setOpen,
    swapping,
    setSwapping,
    lines,
    setLines,
    onStart,
    nameOf,
    nextDoses,
    saving,
  } = useComposing();
  return (
    <>
      <AddExercise
        person={person.id}
        open={open === 'add' || swapping !== null}
        near={swapping === null ? null : (items.find((item) => item.id === swapping)?.rung ?? null)}
        onClose={() => {
          setOpen(null);
          setSwapping(null);
        }}
        doseOf={(rung) => nextDoses.data?.doses.find((next) => next.rung === rung.slug)?.dose ?? rung.dose}
        onAdd={(rung, dose) => change(swapping === null ? { do: 'add', rung, dose } : { do: 'swap', item: swapping, rung, dose })}
      />
      <FitDialog
        fit={open === 'fit' ? fit : null}
        target={preview.targetText}
        onClose={() => setOpen(null)}
        onTake={(blocks, steps) => {
          change({ do: 'blocks', blocks });
          setOpen(null);
          toast(steps === 1 ? 'One step taken.' : `${steps} steps taken.`, {
            action: { label: 'Take back', onClick: () => change({ do: 'undo' }) },
          });
        }}
      />
      <OrderDialog
        person={person.id}
        blocks={draft.blocks}
        open={open === 'order'}
        onClose={() => setOpen(null)}
        onTake={(taken) => {
          change({ do: 'blocks', blocks: taken.blocks });
          setOpen(null);
        }}
      />
      <StartDialog
        person={person.id}
        open={open === 'start'}
        onClose={() => setOpen(null)}
        onStart={(start) => {
          setOpen(null);
          onStart(start);
        }}
      />
      <TextDialog
        person={person.id}
        session={id}
        start={lines?.text ?? null}
        pasted={lines?.pasted ?? false}
        onClose={() => setLines(null)}
        onTake={(read, how) => {
          if (how === 'added') change({ do: 'append', blocks: read.blocks });
          else change({ do: 'blocks', blocks: withFreshIds(read.blocks), title: read.title });
          setLines(null);
        }}
      />
      <ConflictDialog
        mine={{
          title: draft.title,
          lines: items.map((item) => `${nameOf(item.id, item.rung)}: ${item.dose}`),
        }}
        theirs={
          saving.theirs && {
            title: saving.theirs.title,
            lines: saving.theirs.preview.blocks.flatMap((block) => block.items.map((item) => `${item.name}: ${item.dose}`)),
          }
        }
        onMine={saving.keepMine}
        onTheirs={saving.takeTheirs}
      />
    </>
  );
}
