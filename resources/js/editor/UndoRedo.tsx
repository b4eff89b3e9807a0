import { Button } from '@/ui/Button';

interface Undoing {
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
}

/** The last change taken back, and made again. */
export function UndoRedo({ doing }: { doing: Undoing }) {
  return (
    <>
      <Button look="quiet" disabled={!doing.canUndo} onClick={doing.undo} hotkey="U">
        undo
      </Button>
      <Button look="quiet" disabled={!doing.canRedo} onClick={doing.redo} hotkey="R">
        redo
      </Button>
    </>
  );
}
