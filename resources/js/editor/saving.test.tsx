import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { http, type Refusal } from '@/api/client';
import { useSaving } from './saving';
import { useSoon } from './useSoon';

const offline: Refusal = { code: 'offline', sentence: 'No network.', fields: {}, id: '', present: null };

beforeEach(() => void vi.useFakeTimers({ shouldAdvanceTime: true }));
afterEach(() => void vi.useRealTimers());

describe('a save whose answer was lost', () => {
  it('is sent again as it was before anything newer: the server knows it by what it says', async () => {
    const sent: [string, number][] = [];
    let lost = true;
    const send = (value: string, version: number) => {
      sent.push([value, version]);
      if (!lost) return Promise.resolve({ data: { version: version + 1 } });
      lost = false;
      return Promise.resolve({ error: offline });
    };
    const client = new QueryClient();
    const around = ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    );
    const { result } = renderHook(() => useSaving({ thing: 'a', version: 3, send, onSaved: () => undefined }), {
      wrapper: around,
    });

    act(() => result.current.save('first'));
    await waitFor(() => expect(sent).toHaveLength(1));
    act(() => result.current.save('second'));
    await act(() => vi.advanceTimersByTimeAsync(25_000));

    expect(sent).toEqual([
      ['first', 3],
      ['first', 3],
      ['second', 4],
    ]);
  });
});

describe('a view that is left while two saves are on their way, and opened again', () => {
  it('goes on from there: nothing is sent a second time over what was taken meanwhile', async () => {
    const sent: [string, number][] = [];
    const answers: (() => void)[] = [];
    const send = (value: string, version: number) => {
      sent.push([value, version]);
      return new Promise<{ data: { version: number } }>((done) => answers.push(() => done({ data: { version: version + 1 } })));
    };
    const client = new QueryClient();
    const open = () =>
      renderHook(() => useSaving({ thing: 'd', version: 3, draftKept: true, send, onSaved: () => undefined }), {
        wrapper: ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
      });
    const answered = async (count: number) => {
      await waitFor(() => expect(answers).toHaveLength(count));
      await act(() => Promise.resolve(answers[count - 1]!()));
    };

    const first = open();
    act(() => first.result.current.save('first'));
    await waitFor(() => expect(sent).toHaveLength(1));
    act(() => first.result.current.save('second'));
    first.unmount();
    const again = open();
    await answered(1);
    await answered(2);
    expect(again.result.current.over()).toBe(5);
    act(() => again.result.current.save('third'));
    await answered(3);

    expect(sent).toEqual([
      ['first', 3],
      ['second', 4],
      ['third', 5],
    ]);
  });
});

describe('a page that was closed before its save was answered', () => {
  const open = (
    version: number,
    draftKept: boolean,
    send: (value: string, at: number) => Promise<{ data?: { version: number }; error?: Refusal }>,
  ) => {
    const client = new QueryClient();
    return renderHook(
      () => useSaving<string, { version: number }>({ thing: 'c', version, draftKept, send, onSaved: () => undefined }),
      {
        wrapper: ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
      },
    );
  };
  const taken = (sent: [string, number][]) => (value: string, version: number) => {
    sent.push([value, version]);
    return Promise.resolve({ data: { version: version + 1 } });
  };

  it('has it sent first when it is opened again, over the same version; what was written since goes over that', async () => {
    const never = vi.fn(() => new Promise<never>(() => undefined));
    const first = open(3, true, never);
    act(() => first.result.current.save('first'));
    await waitFor(() => expect(never).toHaveBeenCalled());
    first.unmount();

    const sent: [string, number][] = [];
    const again = open(3, true, taken(sent));
    act(() => again.result.current.save('first and second'));
    await waitFor(() =>
      expect(sent).toEqual([
        ['first', 3],
        ['first and second', 4],
      ]),
    );
    again.unmount();
    open(5, true, taken(sent));
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(sent).toHaveLength(2);
  });

  it('sends nothing of it where another version was read meanwhile', async () => {
    const first = open(3, true, () => new Promise<never>(() => undefined));
    act(() => first.result.current.save('first'));
    await act(() => vi.advanceTimersByTimeAsync(100));
    first.unmount();
    const sent: [string, number][] = [];
    open(4, true, taken(sent));
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(sent).toEqual([]);
  });

  it('sends nothing of it where nobody keeps what was written', async () => {
    const first = open(0, false, () => new Promise<never>(() => undefined));
    act(() => first.result.current.save('this week'));
    await act(() => vi.advanceTimersByTimeAsync(100));
    first.unmount();
    const sent: [string, number][] = [];
    open(0, false, taken(sent));
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(sent).toEqual([]);
  });
});

describe('a page that goes', () => {
  const around = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
  );
  const go = () => void window.dispatchEvent(new Event('pagehide'));
  afterEach(() => void window.dispatchEvent(new Event('pageshow')));

  it('sends what was on its way once more, since the browser breaks that off', async () => {
    const send = vi.fn(() => new Promise<never>(() => undefined));
    const { result } = renderHook(() => useSaving({ thing: 'b', version: 3, send, onSaved: () => undefined }), {
      wrapper: around,
    });
    act(go);
    expect(send).not.toHaveBeenCalled();
    act(() => result.current.save('first'));
    await waitFor(() => expect(send).toHaveBeenCalledTimes(1));
    act(go);
    expect(send.mock.calls).toEqual([
      ['first', 3],
      ['first', 3],
    ]);
  });

  it('sends at once what was to be sent a moment later, and only once', () => {
    const run = vi.fn();
    const { result } = renderHook(() => useSoon(700));
    result.current.soon(run);
    act(go);
    expect(run).toHaveBeenCalledTimes(1);
    vi.advanceTimersByTime(2000);
    expect(run).toHaveBeenCalledTimes(1);
  });

  it('has what it writes sent by the browser, and nothing that it reads', async () => {
    const asked = vi.spyOn(globalThis, 'fetch').mockImplementation(() => Promise.resolve(Response.json({})));
    const ways = async () => {
      asked.mockClear();
      await http.GET('/api/bench');
      await http.POST('/api/sign-out');
      return asked.mock.calls.map(([request]) => (request as Request).keepalive);
    };
    expect(await ways()).toEqual([false, false]);
    go();
    expect(await ways()).toEqual([false, true]);
    asked.mockRestore();
  });
});
