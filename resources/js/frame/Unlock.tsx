import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type FormEvent } from 'react';
import { keepers, TRIES, unlock } from '@/offline/code';
import { useKeeping, useReach } from '@/offline/kept';
import type { Keeper } from '@/offline/store';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';

/** Asks for the device code and opens what is kept here; says what came of it. */
export function CodeForm({ keeper, action, onOpen }: { keeper: Keeper; action: string; onOpen: () => void }) {
  const [problem, setProblem] = useState<string | undefined>();
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    setBusy(true);
    const found = await unlock(keeper.id, formText(form)('code'));
    setBusy(false);
    if (found === 'open') return onOpen();
    form.reset();
    setProblem(
      found === 'wiped'
        ? `That was the ${TRIES}th wrong code: what was kept here is wiped. Nothing of it is lost with the server.`
        : 'This is not the code of this device. After ten wrong ones what is kept here is wiped.',
    );
  };
  return (
    <form onSubmit={(event) => void submit(event)} className="flex flex-wrap items-end gap-3">
      <TextField
        label={`Device code of ${keeper.name}`}
        name="code"
        type="password"
        inputMode="numeric"
        autoComplete="off"
        required
        problem={problem}
      />
      <Button look="next" type="submit" disabled={busy}>
        {busy ? 'Opening …' : action}
      </Button>
    </form>
  );
}

/** Over a page that cannot be read without a network, where what is kept here is locked. */
export function UnlockStrip({ owner }: { owner: string }) {
  const { away } = useReach();
  const keeping = useKeeping(owner);
  const client = useQueryClient();
  if (!away || !keeping?.keeper || keeping.unlocked) return null;
  return (
    <section aria-label="Kept on this device" className="grid gap-2 border-b border-ochre bg-sheet px-4 py-3 print:hidden">
      <p role="status">The server cannot be reached. What is kept on this device is locked.</p>
      <CodeForm keeper={keeping.keeper} action="Open what is kept" onOpen={() => void client.invalidateQueries()} />
    </section>
  );
}

/** The server cannot be reached and nobody is known yet: what is kept on this device opens by its code. */
export function Unlock({ sentence, onOpen }: { sentence: string; onOpen: () => void }) {
  const [found, setFound] = useState<Keeper[] | null>(null);
  useEffect(() => void keepers().then(setFound), []);
  return (
    <main className="mx-auto grid w-full max-w-xl content-start gap-5 p-6">
      <h1 className="text-3xl">Even Rungs</h1>
      <p role="status">{sentence}</p>
      {found?.map((keeper) => (
        <section key={keeper.id} className="grid gap-3 rounded-lg border border-hairline bg-sheet p-4">
          <h2 className="text-xl">Kept on this device</h2>
          <CodeForm keeper={keeper} action="Open what is kept" onOpen={onOpen} />
        </section>
      ))}
      {found?.length === 0 && (
        <p>
          Nothing is kept on this device. With a network, the bench offers to keep today’s people here, so that you can coach them
          without one.
        </p>
      )}
      <Button className="justify-self-start" onClick={onOpen}>
        Try again
      </Button>
    </main>
  );
}
