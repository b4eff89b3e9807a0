import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, Navigate, NavLink, useParams } from 'react-router';
import { api, http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { MoreLines } from '@/frame/MoreLines';
import { NoteLines } from '@/frame/NoteLines';
import { useMore } from '@/frame/useMore';
import { Words, type Say } from '@/frame/Words';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day, longDay } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { toast } from '@/ui/notice';
import { Status } from '@/ui/Status';
import { toHeadingNext } from '@/ui/toHeading';

type View = Schemas['ReadingView'];
type Note = Schemas['ReaderNoteView'];

/** For a clinician or an assistant: whom they are shown, what of them, and room for a note. */
export function Reading() {
  const { person } = useParams();
  const me = api.useQuery('get', '/api/me', {}, { retry: false });
  const people = api.useQuery('get', '/api/reading', {}, { enabled: me.data?.role === 'reader' });
  const { lines, more, busy } = useMore(
    people.data && { lines: people.data.people, next: people.data.next },
    people.data,
    async (after) => {
      const { data, error } = await http.GET('/api/reading', { params: { query: { after } } });
      return { page: data && { lines: data.people, next: data.next }, error };
    },
  );
  if (me.data && me.data.role !== 'reader') return <Navigate to="/" replace />;
  if (!me.data || !lines)
    return <Loading what="Reading who is shared with you" error={people.error} again={() => void people.refetch()} />;
  const only = lines.length === 1 ? lines[0] : undefined;
  if (!person && only) return <Navigate to={`/reading/${only.person}`} replace />;
  const list = (
    <>
      <ul className="grid gap-1">
        {lines.map((line) => (
          <li key={line.person}>
            <NavLink
              to={`/reading/${line.person}`}
              className={({ isActive }) =>
                cx('block rounded-md border px-3 py-2', isActive ? 'border-ink bg-sheet' : 'border-hairline hover:border-ink')
              }
            >
              <span className="block truncate font-display text-lg font-[650]">{line.name}</span>
              <span className="block truncate text-sm text-ink2">{line.about}</span>
              {line.unread > 0 && (
                <span className="block text-sm font-semibold text-slate">
                  {line.unread === 1 ? 'A new answer' : `${line.unread} new answers`}
                </span>
              )}
            </NavLink>
          </li>
        ))}
      </ul>
      <MoreLines more={more} busy={busy} shown={lines.length} />
    </>
  );
  if (!person)
    return (
      <main className="flex-1 overflow-y-auto p-6">
        <div className="mx-auto grid max-w-2xl gap-4">
          <h1 className="text-3xl">{lines.length === 0 ? 'Nobody is shared with you' : 'Shared with you'}</h1>
          {lines.length === 0 ? (
            <p className="text-ink2">
              A trainer of {me.data.practice} shares a person in the Person step, under “Readers”; they are here then, until it
              ends.
            </p>
          ) : (
            list
          )}
        </div>
      </main>
    );
  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col print:block">
      <nav
        aria-label="Shared with you"
        className="shrink-0 border-hairline p-4 max-lg:border-b max-lg:py-0 lg:w-64 lg:overflow-y-auto lg:border-r print:hidden"
      >
        <Link to="/reading" className="inline-flex min-h-11 items-center underline underline-offset-4 lg:hidden">
          everybody shared with you
        </Link>
        <div className="max-lg:hidden">
          <h2 className="mb-2 text-xl">Shared with you</h2>
          {list}
        </div>
      </nav>
      <Record key={person} person={person} />
    </div>
  );
}

/** What is shared of one person, from top to bottom, and the notes beside it. */
function Record({ person }: { person: string }) {
  const ask = { params: { path: { person } } };
  const page = api.useQuery('get', '/api/reading/{person}', ask);
  const client = useQueryClient();
  const { data } = page;
  const isNew = data?.notes.some((note) => !note.isMine && !note.isRead) ?? false;
  useEffect(() => {
    // Opened, it is new no more: the list says so.
    if (isNew) void client.invalidateQueries({ queryKey: api.queryOptions('get', '/api/reading', {}).queryKey });
  }, [isNew, client]);
  if (!data) return <Loading what="Opening what is shared" error={page.error} again={() => void page.refetch()} />;
  /** Takes the answer; says what went wrong, or what came of it. */
  const take = async (asked: Promise<{ data?: View; error?: Refusal }>): Promise<Refusal | null> => {
    const answer = await asked;
    if (answer.data) {
      client.setQueryData(api.queryOptions('get', '/api/reading/{person}', ask).queryKey, answer.data);
      void client.invalidateQueries({ queryKey: api.queryOptions('get', '/api/reading', {}).queryKey });
    }
    return answer.error ?? null;
  };
  return (
    <main className="grid min-w-0 flex-1 content-start gap-x-8 gap-y-6 p-6 lg:overflow-y-auto xl:grid-cols-[minmax(0,1fr)_22rem] print:block">
      <div className="grid min-w-0 content-start gap-6">
        <header className="grid gap-1">
          <h1 className="text-3xl">{data.name}</h1>
          <p>
            {data.about && `${data.about} · `}
            {data.aim}
          </p>
          <p className="text-sm text-ink2">
            Shared by {data.by} since {longDay(data.since)}
            {data.until && `, until ${longDay(data.until)}`}. That you read it is noted.
          </p>
          <p className="text-sm text-ink2">
            <Button look="quiet" className="print:hidden" onClick={() => window.print()}>
              print
            </Button>
            <a href="#notes" className="look look-quiet xl:hidden print:hidden">
              notes
            </a>
          </p>
        </header>
        {data.parts.map((part) => (
          <section key={part.part} aria-labelledby={part.part} className="grid gap-2 border-t border-hairline pt-4">
            <h2 id={part.part} className="text-xl">
              {part.title}
            </h2>
            {part.entries.length === 0 && <p className="text-ink2">{part.none}</p>}
            <dl className="grid gap-1">
              {part.entries.map((entry, at) => (
                <Entry key={at} entry={entry} />
              ))}
            </dl>
          </section>
        ))}
        <p className="text-sm text-ink3">Local rules and the advice of a licensed professional come first.</p>
      </div>
      <Notes person={person} data={data} take={take} />
    </main>
  );
}

function Entry({ entry }: { entry: Schemas['ReadEntryView'] }) {
  return (
    <div
      className={cx(
        'grid gap-x-4 border-b border-hairline py-1.5 last:border-b-0 sm:grid-cols-[6.5rem_minmax(0,1fr)] print:break-inside-avoid',
        entry.isStop && 'rounded-md border-2 border-ink bg-sheet px-3 last:border-b-2',
      )}
    >
      <dt className="font-semibold sm:col-start-2">{entry.what}</dt>
      <dd className="text-ink2 empty:hidden sm:col-start-1 sm:row-start-1">
        {entry.isStop ? <Status kind="stop" /> : entry.on && day(entry.on)}
      </dd>
      <dd className="max-w-prose sm:col-start-2">
        {entry.lines.map((line, at) => (
          <p key={at}>{line}</p>
        ))}
      </dd>
    </div>
  );
}

function Notes({
  person,
  data,
  take,
}: {
  person: string;
  data: View;
  take: (asked: Promise<{ data?: View; error?: Refusal }>) => Promise<Refusal | null>;
}) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const path = { person };
  const {
    lines,
    more,
    busy: reads,
  } = useMore({ lines: data.notes, next: data.next }, data, async (after) => {
    const { data: page, error } = await http.GET('/api/reading/{person}', { params: { path, query: { after } } });
    return { page: page && { lines: page.notes, next: page.next }, error };
  });
  const write = async (text: string, say: Say): Promise<boolean> => {
    setBusy(true);
    const refusal = await take(say((id) => http.POST('/api/reading/{person}/notes', { params: { path }, body: { id, text } })));
    setBusy(false);
    setProblem(refusal && `${sentenceOf(refusal)} What you wrote stays here.`);
    if (!refusal) toast(`The note is kept; it waits for ${data.by} and the other trainers.`);
    return !refusal;
  };
  const takeBack = async (note: Note) => {
    const refusal = await take(
      http.DELETE('/api/reading/{person}/notes/{note}', { params: { path: { person, note: note.id } } }),
    );
    const again = async () => {
      const refused = await take(
        http.POST('/api/reading/{person}/notes', { params: { path }, body: { id: note.id, text: note.text } }),
      );
      toast(refused ? sentenceOf(refused) : 'The note stands again.');
    };
    if (refusal) toast(sentenceOf(refusal));
    else toast('The note is taken back.', { action: { label: 'Bring back', onClick: () => void again() } });
    toHeadingNext('#notes');
  };
  const says = (note: Note): string =>
    note.isMine
      ? `You, ${day(note.on)} · ${note.isRead ? 'read' : 'not read yet'}`
      : `${note.by}, ${day(note.on)}${note.isRead ? '' : ' · new'}`;
  return (
    <section
      aria-labelledby="notes"
      className="grid content-start gap-4 max-xl:border-t max-xl:border-hairline max-xl:pt-4 xl:sticky xl:top-0 xl:self-start"
    >
      <h2 id="notes" className="text-xl">
        Notes
      </h2>
      <div className="grid gap-2 print:hidden">
        <Words about={`reading ${person}`} label="A note for the trainers" busy={busy} action="Keep the note" onSend={write} />
        {problem && (
          <p role="alert" className="font-semibold text-rowan">
            {problem}
          </p>
        )}
        <p className="text-sm text-ink2">It waits on their bench, and changes nothing of the training by itself.</p>
      </div>
      <NoteLines notes={lines ?? []} says={says} onTakeBack={(note) => void takeBack(note)} />
      <MoreLines more={more} busy={reads} shown={(lines ?? []).length} />
    </section>
  );
}
