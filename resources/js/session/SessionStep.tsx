import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, newId, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { usePerson } from '@/frame/usePerson';
import { Loading } from '@/ui/Loading';
import { Composer } from './Composer';
import { keptNew, keptOf } from './kept';
import type { Start } from './StartDialog';

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
  onOpen,
  onStart,
}: {
  person: string;
  search: URLSearchParams;
  sessions: Lines;
  onOpen: (id: string) => void;
  onStart: (start: Start) => void;
}) {
  const [{ id, fresh, kept }] = useState(() => {
    const known = sessions.map((line) => line.id);
    const here = search.get('s') ?? keptNew(person, known) ?? known[0] ?? newId();
    return { id: here, fresh: !known.includes(here), kept: keptOf(person, here) };
  });
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
    { enabled: fresh, ...once },
  );
  const common = { id, sessions, kept, onOpen, onStart };

  if (start.data)
    return (
      <Composer
        {...common}
        version={0}
        title={start.data.title}
        minutes={null}
        preview={start.data.preview}
        notes={start.data.notes}
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
      />
    );
  const waiting = fresh ? start : saved;
  return <Loading what="Opening the session" error={waiting.error} again={() => void waiting.refetch()} />;
}
