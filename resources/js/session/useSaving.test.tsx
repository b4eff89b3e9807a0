import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, expect, it, vi } from 'vitest';
import { http } from '@/api/client';
import type { Draft } from './draft';
import { useContinuousSaving } from './useSaving';

const draft = (title: string): Draft => ({
  title,
  minutes: null,
  blocks: [
    { kind: 'straight', part: 'main', items: [{ id: 'a', rung: 'r', dose: '1x20s' }], gapSeconds: [], roundRestSeconds: 0 },
  ],
});
const kept = () => Object.entries(localStorage).find(([key]) => key.includes('session.p.s'))?.[1] as string | undefined;

beforeEach(() => localStorage.clear());

it('keeps what was written while an earlier state was being saved, at the version that is saved now', async () => {
  let answer: (value: unknown) => void = () => undefined;
  vi.spyOn(http, 'PUT').mockImplementation(() => new Promise((resolve) => (answer = resolve)));
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const { rerender } = renderHook(
    ({ title, ready }) =>
      useContinuousSaving({ person: 'p', id: 's', version: 1, draft: draft(title), ready, stored: draft('first'), origin: null }),
    { wrapper, initialProps: { title: 'first', ready: true } },
  );
  rerender({ title: 'second', ready: true });
  await waitFor(() => expect(http.PUT).toHaveBeenCalledTimes(1), { timeout: 3000 });
  // Written on, and not sent yet: its doses are still being read.
  rerender({ title: 'third', ready: false });
  answer({ data: { id: 's', version: 2 } });
  await waitFor(() => expect(kept() ?? '').toContain('"version":2'));
  expect(kept()).toContain('third');
});

it('sends what is not known to be readable yet when the view is left: the server says, and the device keeps it', async () => {
  const put = vi.spyOn(http, 'PUT').mockImplementation(() => new Promise(() => undefined));
  put.mockClear();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
  );
  const { rerender, unmount } = renderHook(
    ({ title }) =>
      useContinuousSaving({
        person: 'p',
        id: 's',
        version: 1,
        draft: draft(title),
        ready: false,
        stored: draft('first'),
        origin: null,
      }),
    { wrapper, initialProps: { title: 'first' } },
  );
  rerender({ title: 'second' });
  expect(put).not.toHaveBeenCalled();
  unmount();
  await waitFor(() => expect(put).toHaveBeenCalledTimes(1));
  expect(kept()).toContain('second');
});
