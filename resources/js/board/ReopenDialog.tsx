import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import type { Jump } from './usePlacing';

/** A ladder stopped after pain is opened again for a reason, which is kept with the move. */
export function ReopenDialog({
  person,
  rung,
  problem,
  onClose,
  onReopen,
}: {
  person: string;
  rung: string;
  problem: string | null;
  onClose: () => void;
  /** Says whether it was opened: the reason is there until then. */
  onReopen: (reason: string) => Promise<boolean>;
}) {
  const texts = useTexts(`reopen ${person} ${rung}`, { reason: '' });
  const reopen = async () => {
    const reason = texts.of('reason').trim();
    if (reason !== '' && (await onReopen(reason))) texts.saved();
  };
  return (
    <Dialog open onClose={onClose} title="Reopen this ladder">
      <p>
        It was stopped after pain. Say why it is opened again; the reason is kept with the move. Local rules and the advice of a
        licensed professional come first.
      </p>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void reopen();
        }}
      >
        <TextField
          label="Reason"
          {...texts.field('reason')}
          problem={problem ?? undefined}
          required
          maxLength={300}
          autoComplete="off"
        />
        <div>
          <Button look="next" type="submit" hotkey="Enter">
            Reopen and place
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

/** A rung far above what was clean: asked about once, with the reason. */
export function JumpDialog({ jump, onClose, onPlace }: { jump: Jump | null; onClose: () => void; onPlace: () => void }) {
  return (
    <Dialog open={jump !== null} onClose={onClose} title="So far up at once?">
      <p>{jump?.sentence}</p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={onClose}>Stay below</Button>
        <Button onClick={onPlace}>Place there</Button>
      </div>
    </Dialog>
  );
}
