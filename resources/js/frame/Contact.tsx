import { useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { TextField } from '@/ui/Field';

type View = Schemas['ContactView'];

/** How somebody agreed to be written to; and the link, sent in these ways. */
export function Contact({ person, name, busy, onSend }: { person: string; name: string; busy: boolean; onSend: () => void }) {
  const ask = { params: { path: { person } } };
  const contact = api.useQuery('get', '/api/people/{person}/contact', ask);
  const client = useQueryClient();
  const [editing, setEditing] = useState(false);
  const { data } = contact;
  if (!data) return null;
  const isWritten = data.endedOn === null && (data.byMail || data.byText);
  const ways = [data.byMail && `mail to ${data.mail ?? ''}`, data.byText && `text to ${data.phone ?? ''}`]
    .filter(Boolean)
    .join(' and ');
  return (
    <section aria-label="Messages" className="grid gap-3 border-t border-hairline pt-4">
      <p>
        {data.endedOn !== null
          ? `${name} ended messages on ${day(data.endedOn)}. They begin again once ${name} agrees anew.`
          : isWritten
            ? `${name} agreed on ${day(data.agreedOn ?? '')} to ${ways}.`
            : `${name} gets no messages: nobody is written to without having agreed.`}
        {data.lastSent && ` Last sent ${day(data.lastSent.slice(0, 10))} ${data.lastSent.slice(11)}.`}
      </p>
      {editing ? (
        <Form
          person={person}
          name={name}
          contact={data}
          onSaved={(next) => {
            client.setQueryData(api.queryOptions('get', '/api/people/{person}/contact', ask).queryKey, next);
            setEditing(false);
          }}
          onBack={() => setEditing(false)}
        />
      ) : (
        <div className="flex flex-wrap items-center gap-3">
          {isWritten && (
            <Button disabled={busy} onClick={onSend}>
              Send a link
            </Button>
          )}
          <Button look="quiet" onClick={() => setEditing(true)}>
            {isWritten ? 'change how' : 'note how they agree to be written to'}
          </Button>
        </div>
      )}
    </section>
  );
}

function Form({
  person,
  name,
  contact,
  onSaved,
  onBack,
}: {
  person: string;
  name: string;
  contact: View;
  onSaved: (next: View) => void;
  onBack: () => void;
}) {
  const texts = useTexts(`contact ${person}`, { mail: contact.mail ?? '', phone: contact.phone ?? '' });
  const [ticked, setTicked] = useState({
    byMail: contact.byMail,
    byText: contact.byText,
    reminders: contact.reminders,
    mornings: contact.mornings,
    agreed: contact.endedOn === null && contact.agreedOn !== null,
  });
  const [fields, setFields] = useState<Partial<Record<string, string[]>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const tick = (key: keyof typeof ticked, label: string) => (
    <label className="flex min-h-9 items-center gap-3">
      <input
        type="checkbox"
        className="size-5 accent-rowan"
        checked={ticked[key]}
        onChange={(event) => setTicked({ ...ticked, [key]: event.target.checked })}
      />
      {label}
    </label>
  );
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const { data, error } = await http.PUT('/api/people/{person}/contact', {
      params: { path: { person } },
      body: { version: contact.version, mail: texts.of('mail').trim(), phone: texts.of('phone').trim(), ...ticked },
    });
    setBusy(false);
    setFields(error?.fields ?? {});
    if (error) return setProblem(sentenceOf(error));
    texts.saved();
    onSaved(data);
  };
  return (
    <form onSubmit={(event) => void save(event)} className="grid gap-1">
      {tick('byMail', 'by mail')}
      {ticked.byMail && <TextField label="Mail address" type="email" problem={fields.mail?.[0]} {...texts.field('mail')} />}
      {contact.hasTexts && tick('byText', 'by text message')}
      {ticked.byText && <TextField label="Telephone" type="tel" problem={fields.phone?.[0]} {...texts.field('phone')} />}
      {tick('reminders', 'a reminder on training days')}
      {tick('mornings', 'the question of the morning after')}
      {tick('agreed', `${name} agreed to this`)}
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {fields.agreed?.[0] ?? problem}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        <Button look="next" type="submit" disabled={busy}>
          Save
        </Button>
        <Button onClick={onBack}>Back</Button>
      </div>
    </form>
  );
}
