import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, newId, refusalOf } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { usePerson } from '@/frame/usePerson';
import { Loading } from '@/ui/Loading';
import { Composer } from './Composer';

/** The session at hand: the newest one, another by its address, or a fresh one from the person's rungs. */
export function SessionStep() {
  const person = usePerson();
  if (!person.standing.open) return <Closed person={person} />;
  return <OpenSession person={person.id} />;
}

function OpenSession({ person }: { person: string }) {
  const [search, setSearch] = useSearchParams();
  const path = { person };
  const list = api.useQuery('get', '/api/people/{person}/sessions', { params: { path } });
  const asked = search.get('s');
  const fresh = asked === 'new' || (list.data?.sessions.length === 0 && !asked);
  const session = fresh ? null : (asked ?? list.data?.sessions[0]?.id ?? null);
  const saved = api.useQuery(
    'get',
    '/api/people/{person}/sessions/{session}',
    { params: { path: { ...path, session: session ?? '' } } },
    { enabled: session !== null, staleTime: Infinity, gcTime: 0 },
  );
  const draft = api.useQuery(
    'get',
    '/api/people/{person}/sessions/draft',
    { params: { path } },
    { enabled: fresh, staleTime: Infinity, gcTime: 0 },
  );
  // One id for each new session, so that saving twice saves one.
  const [freshId, setFreshId] = useState(newId);

  const failed = [list, saved, draft].find((query) => query.isError);
  if (failed) return <Loading what="" error={refusalOf(failed.error)} again={() => void failed.refetch()} />;
  const open = (id: string) => {
    if (id === 'new') setFreshId(newId());
    setSearch({ s: id }, { replace: id !== 'new' });
  };

  if (fresh && draft.data)
    return (
      <Composer
        key={freshId}
        id={freshId}
        version={0}
        title={draft.data.title}
        preview={draft.data.preview}
        notes={draft.data.notes}
        sessions={list.data?.sessions ?? []}
        onOpen={open}
      />
    );
  if (saved.data)
    return (
      <Composer
        key={saved.data.id}
        id={saved.data.id}
        version={saved.data.version}
        title={saved.data.title}
        preview={saved.data.preview}
        notes={[]}
        sessions={list.data?.sessions ?? []}
        onOpen={open}
      />
    );
  return <Loading what="Opening the session" />;
}
