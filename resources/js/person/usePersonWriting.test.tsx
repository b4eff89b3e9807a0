import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { fieldsOf } from './fields';
import { personDrafts, usePersonWriting } from './usePersonWriting';

const person = {
  id: 'p',
  version: 3,
  name: 'Corvin Strake',
  notes: '',
  places: [],
  limits: [],
  birthYear: null,
  stature: null,
  mass: null,
  minutes: 25,
} as unknown as Schemas['PersonView'];

beforeEach(() => void vi.useFakeTimers({ shouldAdvanceTime: true }));
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  localStorage.clear();
});

describe('what is typed about a person', () => {
  it('stays on the device while what was typed before it is being saved, and goes over that', async () => {
    let answer: (response: Response) => void = () => undefined;
    const asked: { version: number; notes: string }[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push((await request.json()) as { version: number; notes: string });
      return new Promise<Response>((done) => (answer = done));
    });
    const client = new QueryClient();
    const { result } = renderHook(() => usePersonWriting(person), {
      wrapper: ({ children }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
    });
    const type = (notes: string) => act(() => result.current.set({ ...fieldsOf(person), notes }));

    type('sore');
    await act(() => vi.advanceTimersByTimeAsync(900));
    type('sore on Mondays');
    act(() => answer(Response.json({ ...person, version: 4, notes: 'sore' })));
    await waitFor(() => expect(personDrafts.of('p')).toMatchObject({ version: 4, fields: { notes: 'sore on Mondays' } }));
    expect(client.getQueriesData({ queryKey: ['get', '/api/people/{person}'] })).toMatchObject([
      [expect.anything(), { version: 4 }],
    ]);

    await act(() => vi.advanceTimersByTimeAsync(900));
    expect(asked).toMatchObject([
      { version: 3, notes: 'sore' },
      { version: 4, notes: 'sore on Mondays' },
    ]);
    act(() => answer(Response.json({ ...person, version: 5, notes: 'sore on Mondays' })));
    await waitFor(() => expect(personDrafts.of('p')).toBeNull());
  });
});
