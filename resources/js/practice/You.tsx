import { useState, type FormEvent } from 'react';
import { http, type Refusal, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { useRefresh } from '@/frame/usePerson';
import { LEAST } from '@/frame/signingIn';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { toast } from '@/ui/notice';
import { SecondStep } from './SecondStep';

/** Name and password of who is signed in. */
export function You({ me }: { me: Schemas['MeView'] }) {
  return (
    <section aria-labelledby="you" className="grid gap-4 border-t border-hairline pt-5">
      <h2 id="you" className="text-xl">
        You
      </h2>
      <div className="grid items-start gap-6 md:grid-cols-2">
        <Name me={me} />
        <Password email={me.email} />
        <div className="md:col-span-2">
          <SecondStep me={me} />
        </div>
      </div>
    </section>
  );
}

function Name({ me }: { me: Schemas['MeView'] }) {
  const refresh = useRefresh();
  const texts = useTexts('own-name', { name: me.name });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const save = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const name = texts.of('name');
    setBusy(true);
    const { error } = await http.PUT('/api/me', { body: { name } });
    setBusy(false);
    setRefusal(error ?? null);
    if (error) return;
    texts.saved({ name });
    toast('Your name is kept.');
    await refresh();
  };
  return (
    <form onSubmit={(event) => void save(event)} className="grid gap-4 rounded-lg border border-hairline bg-sheet p-4">
      <p>
        Signed in as <strong>{me.email}</strong>, {me.role === 'owner' ? 'owner of the practice' : me.role}.
      </p>
      <TextField
        label="Your name"
        {...texts.field('name')}
        autoComplete="name"
        maxLength={120}
        required
        hint="As it stands beside what you decide."
        problem={refusal ? (refusal.fields['name']?.[0] ?? refusal.sentence) : undefined}
      />
      <div>
        <Button type="submit" disabled={busy}>
          Keep this name
        </Button>
      </div>
    </form>
  );
}

function Password({ email }: { email: string }) {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const save = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const of = formText(form);
    setBusy(true);
    const { error } = await http.PUT('/api/me/password', { body: { current: of('current'), password: of('password') } });
    setBusy(false);
    setRefusal(error ?? null);
    if (error) return;
    form.reset();
    toast('Your password is changed. Wherever else you were signed in, that has ended.');
  };
  return (
    <form onSubmit={(event) => void save(event)} className="grid gap-4 rounded-lg border border-hairline bg-sheet p-4">
      <input type="hidden" name="email" autoComplete="username" value={email} readOnly />
      <TextField
        label="Present password"
        name="current"
        type="password"
        autoComplete="current-password"
        required
        problem={
          refusal ? (refusal.fields['current']?.[0] ?? (refusal.fields['password'] ? undefined : refusal.sentence)) : undefined
        }
      />
      <TextField
        label="New password"
        name="password"
        type="password"
        autoComplete="new-password"
        required
        hint={`At least ${LEAST} characters. Other devices are signed out by it.`}
        problem={refusal?.fields['password']?.[0]}
      />
      <div>
        <Button type="submit" disabled={busy}>
          Change the password
        </Button>
      </div>
    </form>
  );
}
