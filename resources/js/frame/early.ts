import type { QueryClient } from '@tanstack/react-query';
import { api } from '@/api/client';
import { figuresOf, ladderOf } from '@/figure/asked';
import type { Step } from './steps';

/** Pages outside the desk: for who is not signed in, and a person's own. */
export const guests = ['sign-in', 'forgotten', 'password', 'join', 'home', 'h', 'no-more'];

/**
 * Asks for what an address will show while its code is still on the way: over a slow network the two would otherwise
 * wait for one another. The views ask the same questions under the same names and find the answers there. Settles once
 * all of them are answered.
 */
export async function askEarly(queries: QueryClient, path: string, search = ''): Promise<void> {
  const [area, id, step] = path.split('/').slice(1);
  if (guests.includes(area ?? '')) return;
  const asked: Promise<unknown>[] = [queries.prefetchQuery(api.queryOptions('get', '/api/me', {}, { retry: false }))];
  if (path === '/') asked.push(queries.prefetchQuery(api.queryOptions('get', '/api/bench', {})));
  if (area === 'reading') asked.push(queries.prefetchQuery(api.queryOptions('get', '/api/reading', {})));
  if (area === 'reading' && id)
    asked.push(queries.prefetchQuery(api.queryOptions('get', '/api/reading/{person}', { params: { path: { person: id } } })));
  if (area === 'squads')
    asked.push(
      id
        ? queries.prefetchQuery(api.queryOptions('get', '/api/squads/{squad}', { params: { path: { squad: id } } }))
        : queries.prefetchQuery(api.queryOptions('get', '/api/squads', {})),
    );
  if (area === 'squads' && id && !step) asked.push(queries.prefetchQuery(api.queryOptions('get', '/api/library', {})));
  if (area === 'people' && id && id !== 'new') asked.push(...askForPerson(queries, id, step ?? 'person', search));
  await Promise.all(asked);
}

/** Who it is, and what the step shows. */
function askForPerson(queries: QueryClient, id: string, step: string, search: string): Promise<unknown>[] {
  const of = { params: { path: { person: id } } };
  const reads: Partial<Record<Step, () => Promise<unknown>>> = {
    person: () => queries.prefetchQuery(api.queryOptions('get', '/api/catalogue', {})),
    checks: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/checks', of)),
    board: () =>
      Promise.all([
        queries.prefetchQuery(api.queryOptions('get', '/api/library', {})),
        queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/board', of)),
      ]),
    session: () => askForSession(queries, id, search),
    weeks: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/program', of)),
    sheet: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/sessions', of)),
    coach: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/sessions', of)),
    review: () => queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/review', of)),
  };
  const read = reads[step as Step];
  return [queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}', of)), ...(read ? [read()] : [])];
}

/** So long, in ms, an answer that no view has taken is good: a session that is opened later is asked for anew. */
const TAKEN_WITHIN = 10_000;

/** The list of sessions, and the one that is opened, the one its address names, else the newest; with what it is drawn with. */
async function askForSession(queries: QueryClient, person: string, search: string): Promise<void> {
  const asks = new URLSearchParams(search);
  const of = { path: { person } };
  const list = queries.fetchQuery(api.queryOptions('get', '/api/people/{person}/sessions', { params: of })).catch(() => null);
  const doses = queries.prefetchQuery(api.queryOptions('get', '/api/people/{person}/sessions/next-doses', { params: of }));
  const session = asks.get('s') ?? (await list)?.sessions[0]?.id;
  if (session && !asks.has('from')) {
    const one = { params: { path: { person, session } } };
    const stages = queries.prefetchQuery(
      api.queryOptions('get', '/api/people/{person}/sessions/{session}/stages', one, { retry: false }),
    );
    const opened = await queries
      .fetchQuery(api.queryOptions('get', '/api/people/{person}/sessions/{session}', one, { gcTime: TAKEN_WITHIN }))
      .catch(() => null);
    const ladders = new Set(opened?.preview.blocks.flatMap(({ items }) => items.map(({ rung }) => ladderOf(rung))));
    await Promise.all([stages, ...[...ladders].map((ladder) => queries.prefetchQuery(figuresOf(ladder)))]);
  }
  await doses;
}
