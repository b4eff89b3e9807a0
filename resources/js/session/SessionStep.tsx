import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, newId, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { usePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { Composer } from './Composer';
import { keptNew, keptOf } from './kept';
import type { Start } from './StartDialog';
import { useBringBack } from './useLettingGo';

type Lines = Schemas['SessionLineView'][];

/** The session at hand: the one its address names, else the newest, else a fresh one from the person's rungs. */
export function SessionStep() {
  const person = usePerson();
  const [search, setSearch] = useSearchParams();
  const list = api.useQuery(
    'get',
    '/api/people/{person}/sessions',
    { params: { path: { person: person.id } } },
    { enabled: person.standing.open },
  );
  if (!person.standing.open) return <Closed person={person} />;
  if (!list.data) return <Loading what="Opening the session" error={list.error} again={() => void list.refetch()} />;
  return (
    <AtHand
      key={`${person.id} ${search.toString()}`}
      person={person.id}
      search={search}
      sessions={list.data.sessions}
      gone={list.data.deleted}
      onOpen={(id) => setSearch({ s: id })}
      onStart={(start) => setSearch({ s: newId(), ...start })}
    />
  );
}

const startOf = (search: URLSearchParams): Start => {
  const from = search.get('from');
  return {
    from: from === 'empty' || from === 'template' || from === 'session' ? from : 'board',
    template: search.get('template') ?? undefined,
    session: search.get('session') ?? undefined,
  };
};

/** Which session it is stays as it was when opened, also when saving has put a fresh one into the list. */
function AtHand({
  person,
  search,
  sessions,
  gone,
  onOpen,
  onStart,
}: {
  person: string;
  search: URLSearchParams;
  sessions: Lines;
  gone: Schemas['DeletedSessionView'][];
  onOpen: (id: string) => void;
  onStart: (start: Start) => void;
}) {
  const [{ id, fresh, kept }] = useState(() => {
    const known = sessions.map((line) => line.id);
    const here = search.get('s') ?? keptNew(person, known) ?? known[0] ?? newId();
    return { id: here, fresh: !known.includes(here), kept: keptOf(person, here) };
  });
  const begun = kept !== null || search.has('from');
  // An address that names a session there is none of makes none.
  const unknown = fresh && search.has('s') && !begun;
  const once = { staleTime: Infinity, gcTime: 0 };
  const saved = api.useQuery(
    'get',
    '/api/people/{person}/sessions/{session}',
    { params: { path: { person, session: id } } },
    { enabled: !fresh, ...once },
  );
  const [from] = useState<Start>(() => (kept ? { from: 'empty' } : startOf(search)));
  const start = api.useQuery(
    'post',
    '/api/people/{person}/sessions/start',
    { params: { path: { person } }, body: { from: from.from, template: from.template ?? null, session: from.session ?? null } },
    { enabled: fresh && !unknown, ...once },
  );
  const common = { id, sessions, gone, kept, begun, onOpen, onStart };
  if (unknown) return <NoSuchSession gone={gone.find((line) => line.id === id)} person={person} onOpen={onOpen} />;

  if (start.data)
    return (
      <Composer
        {...common}
        version={0}
        title={start.data.title}
        minutes={null}
        preview={start.data.preview}
        notes={start.data.notes}
        origin={start.data.origin}
      />
    );
  if (saved.data)
    return (
      <Composer
        {...common}
        version={saved.data.version}
        title={saved.data.title}
        minutes={saved.data.minutes}
        preview={saved.data.preview}
        notes={[]}
        origin={null}
      />
    );
  const waiting = fresh ? start : saved;
  return <Loading what="Opening the session" error={waiting.error} again={() => void waiting.refetch()} />;
}

/** An address of a session that is not there: what became of it, and where to go. */
function NoSuchSession({
  gone,
  person,
  onOpen,
}: {
  gone: Schemas['DeletedSessionView'] | undefined;
  person: string;
  onOpen: (id: string) => void;
}) {
  const bringBack = useBringBack(person, onOpen);
  return (
    <main className="flex-1 p-6">
      <div className="grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-6">
        <h1 className="text-2xl">{gone ? 'This session was let go of' : 'There is no session at this address'}</h1>
        <p>
          {gone
            ? `“${gone.title}” was let go of on ${day(gone.deletedOn)}; it is kept for 30 days.`
            : 'It may have been let go of more than 30 days ago, or the address was cut short. Nothing was made in its place.'}
        </p>
        <div className="flex flex-wrap gap-3">
          {gone && (
            <Button look="next" onClick={() => void bringBack(gone.id)}>
              Bring it back
            </Button>
          )}
          <Link className={`look ${gone ? 'look-plain' : 'look-next'}`} to={`/people/${person}/session`}>
            To the session at hand
          </Link>
        </div>
      </div>
    </main>
  );
}
