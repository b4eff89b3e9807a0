import { useState } from 'react';
import { Link } from 'react-router';
import { http, type Refusal } from '@/api/client';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { GuestPage } from './GuestPage';
import { withHoldingToken } from './signingIn';

/** Asks for a link by mail; says the same whether or not the address has an account. */
export function Forgotten() {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const ask = async (form: HTMLFormElement) => {
    const email = formText(form)('email');
    setBusy(true);
    const refused = await withHoldingToken(async () => (await http.POST('/api/forgotten', { body: { email } })).error ?? null);
    setBusy(false);
    setRefusal(refused);
    if (!refused) setAsked(email);
  };
  return (
    <GuestPage title="A new password" refusal={refusal} onSubmit={ask}>
      {asked === null ? (
        <>
          <TextField
            label="Your e-mail"
            name="email"
            type="email"
            autoComplete="username"
            required
            problem={refusal?.fields['email']?.[0]}
          />
          <Button look="next" type="submit" hotkey="Enter" disabled={busy}>
            Send me a link
          </Button>
        </>
      ) : (
        <p role="status">
          If {asked} has an account, a link is on its way. It holds for an hour, and once. Nothing there? Look among what your
          mail takes for advertising, or ask the owner of the practice.
        </p>
      )}
      <Link to="/sign-in" className="underline decoration-hairline underline-offset-4">
        Back to signing in
      </Link>
    </GuestPage>
  );
}
