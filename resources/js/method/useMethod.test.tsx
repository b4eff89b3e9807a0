import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useMethod } from './useMethod';

/** A server that keeps a method of two questions and takes an answer only to the version it has. */
function server() {
  let version = 3;
  const given: Record<string, string | null> = { effort: null, order: null };
  const page = () => ({
    level: 'trainer',
    name: 'Wren Aldous',
    version,
    closed: null,
    questions: Object.entries(given).map(([question, answer]) => ({
      question,
      given: answer,
      chosen: answer ?? 'inherited',
      choices: [],
    })),
  });
  const asked: unknown[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method === 'GET') return Response.json(page());
    const body = (await request.json()) as { version: number; question: string; answer: string | null };
    asked.push(body);
    await new Promise((done) => setTimeout(done, 20));
    if (body.version !== version || body.answer === 'refused')
      return Response.json(
        { code: 'changed-meanwhile', sentence: 'It was changed.', fields: {}, id: '', present: page() },
        { status: 409 },
      );
    version += 1;
    given[body.question] = body.answer;
    return Response.json(page());
  });
  return { asked, given };
}

const show = async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const hook = renderHook(() => useMethod('trainer', ''), {
    wrapper: ({ children }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
  });
  await waitFor(() => expect(hook.result.current.method?.version).toBe(3));
  return hook;
};
type Choose = ReturnType<typeof useMethod>['choose'];
const given = (hook: Awaited<ReturnType<typeof show>>) => hook.result.current.method?.questions.map((one) => one.given);

describe('a method answered', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('takes answers given one right after the other, and shows each at once', async () => {
    const { asked, given: kept } = server();
    const hook = await show();
    const choose = (...told: unknown[]) => hook.result.current.choose(...(told as Parameters<Choose>));
    act(() => {
      choose('effort', 'effort/reserve');
      choose('order', 'order/base-first');
      choose('effort', null);
    });
    expect(given(hook)).toEqual([null, 'order/base-first']);
    await waitFor(() => expect(hook.result.current.method?.version).toBe(6));
    expect(asked).toMatchObject([{ version: 3 }, { version: 4 }, { version: 5 }]);
    expect(kept).toEqual({ effort: null, order: 'order/base-first' });
    expect(hook.result.current.problem).toBeNull();
  });

  it('shows what holds again where an answer was refused, and says why', async () => {
    server();
    const hook = await show();
    act(() => hook.result.current.choose('effort', 'refused' as Parameters<Choose>[1]));
    expect(given(hook)).toEqual(['refused', null]);
    await waitFor(() => expect(hook.result.current.problem).toBe('It was changed.'));
    await waitFor(() => expect(given(hook)).toEqual([null, null]));
  });
});
