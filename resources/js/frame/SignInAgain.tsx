import { useEffect, useRef, useState, type FormEvent } from 'react';
import { onSignedOut, type Refusal } from '@/api/client';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { useSecondCode } from './SecondCode';
import { signIn } from './signingIn';

type Answer = (isIn: boolean) => void;

/** Over the page, when the sign-in has run out: what was being done waits, and goes on. */
export function SignInAgain({ email }: { email: string }) {
  // What waits, also what comes while the password is on its way.
  const waiting = useRef<Answer[]>([]);
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const { told, field } = useSecondCode(refusal);
  useEffect(() => {
    onSignedOut(
      () =>
        new Promise<boolean>((answer) => {
          waiting.current.push(answer);
          setOpen(true);
        }),
    );
    return () => onSignedOut(null);
  }, []);

  const finish = (isIn: boolean) => {
    const answers = waiting.current;
    waiting.current = [];
    setOpen(false);
    answers.forEach((answer) => answer(isIn));
    setRefusal(null);
  };
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    const of = formText(event.currentTarget);
    const refused = await signIn(email, of('password'), of('code') || null);
    setBusy(false);
    if (refused) setRefusal(refused);
    else finish(true);
  };
  return (
    <Dialog open={open} onClose={() => finish(false)} title="Sign in again">
      <p>You have been signed out. What you entered is still here: sign in, and it goes on where it was.</p>
      <form onSubmit={(event) => void submit(event)} className="grid gap-4">
        <input type="hidden" name="email" autoComplete="username" value={email} readOnly />
        <TextField
          label={`Password of ${email}`}
          name="password"
          type="password"
          autoComplete="current-password"
          required
          problem={told ? (told.fields['email']?.[0] ?? told.sentence) : undefined}
        />
        {field}
        <div className="flex flex-wrap items-center gap-4">
          <Button look="next" type="submit" disabled={busy}>
            Sign in and go on
          </Button>
          <a href="/sign-in" className="underline underline-offset-4">
            somebody else signs in
          </a>
        </div>
      </form>
    </Dialog>
  );
}
