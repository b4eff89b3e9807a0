import type { QueryClient } from '@tanstack/react-query';
import { api } from '@/api/client';
import type { Step } from './steps';

/** Pages outside the desk: for who is not signed in, and a person's own. */
export const guests = ['sign-in', 'forgotten', 'password', 'join', 'home', 'h', 'no-more'];

/**
 * Asks for what an address will show while its code is still on the way: over a slow network the two would otherwise
 * wait for one another. The views ask the same questions under the same names and find the answers there.
 */
export function askEarly(queries: QueryClient, path: string, search = ''): void {
  const [area, id, step] = path.split('/').slice(1);
  if (guests.includes(area ?? '')) return;
  void queries.prefetchQuery(api.queryOptions('get', '/api/me', {}, { retry: false }));
  if (path === '/') void queries.prefetchQuery(api.queryOptions('get', '/api/bench', {}));
  if (area !== 'people' || !id || id === 'new') return;
  const of = { params: { path: { person: id } } };
  const reads: Partial<Record<Step, () => Promise<void>>> = {
    person: () => queries.prefetchQuery(api.queryOptions('get', '/api/catalogue', {})),
    checks: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/checks', of)),
    board: () => {
      void queries.prefetchQuery(api.queryOptions('get', '/api/library', {}));
      return queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/board', of));
    },
    session: () => askForSession(queries, id, search),
    weeks: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/program', of)),
    sheet: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/sessions', of)),
    coach: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/sessions', of)),
    review: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/review', of)),
  };
  void queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}', of));
  void reads[(step ?? 'person') as Step]?.();
}

/** So long, in ms, an answer that no view has taken is good: a session that is opened later is asked for anew. */
const TAKEN_WITHIN = 10_000;

/** The list of sessions, and the one that is opened: the one its address names, else the newest. */
async function askForSession(queries: QueryClient, person: string, search: string): Promise<void> {
  const asks = new URLSearchParams(search);
  const list = queries
    .fetchQuery(api.queryOptions('get', '/api/people/{person}/sessions', { params: { path: { person } } }))
    .catch(() => null);
  const session = asks.get('s') ?? (await list)?.sessions[0]?.id;
  if (!session || asks.has('from')) return;
  const of = { params: { path: { person, session } } };
  await queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/sessions/{session}', of, { gcTime: TAKEN_WITHIN }));
}
