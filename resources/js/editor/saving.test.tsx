import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Refusal } from '@/api/client';
import { useSaving } from './saving';

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
