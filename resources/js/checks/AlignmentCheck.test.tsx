import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { toast } from '@/ui/notice';
import { begunAlignment, keptAlignment, marked, type Alignment } from './alignment';
import { AlignmentCheck } from './AlignmentCheck';

vi.mock('@/ui/notice', () => ({ toast: vi.fn() }));

let sent: string[] = [];
beforeEach(() => {
  sent = [];
  vi.stubGlobal('fetch', (request: Request) => {
    sent.push(`${request.method} ${new URL(request.url).pathname}`);
    return Promise.resolve(new Response(null, { status: 204 }));
  });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.mocked(toast).mockClear();
  localStorage.clear();
});

const photo = { id: 'photo-1', width: 800, height: 400 };
const begun: Alignment = marked({ ...begunAlignment(), picture: { photo } }, 'ankle', { x: 90, y: 300 }, true);
const open = (start: Alignment, onLeave = vi.fn()) => {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <AlignmentCheck person="corvin" start={start} library={{ rungs: new Map(), ladders: new Map() }} onLeave={onLeave} />
    </QueryClientProvider>,
  );
  return onLeave;
};
const takeBack = (): void => {
  const offered = vi.mocked(toast).mock.calls[0]?.[1]?.action as unknown as { onClick: () => void };
  act(() => offered.onClick());
};

it('goes on after a reload with its picture, its marks and the length', () => {
  open(begun);
  fireEvent.change(screen.getByLabelText('Known length, cm'), { target: { value: '180' } });
  cleanup();

  const again = keptAlignment('corvin');
  expect(again).toMatchObject({ chosen: 'knee', marks: { ankle: { x: 90, y: 300 } }, centimetres: '180', picture: { photo } });
  open(again ?? begun);
  expect(screen.getByRole('button', { name: 'ankle, 90 across, 300 down' })).toBeInTheDocument();
  expect(screen.getByLabelText('Known length, cm')).toHaveValue('180');
});

it('left by a press that was not meant comes back, and only then its picture stays', async () => {
  vi.useFakeTimers();
  const left = open(begun);
  fireEvent.keyDown(window, { key: 'Escape' });
  expect(left).toHaveBeenLastCalledWith(null);
  expect(keptAlignment('corvin')).toBeNull();
  takeBack();
  expect(left).toHaveBeenLastCalledWith(begun);
  expect(keptAlignment('corvin')).toEqual(begun);
  await vi.advanceTimersByTimeAsync(20_000);
  expect(sent).toEqual([]);

  fireEvent.keyDown(window, { key: 'Escape' });
  await vi.advanceTimersByTimeAsync(20_000);
  expect(sent).toEqual(['DELETE /api/people/corvin/photos/photo-1']);
});

it('says so where its picture is gone, and keeps the marks', () => {
  open(begun);
  fireEvent.error(screen.getByRole('img', { name: 'The person from the side' }));
  expect(screen.getByRole('alert')).toHaveTextContent('This picture is no longer there.');
  expect(screen.getByRole('button', { name: /Choose or take a picture/ })).toBeVisible();
});

it('left before anything was marked says nothing, and lets go of its picture at once', async () => {
  open({ ...begunAlignment(), picture: { photo } });
  fireEvent.keyDown(window, { key: 'Escape' });
  await waitFor(() => expect(sent).toEqual(['DELETE /api/people/corvin/photos/photo-1']));
  expect(toast).not.toHaveBeenCalled();
});
