import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { sentenceOf, type Refusal } from '@/api/client';
import { lock } from '@/offline/code';
import { setTrainer } from '@/offline/trainer';
import { Button } from '@/ui/Button';
import { formText } from '@/ui/formText';
import { TextField } from '@/ui/Field';
import { GuestPage } from './GuestPage';
import { useSecondCode } from './SecondCode';
import { afterwards, signIn } from './signingIn';

export function SignIn() {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const client = useQueryClient();
  const second = useSecondCode(refusal);

  const submit = async (form: HTMLFormElement) => {
    const text = formText(form);
    setBusy(true);
    const refused = await signIn(text('email'), text('password'), text('code') || null);
    setBusy(false);
    if (refused) return setRefusal(refused);
    // Whoever was here before may have been somebody else.
    setTrainer('');
    lock();
    client.clear();
    await navigate(afterwards(search), { replace: true });
  };

  return (
    <GuestPage
      title="Even Rungs"
      refusal={second.told && { ...second.told, sentence: sentenceOf(second.told), fields: {} }}
      onSubmit={submit}
    >
      <p className="text-ink2">The desk for core training: the right rung for each person, and why.</p>
      {search.has('ended') && !refusal && (
        <p role="alert" className="rounded-md border border-rowan p-3 font-semibold text-rowan">
          Your access to this practice was ended. What this device kept of it is let go of.
        </p>
      )}
      <TextField label="E-mail" name="email" type="email" autoComplete="username" required />
      <TextField label="Password" name="password" type="password" autoComplete="current-password" required />
      {second.field}
      <Button look="next" type="submit" hotkey="Enter" disabled={busy}>
        Sign in
      </Button>
      <Link to="/forgotten" className="underline decoration-hairline underline-offset-4">
        Forgotten the password?
      </Link>
    </GuestPage>
  );
}
