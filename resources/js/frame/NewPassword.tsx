import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { http, type Refusal } from '@/api/client';
import { lock } from '@/offline/code';
import { setTrainer } from '@/offline/trainer';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { GuestPage } from './GuestPage';
import { useSecondCode } from './SecondCode';
import { LEAST, withHoldingToken } from './signingIn';

/** What a link by mail carries; out of the address bar as soon as it is read, so that it lies in no history. */
function useLink(): { email: string; token: string } {
  const [search] = useSearchParams();
  const [link] = useState({ email: search.get('email') ?? '', token: search.get('token') ?? '' });
  useEffect(() => window.history.replaceState(window.history.state, '', location.pathname), []);
  return link;
}

/** Signs in as whoever the link was for. */
function useTaking(take: (form: HTMLFormElement) => Promise<Refusal | null>) {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const client = useQueryClient();
  const submit = async (form: HTMLFormElement) => {
    setBusy(true);
    const refused = await withHoldingToken(() => take(form));
    setBusy(false);
    setRefusal(refused);
    if (refused) return;
    setTrainer('');
    lock();
    client.clear();
    await navigate('/', { replace: true });
  };
  return { refusal, busy, submit };
}

function Password({ email, refusal }: { email: string; refusal: Refusal | null }) {
  return (
    <>
      <input type="hidden" name="email" autoComplete="username" value={email} readOnly />
      <TextField
        label="Password"
        name="password"
        type="password"
        autoComplete="new-password"
        required
        hint={`At least ${LEAST} characters; a few words that nobody says together are better than signs.`}
        problem={refusal?.fields['password']?.[0]}
      />
    </>
  );
}

/** Sets a forgotten password anew. */
export function NewPassword() {
  const link = useLink();
  const { refusal, busy, submit } = useTaking(
    async (form) =>
      (
        await http.POST('/api/password', {
          body: { ...link, password: formText(form)('password'), code: formText(form)('code') || null },
        })
      ).error ?? null,
  );
  const second = useSecondCode(refusal);
  return (
    <GuestPage title="A new password" refusal={second.told} onSubmit={submit}>
      <p className="text-ink2">For {link.email}. Wherever else you are signed in, that ends.</p>
      <Password email={link.email} refusal={refusal} />
      {second.field}
      <Button look="next" type="submit" hotkey="Enter" disabled={busy}>
        Set it, and sign in
      </Button>
    </GuestPage>
  );
}

/** Joins a practice one was invited to. */
export function Join() {
  const link = useLink();
  const { refusal, busy, submit } = useTaking(async (form) => {
    const name = formText(form)('name');
    return (
      (await http.POST('/api/join', { body: { ...link, name, password: formText(form)('password'), code: null } })).error ?? null
    );
  });
  return (
    <GuestPage title="Join" refusal={refusal} onSubmit={submit}>
      <p className="text-ink2">You were invited as {link.email}. Choose your name as the others see it, and a password.</p>
      <TextField
        label="Your name"
        name="name"
        autoComplete="name"
        maxLength={120}
        required
        problem={refusal?.fields['name']?.[0]}
      />
      <Password email={link.email} refusal={refusal} />
      <Button look="next" type="submit" hotkey="Enter" disabled={busy}>
        Join
      </Button>
    </GuestPage>
  );
}
