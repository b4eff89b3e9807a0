import { useSearchParams } from 'react-router';
import { api } from '@/api/client';

/** Which saved session the address names; the one at hand when it names none. */
export function useSession(person: string) {
  const [search] = useSearchParams();
  const list = api.useQuery('get', '/api/people/{person}/sessions', { params: { path: { person } } });
  return { list, session: search.get('s') ?? list.data?.next ?? null };
}
