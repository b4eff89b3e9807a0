import { Button } from '@/ui/Button';
import { PARTS } from './draft';
import { useComposing } from './useComposer';

/** What can be done with the session, or with the exercises that are picked. */
export function ComposerTools() {
  const { draft, history, change, chosen, pickNone, toggleCircuit, copy, setOpen, openLines, isCircuit, items } = useComposing();
  return (
    <div className="mt-4 mb-2 flex flex-wrap items-center gap-2">
      {/* First, so that it stays where it is whatever else can be done. */}
      <span className="flex gap-1 border-r border-hairline pr-2">
        <Button look="quiet" disabled={history.past.length === 0} onClick={() => change({ do: 'undo' })}>
          Undo
        </Button>
        <Button look="quiet" disabled={history.future.length === 0} onClick={() => change({ do: 'redo' })}>
          Redo
        </Button>
      </span>
      {chosen.length > 0 ? (
        <div role="toolbar" aria-label="What was picked" className="flex flex-wrap items-center gap-2">
          <strong className="mr-1">{chosen.length} picked</strong>
          <Button hotkey="C" disabled={chosen.length < 2} onClick={toggleCircuit}>
            {chosen.length === 2 ? 'Superset' : 'Circuit'}
          </Button>
          {draft.blocks.some((block) => block.kind === 'circuit' && block.items.some((item) => chosen.includes(item.id))) && (
            <Button onClick={() => change({ do: 'straight', items: chosen })}>Straight sets</Button>
          )}
          {PARTS.map(({ part, label }) => (
            <Button key={part} onClick={() => change({ do: 'part', items: chosen, part })}>
              {label}
            </Button>
          ))}
          <Button onClick={() => void copy(chosen)}>Copy</Button>
          <Button
            onClick={() => {
              change({ do: 'remove', items: chosen });
              pickNone();
            }}
          >
            Take out
          </Button>
          <Button look="quiet" onClick={() => pickNone()}>
            none
          </Button>
        </div>
      ) : (
        <>
          <Button hotkey="A" onClick={() => setOpen('add')}>
            Add
          </Button>
          <Button hotkey="T" onClick={() => void openLines()}>
            Type lines
          </Button>
          <Button hotkey="C" onClick={toggleCircuit} disabled={!isCircuit && draft.blocks.length < 2}>
            {isCircuit ? 'As straight sets' : 'As one circuit'}
          </Button>
          <Button hotkey="O" onClick={() => setOpen('order')} disabled={items.length < 2}>
            Order
          </Button>
          <Button hotkey="N" onClick={() => setOpen('start')}>
            New
          </Button>
        </>
      )}
    </div>
  );
}
