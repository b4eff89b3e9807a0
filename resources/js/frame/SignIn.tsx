import { useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Refusal } from '@/api/client';
import { lock } from '@/offline/code';
import { setTrainer } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { formText } from '@/ui/formText';
import { TextField } from '@/ui/Field';
import { Logo } from './Logo';
import { afterwards, signIn } from './signingIn';

export function SignIn() {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const client = useQueryClient();

  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const text = formText(event.currentTarget);
    setBusy(true);
    const refused = await signIn(text('email'), text('password'));
    setBusy(false);
    if (refused) return setRefusal(refused);
    // Whoever was here before may have been somebody else.
    setTrainer('');
    lock();
    client.clear();
    await navigate(afterwards(search), { replace: true });
  };

  return (
    <main className="grid min-h-dvh place-items-center p-6">
      <form
        onSubmit={(event) => void submit(event)}
        className="grid w-full max-w-sm gap-5 rounded-lg border border-hairline bg-sheet p-7"
      >
        <div className="flex items-center gap-3">
          <Logo />
          <h1 className="text-2xl">Even Rungs</h1>
        </div>
        <p className="text-ink2">The desk for core training: the right rung for each person, and why.</p>
        {refusal && (
          <p role="alert" className="rounded-md border border-rowan p-3 font-semibold text-rowan">
            {refusal.fields['email']?.[0] ?? refusal.sentence}
          </p>
        )}
        <TextField label="E-mail" name="email" type="email" autoComplete="username" required />
        <TextField label="Password" name="password" type="password" autoComplete="current-password" required />
        <Button look="next" type="submit" hotkey="Enter" disabled={busy}>
          Sign in
        </Button>
      </form>
    </main>
  );
}
