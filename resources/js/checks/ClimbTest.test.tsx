import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Library } from '@/frame/useLibrary';
import { toast } from '@/ui/notice';
import { begunClimb, keptClimb, type Climb } from './climb';
import { ClimbTest } from './ClimbTest';

vi.mock('@/ui/notice', () => ({ toast: vi.fn() }));

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.mocked(toast).mockClear();
  localStorage.clear();
});

const climb: Climb = {
  ...begunClimb({ ladder: 'front-plank', sided: false, guess: null }),
  trials: [{ rung: 'front-plank/forearms-wall', faults: [], pain: 0 }],
};
const library: Library = { rungs: new Map(), ladders: new Map() };
/** It has ended: nothing is tried any more. */
const step = { next: null, workingRung: null, clean: [true], cleanPain: 0, questions: [], holdSeconds: null, reason: null };

const open = (onLeave = vi.fn()) => {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ClimbTest person="corvin" start={climb} library={library} onLeave={onLeave} />
    </QueryClientProvider>,
  );
  return onLeave;
};

it('is brought back where it was left by a press that was not meant', async () => {
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json(step)));
  const left = open();
  await screen.findByText('leave the test');
  fireEvent.keyDown(window, { key: 'Escape' });
  expect(left).toHaveBeenLastCalledWith(null);
  expect(keptClimb('corvin')).toBeNull();

  const offered = vi.mocked(toast).mock.calls[0]?.[1]?.action as unknown as { onClick: () => void } | undefined;
  offered?.onClick();
  expect(left).toHaveBeenLastCalledWith(climb);
  expect(keptClimb('corvin')).toEqual(climb);
});

it('is saved under the same number after a reload, where the answer was lost', async () => {
  const sent: unknown[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.url.endsWith('/next')) return Response.json(step);
    sent.push(await request.json());
    throw new TypeError('no network');
  });
  for (const time of [1, 2]) {
    open();
    fireEvent.click(await screen.findByRole('button', { name: /Keep/ }));
    await waitFor(() => expect(sent).toHaveLength(time));
    cleanup();
  }
  expect(sent[0]).toEqual(sent[1]);
});

it('has what was ticked of the trial under way after a reload', async () => {
  const question = { value: 'ribs', label: 'Ribs stay down' };
  vi.stubGlobal('fetch', (request: Request) =>
    request.url.endsWith('/next')
      ? Promise.resolve(Response.json({ ...step, next: 'front-plank/forearms-bench', questions: [question] }))
      : new Promise(() => undefined),
  );
  const bench = { slug: 'front-plank/forearms-bench', name: 'Bench', heightText: '2.4', tempo: null, cues: [], check: '' };
  const rungs = new Map([[bench.slug, bench]]) as unknown as Library['rungs'];
  const show = (start: Climb) =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <ClimbTest person="corvin" start={start} library={{ ...library, rungs }} onLeave={vi.fn()} />
      </QueryClientProvider>,
    );
  show(climb);
  await screen.findByText(/Clean, no pain/);
  fireEvent.keyDown(window, { key: '1' });
  fireEvent.click(screen.getByRole('button', { name: 'pain 2' }));
  expect(screen.getByText('Not clean')).toBeVisible();
  cleanup();

  show(keptClimb('corvin') ?? climb);
  expect(await screen.findByText('Not clean')).toBeVisible();
  expect(screen.getByRole('button', { name: 'pain 2' })).toHaveAttribute('aria-pressed', 'true');
  fireEvent.keyDown(window, { key: 'Enter' });
  expect(keptClimb('corvin')?.trials.at(-1)).toEqual({ rung: 'front-plank/forearms-bench', faults: ['ribs'], pain: 2 });
  expect(keptClimb('corvin')?.now).toBeUndefined();
});
