import { QueryClient } from '@tanstack/react-query';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, http } from '@/api/client';
import { askEarly } from './early';

afterEach(() => vi.restoreAllMocks());

const answers = {
  sessions: [{ id: 'newest' }],
  preview: { blocks: [{ items: [{ rung: 'front-plank/kneeling' }, { rung: 'side-bridge/short' }] }] },
};

/** What is asked for an address before any view is there. */
async function asked(path: string, search = ''): Promise<{ addresses: unknown[]; queries: QueryClient }> {
  const get = vi.spyOn(http, 'GET').mockResolvedValue({ data: answers, response: new Response() } as never);
  const queries = new QueryClient();
  await askEarly(queries, path, search);
  expect(queries.isFetching()).toBe(0);
  return { addresses: get.mock.calls.map((call) => String((call as unknown[])[0])).toSorted(), queries };
}

/** The names of what is there, of those with the words in them. */
const keysWith = (queries: QueryClient, words: string): string[] =>
  queries
    .getQueryCache()
    .getAll()
    .map(({ queryKey }) => JSON.stringify(queryKey))
    .filter((key) => key.includes(words));
const ONE = '/sessions/{session}"';

describe('what an address shows is asked for beside its code', () => {
  it.each([
    ['/', ['/api/bench', '/api/me']],
    ['/people/p/board', ['/api/library', '/api/me', '/api/people/{person}', '/api/people/{person}/board']],
    ['/people/p/coach', ['/api/me', '/api/people/{person}', '/api/people/{person}/sessions']],
    ['/people/p/nowhere', ['/api/me', '/api/people/{person}']],
    ['/people/new', ['/api/me']],
    ['/sign-in', []],
  ])('%s', async (path, addresses) => expect((await asked(path)).addresses).toEqual(addresses));

  it('and stands under the name the view asks with', async () => {
    const { queries } = await asked('/people/p/session');
    const view = api.queryOptions('get', '/api/people/{person}/sessions', { params: { path: { person: 'p' } } });
    expect(queries.getQueryData(view.queryKey)).toEqual(answers);
    const bench = api.queryOptions('get', '/api/bench', {});
    expect((await asked('/')).queries.getQueryData(bench.queryKey)).toEqual(answers);
  });

  it.each([
    ['', 'newest'],
    ['?s=named', 'named'],
    ['?s=fresh&from=template', null],
  ])('the session its address “%s” opens, with the list', async (search, id) => {
    const { queries } = await asked('/people/p/session', search);
    const opened = keysWith(queries, ONE)[0];
    expect(opened ?? null).toEqual(id === null ? null : expect.stringContaining(`"session":"${id}"`));
  });

  it('a session with the figures of its ladders, its stages and the next doses: it is drawn once, whole', async () => {
    const { queries } = await asked('/people/p/session');
    const figures = keysWith(queries, '/api/figures/');
    expect(figures).toHaveLength(2);
    expect(figures.join()).toMatch(/front-plank.*side-bridge/);
    expect(keysWith(queries, '/stages')[0]).toContain('"session":"newest"');
    expect(keysWith(queries, '/next-doses')).toHaveLength(1);
  });

  it('is done also where the server refuses', async () => {
    vi.spyOn(http, 'GET').mockResolvedValue({ error: { code: 'none' }, response: new Response() } as never);
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    await expect(askEarly(queries, '/people/p/session')).resolves.toBeUndefined();
    await expect(askEarly(queries, '/people/p/session', '?s=named')).resolves.toBeUndefined();
  });

  it('a session that nobody opened is not kept: opened later, it is asked for anew', async () => {
    vi.useFakeTimers();
    const { queries } = await asked('/people/p/session');
    const opened = () => keysWith(queries, ONE);
    expect(opened()).toHaveLength(1);
    vi.advanceTimersByTime(10_000);
    expect(opened()).toHaveLength(0);
    vi.useRealTimers();
  });
});
