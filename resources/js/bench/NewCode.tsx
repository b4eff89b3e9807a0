import { useState, type FormEvent } from 'react';
import { SHORTEST } from '@/offline/code';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';

/** Asks for the code that what is kept on this device is encrypted under. */
export function NewCode({ onClose, onCode }: { onClose: () => void; onCode: (code: string) => Promise<void> }) {
  const [problem, setProblem] = useState<{ code?: string; again?: string }>({});
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const of = formText(event.currentTarget);
    if (of('code').length < SHORTEST) return setProblem({ code: `At least ${SHORTEST} figures or letters.` });
    if (of('code') !== of('again')) return setProblem({ again: 'This is not the same code.' });
    setBusy(true);
    await onCode(of('code'));
    setBusy(false);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="A code for this device">
      <p>
        What is kept about people is encrypted under it. It never leaves this device and cannot be looked up: forgotten, it is
        kept anew under another one. The device locks after a quarter of an hour without a touch.
      </p>
      <form onSubmit={(event) => void submit(event)} className="grid gap-4">
        <TextField
          label={`Device code, ${SHORTEST} figures or more`}
          name="code"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          required
          problem={problem.code}
        />
        <TextField
          label="The same once more"
          name="again"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          required
          problem={problem.again}
        />
        <div className="flex gap-3">
          <Button look="next" type="submit" disabled={busy}>
            {busy ? 'Keeping …' : 'Keep today’s people here'}
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </div>
      </form>
    </Dialog>
  );
}
