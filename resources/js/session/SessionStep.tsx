import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, http, newId, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { useMore } from '@/frame/useMore';
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
  const path = { person: person.id };
  const list = api.useQuery('get', '/api/people/{person}/sessions', { params: { path } }, { enabled: person.standing.open });
  const { lines, more } = useMore(list.data && { lines: list.data.sessions, next: list.data.older }, list.data, async (after) => {
    const { data, error } = await http.GET('/api/people/{person}/sessions', { params: { path, query: { after } } });
    return { page: data && { lines: data.sessions, next: data.older }, error };
  });
  // An address may name a session older than those that were read.
  const named = search.has('from') ? null : search.get('s');
  const isElsewhere = lines !== undefined && named !== null && !lines.some((line) => line.id === named);
  const one = api.useQuery(
    'get',
    '/api/people/{person}/sessions',
    { params: { path, query: { with: named ?? '' } } },
    { enabled: isElsewhere },
  );
  if (!person.standing.open) return <Closed person={person} />;
  if (!list.data || !lines || (isElsewhere && one.isPending))
    return <Loading what="Opening the session" error={list.error} again={() => void list.refetch()} />;
  return (
    <AtHand
      key={`${person.id} ${search.toString()}`}
      person={person.id}
      search={search}
      sessions={isElsewhere ? [...lines, ...(one.data?.sessions.filter((line) => line.id === named) ?? [])] : lines}
      more={more}
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
  more,
  gone,
  onOpen,
  onStart,
}: {
  person: string;
  search: URLSearchParams;
  sessions: Lines;
  /** Reads older ones; null when there are none. */
  more: (() => Promise<unknown>) | null;
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
  const which = { params: { path: { person, session: id } } };
  const saved = api.useQuery('get', '/api/people/{person}/sessions/{session}', which, { enabled: !fresh, ...once });
  // It may have been asked for before the view was there, and would be kept: what is written from here on is newer.
  const queries = useQueryClient();
  const { queryKey } = api.queryOptions('get', '/api/people/{person}/sessions/{session}', which);
  const key = useRef(queryKey);
  useEffect(() => () => queries.removeQueries({ queryKey: key.current, exact: true }), [queries]);
  const [from] = useState<Start>(() => (kept ? { from: 'empty' } : startOf(search)));
  const start = api.useQuery(
    'post',
    '/api/people/{person}/sessions/start',
    { params: { path: { person } }, body: { from: from.from, template: from.template ?? null, session: from.session ?? null } },
    { enabled: fresh && !unknown, ...once },
  );
  const common = { id, sessions, more, gone, kept, begun, onOpen, onStart };
  if (unknown) return <NoSuchSession gone={gone.find((line) => line.id === id)} person={person} onOpen={onOpen} />;

  if (start.data)
    return (
      <Composer
        {...common}
        version={0}
        title={start.data.title}
        minutes={null}
        picks={null}
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
        picks={saved.data.picks}
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
