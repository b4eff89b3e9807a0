import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { MoreLines } from '@/frame/MoreLines';
import { NoteLines } from '@/frame/NoteLines';
import { useMore } from '@/frame/useMore';
import { useRefresh } from '@/frame/usePerson';
import { Words } from '@/frame/Words';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { toast } from '@/ui/notice';
import { toHeadingNext } from '@/ui/toHeading';

type Person = Schemas['PersonView'];
type View = Schemas['ReadersView'];
type Reader = Schemas['ReaderView'];
type Note = Schemas['ReaderNoteView'];
type Part = Reader['parts'][number];

const READERS = '/api/people/{person}/readers';

/** What can be done with readers and their notes; each answers what was refused, or null. */
function useReaders(person: string) {
  const ask = { params: { path: { person } } };
  const readers = api.useQuery('get', READERS, ask);
  const client = useQueryClient();
  const refresh = useRefresh();
  const take = async (asked: Promise<{ data?: View; error?: Refusal }>): Promise<Refusal | null> => {
    const { data, error } = await asked;
    if (data) client.setQueryData(api.queryOptions('get', READERS, ask).queryKey, data);
    if (!error) await refresh();
    return error ?? null;
  };
  const of = (reader: string) => ({ params: { path: { person, reader } } });
  const about = (note: string) => ({ params: { path: { person, note } } });
  return {
    data: readers.data,
    share: (reader: string, parts: Part[], until: string | null) =>
      take(http.PUT('/api/people/{person}/readers/{reader}', { ...of(reader), body: { parts, until } })),
    end: (reader: string) => take(http.DELETE('/api/people/{person}/readers/{reader}', of(reader))),
    write: (reader: string, id: string, text: string) =>
      take(http.POST('/api/people/{person}/readers/{reader}/notes', { ...of(reader), body: { id, text } })),
    mark: (note: string, read: boolean) =>
      take(http.PUT('/api/people/{person}/notes/{note}', { ...about(note), body: { read } })),
    takeBack: (note: string) => take(http.DELETE('/api/people/{person}/notes/{note}', about(note))),
  };
}

/** Says what came of it, with the way back; or why not. */
const tell = (refusal: Refusal | null, sentence: string, label?: string, back?: () => void): void =>
  toast(refusal ? sentenceOf(refusal) : sentence, refusal || !label || !back ? undefined : { action: { label, onClick: back } });

/** Notes of readers that nobody has read: they come before everything else of the person. */
export function UnreadNotes({ person }: { person: Person }) {
  const { data, mark, write } = useReaders(person.id);
  const [busy, setBusy] = useState(false);
  const unread = data?.waiting ?? [];
  if (unread.length === 0) return null;
  const read = async (note: Note): Promise<boolean> => {
    const refusal = await mark(note.id, true);
    tell(refusal, 'The note is read, and stays below “Readers”.', 'Not yet', () => void mark(note.id, false));
    return !refusal;
  };
  return (
    <section aria-labelledby="unread" className="grid gap-3">
      <h2 id="unread" className="text-xl">
        {unread.length === 1 ? 'A note waits' : `${unread.length} notes wait`}
      </h2>
      {unread.map((note) => (
        <article key={note.id} className="grid gap-2 border-l-4 border-ochre bg-sheet p-3">
          <p className="text-sm text-ink2">
            {note.by} wrote, {day(note.on)}
          </p>
          <p className="whitespace-pre-line">{note.text}</p>
          {!person.standing.open && (
            <p className="text-sm text-ink2">It opens nothing by itself: what a clinician clears is recorded below.</p>
          )}
          <Words
            about={`reader ${note.id}`}
            label={`A few words to ${note.by}`}
            busy={busy}
            action="Answer"
            none="Read, no answer"
            onSend={async (text, say) => {
              if (text === '') return read(note);
              setBusy(true);
              let refusal: Refusal | null = null;
              await say(async (id) => ({ error: (refusal = await write(note.reader, id, text)) ?? undefined }));
              setBusy(false);
              tell(refusal, `${note.by} reads it at the next opening.`);
              return !refusal;
            }}
          />
        </article>
      ))}
    </section>
  );
}

/** Who reads along, and what was written. */
export function Readers({ person }: { person: Person }) {
  const readers = useReaders(person.id);
  const isOwner = api.useQuery('get', '/api/me', {}, { retry: false }).data?.role === 'owner';
  const [sharing, setSharing] = useState<Reader | null>(null);
  const [writing, setWriting] = useState<string | null>(null);
  const { data } = readers;
  if (!data) return null;
  const end = async (reader: Reader) => {
    tell(
      await readers.end(reader.id),
      `${reader.name} is shown nothing of ${person.name} any more.`,
      'Share again',
      () => void readers.share(reader.id, reader.parts, reader.until).then((refusal) => tell(refusal, 'It is shared again.')),
    );
    toHeadingNext('#readers');
  };
  return (
    <section aria-labelledby="readers" className="grid gap-2 border-t border-hairline pt-4">
      <h2 id="readers" className="text-xl">
        Readers
      </h2>
      {data.readers.length === 0 && (
        <p className="text-sm text-ink2">
          A clinician or an assistant can read along and write notes.{' '}
          {isOwner ? (
            <Link className="underline underline-offset-4" to="/practice">
              Invite one as a reader
            </Link>
          ) : (
            'The owner of the practice invites them as readers.'
          )}
        </p>
      )}
      <ul className="grid gap-2">
        {data.readers.map((reader) => (
          <li key={reader.id}>
            <p>
              <strong>{reader.name}</strong>{' '}
              <span className="text-sm text-ink2">
                {reader.since === null
                  ? 'is shown nothing.'
                  : reader.isOver
                    ? `was shown this until ${day(reader.until ?? '')}.`
                    : `since ${day(reader.since)}${reader.until ? `, until ${day(reader.until)}` : ''}: ${named(reader.parts, data.parts)}.`}
              </span>
            </p>
            <div className="flex flex-wrap gap-x-4">
              <Button look="quiet" onClick={() => setSharing(reader)}>
                {reader.since === null ? 'share …' : 'change …'}
              </Button>
              {reader.since !== null && (
                <>
                  {!reader.isOver && (
                    <Button look="quiet" onClick={() => setWriting(writing === reader.id ? null : reader.id)}>
                      write
                    </Button>
                  )}
                  <Button look="quiet" onClick={() => void end(reader)}>
                    end
                  </Button>
                </>
              )}
            </div>
            {writing === reader.id && (
              <Words
                about={`reader ${person.id} ${reader.id}`}
                label={`A few words to ${reader.name}`}
                busy={false}
                action="Send it"
                onSend={async (text, say) => {
                  let refusal: Refusal | null = null;
                  await say(async (id) => ({ error: (refusal = await readers.write(reader.id, id, text)) ?? undefined }));
                  tell(refusal, `${reader.name} reads it at the next opening.`);
                  if (!refusal) setWriting(null);
                  return !refusal;
                }}
              />
            )}
          </li>
        ))}
      </ul>
      <Notes person={person.id} data={data} readers={readers} />
      <Share
        key={sharing?.id}
        person={person}
        reader={sharing}
        parts={data.parts}
        readers={readers}
        onClose={() => setSharing(null)}
      />
    </section>
  );
}

const named = (parts: Part[], all: Schemas['ChoiceView'][]): string =>
  parts.length === all.length
    ? 'every part'
    : all
        .filter(({ value }) => (parts as string[]).includes(value))
        .map(({ label }) => label.toLowerCase())
        .join('; ');

/** What was written, the newest first. */
function Notes({ person, data, readers }: { person: string; data: View; readers: ReturnType<typeof useReaders> }) {
  const { lines, more, busy } = useMore({ lines: data.notes, next: data.next }, data, async (after) => {
    const { data: page, error } = await http.GET(READERS, { params: { path: { person }, query: { after } } });
    return { page: page && { lines: page.notes, next: page.next }, error };
  });
  const name = (reader: string) => data.readers.find(({ id }) => id === reader)?.name ?? 'a reader';
  const takeBack = async (note: Note) => {
    tell(
      await readers.takeBack(note.id),
      'The note is taken back.',
      'Bring back',
      () => void readers.write(note.reader, note.id, note.text).then((refusal) => tell(refusal, 'The note stands again.')),
    );
    toHeadingNext('#readers');
  };
  const says = (note: Note): string =>
    `${day(note.on)}, ${note.by}${note.isReaders ? '' : ` to ${name(note.reader)}${note.isRead ? '' : ', not read yet'}`}`;
  if (!lines || lines.length === 0) return null;
  return (
    <details>
      <summary className="cursor-pointer text-ink2">What was written</summary>
      <div className="mt-2">
        <NoteLines notes={lines} says={says} onTakeBack={(note) => void takeBack(note)} />
      </div>
      <MoreLines more={more} busy={busy} shown={lines.length} />
    </details>
  );
}

/** What a reader is shown of a person, and until when. */
function Share({
  person,
  reader,
  parts,
  readers,
  onClose,
}: {
  person: Person;
  reader: Reader | null;
  parts: Schemas['ChoiceView'][];
  readers: ReturnType<typeof useReaders>;
  onClose: () => void;
}) {
  const begin = reader?.since === null || !reader ? parts.map(({ value }) => value) : reader.parts;
  const [ticked, setTicked] = useState<string[]>(begin);
  const [until, setUntil] = useState(reader?.isOver ? '' : (reader?.until ?? ''));
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const save = async () => {
    if (!reader) return;
    setBusy(true);
    const refused = await readers.share(reader.id, ticked as Part[], until === '' ? null : until);
    setBusy(false);
    setRefusal(refused);
    if (refused) return;
    const before = () =>
      // What was over is shown no longer, also by going back to it.
      reader.since === null || reader.isOver ? readers.end(reader.id) : readers.share(reader.id, reader.parts, reader.until);
    const undo = async () => tell(await before(), `What ${reader.name} is shown is as it was.`);
    tell(null, `${reader.name} is shown this of ${person.name} from now on.`, 'Undo', () => void undo());
    onClose();
  };
  return (
    <Dialog open={reader !== null} onClose={onClose} title={`What ${reader?.name ?? ''} is shown of ${person.name}`}>
      <fieldset className="grid gap-1">
        <legend className="sr-only">What is shared</legend>
        {parts.map(({ value, label }) => (
          <label key={value} className="flex min-h-9 items-center gap-3">
            <input
              type="checkbox"
              className="size-5 accent-rowan"
              checked={ticked.includes(value)}
              onChange={() => setTicked(ticked.includes(value) ? ticked.filter((one) => one !== value) : [...ticked, value])}
            />
            {label}
          </label>
        ))}
        {refusal?.fields['parts'] && (
          <p role="alert" className="text-sm font-semibold text-rowan">
            {refusal.fields['parts'][0]}
          </p>
        )}
      </fieldset>
      <DateField
        label="Until, where it ends by itself"
        value={until}
        onChange={setUntil}
        problem={refusal?.fields['until']?.[0] ?? (refusal && !refusal.fields['parts'] ? sentenceOf(refusal) : undefined)}
      />
      <p className="text-sm text-ink2">
        Share what {person.name} agreed to and what local rules allow. Pictures and your own notes are not shown. Each reading is
        noted, and it can be ended at any time.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button look="next" disabled={busy} onClick={() => void save()}>
          Share this
        </Button>
        <Button onClick={onClose}>Leave it</Button>
      </div>
    </Dialog>
  );
}
