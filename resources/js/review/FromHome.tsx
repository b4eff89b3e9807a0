import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { Words, type Say } from '@/frame/Words';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { toast } from '@/ui/notice';

type Notes = Schemas['HomeNotesView'];
type Note = Schemas['HomeNoteView'];

const about = {
  link: 'a link',
  stage: 'what is new on the sheet',
  training: 'the reminder of a training day',
  morning: 'the question of the morning after',
  're-test': 'that it is time to test again',
  quiet: 'that nothing came back',
  urgent: 'that something is to be looked at first',
  answer: 'that you wrote',
} as const;

/** What came from home and waits, with room for a few words back; and what did not arrive. */
export function FromHome({ person, name }: { person: string; name: string }) {
  const ask = { params: { path: { person } } };
  const notes = api.useQuery('get', '/api/people/{person}/home-notes', ask);
  const client = useQueryClient();
  const refresh = useRefresh();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [isWriting, setWriting] = useState(false);
  if (!notes.data) return null;
  const take = async (asked: Promise<{ data?: Notes; error?: Refusal }>, said: string): Promise<boolean> => {
    setBusy(true);
    const { data, error } = await asked;
    setBusy(false);
    setProblem(error ? `${sentenceOf(error)} What you wrote stays here.` : null);
    if (!data) return false;
    client.setQueryData(api.queryOptions('get', '/api/people/{person}/home-notes', ask).queryKey, data);
    toast(said);
    await refresh();
    return true;
  };
  const settle = (note: string, text: string) =>
    take(
      http.POST('/api/people/{person}/home-notes/{note}/settle', { params: { path: { person, note } }, body: { text } }),
      text === '' ? 'Seen to.' : `${name} reads it at the next opening.`,
    );
  const write = (text: string, say: Say) =>
    take(
      say((id) => http.POST('/api/people/{person}/home-notes', { ...ask, body: { id, text } })),
      `${name} reads it at the next opening.`,
    );
  const waiting = notes.data.notes.filter(({ isWaiting }) => isWaiting);
  const before = notes.data.notes.filter(({ isWaiting }) => !isWaiting);
  const { quiet, undelivered } = notes.data;
  if (waiting.length + before.length + undelivered.length === 0 && quiet === null) return null;
  return (
    <section aria-labelledby="from-home" className="mb-4 grid gap-3">
      <h2 id="from-home" className="text-xl">
        From home
      </h2>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {waiting.map((note) => (
        <Waiting key={note.id} person={person} name={name} note={note} busy={busy} onSettle={(text) => settle(note.id, text)} />
      ))}
      {undelivered.map((message) => (
        <p key={message.id} className="flex flex-wrap items-baseline gap-3 border-l-4 border-ochre bg-sheet p-3">
          <span>
            {message.way === 'mail' ? 'A mail' : 'A text'} did not arrive ({about[message.kind]}, {day(message.on)}). Is the
            address right?
          </span>
          <Button
            look="quiet"
            disabled={busy}
            onClick={() =>
              void take(
                http.POST('/api/people/{person}/home-messages/{message}/settle', {
                  params: { path: { person, message: message.id } },
                }),
                'Seen to.',
              )
            }
          >
            seen to
          </Button>
        </p>
      ))}
      {quiet && <p className="border-l-4 border-ochre bg-sheet p-3">{quiet} A few words may bring it back, or a call.</p>}
      {isWriting || quiet ? (
        <Words
          key="write"
          about={`home ${person}`}
          label={`A few words to ${name}`}
          busy={busy}
          action="Send it"
          onSend={async (text, say) => {
            const isSent = await write(text, say);
            if (isSent) setWriting(false);
            return isSent;
          }}
        />
      ) : (
        waiting.length === 0 && (
          <Button look="quiet" className="justify-self-start" onClick={() => setWriting(true)}>
            write to {name}
          </Button>
        )
      )}
      {before.length > 0 && (
        <details>
          <summary className="cursor-pointer text-ink2">What was said before</summary>
          <ul className="mt-2 grid gap-1.5">
            {before.map((note) => (
              <li key={note.id} className="text-sm">
                <span className="text-ink2">
                  {day(note.on)}, {note.kind === 'answer' ? `to ${name}${note.isSeen ? '' : ', not read yet'}` : `from ${name}`}:
                </span>{' '}
                {[note.putOff, note.text].filter(Boolean).join(' ')}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function Waiting({
  person,
  name,
  note,
  busy,
  onSettle,
}: {
  person: string;
  name: string;
  note: Note;
  busy: boolean;
  onSettle: (text: string) => Promise<boolean>;
}) {
  return (
    <article className="grid gap-2 border-l-4 border-ochre bg-sheet p-3">
      <p className="text-sm text-ink2">
        {note.putOff === null ? `${name} wrote` : 'Not on this day'}, {day(note.on)}
      </p>
      {note.putOff && <p className="font-semibold">{note.putOff}</p>}
      {note.text && <p className="whitespace-pre-line">{note.text}</p>}
      {note.isAskedAbout && (
        <p>
          Ask how {name} is before another day is found. What hurts is told in a session or asked here; a danger sign closes
          training until a licensed professional has looked.
        </p>
      )}
      {note.putOff !== null && (
        <Link to={`/people/${person}/week`} className="justify-self-start underline underline-offset-4">
          Find another day
        </Link>
      )}
      <Words
        about={`note ${note.id}`}
        label={`A few words to ${name}`}
        busy={busy}
        action="Answer"
        onSend={onSettle}
        none="Seen, no answer"
      />
    </article>
  );
}
