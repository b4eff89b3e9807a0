import { QueryClient } from '@tanstack/react-query';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, http } from '@/api/client';
import { askEarly } from './early';

afterEach(() => vi.restoreAllMocks());

/** What is asked for an address before any view is there. */
async function asked(path: string, search = ''): Promise<{ addresses: unknown[]; queries: QueryClient }> {
  const get = vi
    .spyOn(http, 'GET')
    .mockResolvedValue({ data: { sessions: [{ id: 'newest' }] }, response: new Response() } as never);
  const queries = new QueryClient();
  askEarly(queries, path, search);
  await vi.waitFor(() => expect(queries.isFetching()).toBe(0));
  return { addresses: get.mock.calls.map((call) => String((call as unknown[])[0])).toSorted(), queries };
}

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
    expect(queries.getQueryData(view.queryKey)).toEqual({ sessions: [{ id: 'newest' }] });
    const bench = api.queryOptions('get', '/api/bench', {});
    expect((await asked('/')).queries.getQueryData(bench.queryKey)).toEqual({ sessions: [{ id: 'newest' }] });
  });

  it.each([
    ['', 'newest'],
    ['?s=named', 'named'],
    ['?s=fresh&from=template', null],
  ])('the session its address “%s” opens, with the list', async (search, id) => {
    const { queries } = await asked('/people/p/session', search);
    const opened = queries
      .getQueryCache()
      .getAll()
      .map(({ queryKey }) => JSON.stringify(queryKey))
      .find((key) => key.includes('{session}'));
    expect(opened ?? null).toEqual(id === null ? null : expect.stringContaining(`"session":"${id}"`));
  });

  it('a session that nobody opened is not kept: opened later, it is asked for anew', async () => {
    vi.useFakeTimers();
    const { queries } = await asked('/people/p/session');
    const opened = () =>
      queries
        .getQueryCache()
        .findAll()
        .filter(({ queryKey }) => JSON.stringify(queryKey).includes('{session}'));
    expect(opened()).toHaveLength(1);
    vi.advanceTimersByTime(10_000);
    expect(opened()).toHaveLength(0);
    vi.useRealTimers();
  });
});
