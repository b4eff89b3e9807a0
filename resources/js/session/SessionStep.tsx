import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, newId, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { usePerson } from '@/frame/usePerson';
import { Loading } from '@/ui/Loading';
import { Composer } from './Composer';

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
  const asked = search.get('s');
  return (
    <AtHand
      key={`${person.id} ${asked ?? ''}`}
      person={person.id}
      asked={asked}
      sessions={list.data.sessions}
      onOpen={(id) => setSearch({ s: id })}
    />
  );
}

/** Which session it is stays as it was when opened, also when saving has put a fresh one into the list. */
function AtHand({
  person,
  asked,
  sessions,
  onOpen,
}: {
  person: string;
  asked: string | null;
  sessions: Lines;
  onOpen: (id: string) => void;
}) {
  const [{ id, fresh }] = useState(() => {
    const known = asked === 'new' ? undefined : (asked ?? sessions[0]?.id);
    return { id: known ?? newId(), fresh: known === undefined };
  });
  const once = { staleTime: Infinity, gcTime: 0 };
  const saved = api.useQuery(
    'get',
    '/api/people/{person}/sessions/{session}',
    { params: { path: { person, session: id } } },
    { enabled: !fresh, ...once },
  );
  const draft = api.useQuery(
    'get',
    '/api/people/{person}/sessions/draft',
    { params: { path: { person } } },
    { enabled: fresh, ...once },
  );
  const common = { id, sessions, onOpen };

  if (draft.data)
    return <Composer {...common} version={0} title={draft.data.title} preview={draft.data.preview} notes={draft.data.notes} />;
  if (saved.data)
    return <Composer {...common} version={saved.data.version} title={saved.data.title} preview={saved.data.preview} notes={[]} />;
  const waiting = fresh ? draft : saved;
  return <Loading what="Opening the session" error={waiting.error} again={() => void waiting.refetch()} />;
}
