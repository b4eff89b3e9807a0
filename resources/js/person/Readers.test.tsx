import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { takeOffer } from '@/ui/notice';
import { Readers } from './Readers';

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});

const hale = {
  id: 'h',
  name: 'Hale Brunmoor',
  parts: ['tests'],
  since: '2026-05-01',
  until: null as string | null,
  isOver: false,
};

/** What is sent when a reader is shown something else, and that is undone. */
async function undone(reader: typeof hale): Promise<[string, unknown]> {
  const sent: [string, unknown][] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method !== 'GET') sent.push([request.method, request.method === 'PUT' ? await request.json() : null]);
    const parts = [
      { value: 'tests', label: 'Tests' },
      { value: 'done', label: 'Done' },
    ];
    return Response.json({ readers: [reader], parts, waiting: [], notes: [], next: null, role: 'trainer' });
  });
  const page = render(
    <QueryClientProvider client={new QueryClient()}>
      <Readers person={{ id: 'p', name: 'Osk Brannoch' } as Schemas['PersonView']} />
    </QueryClientProvider>,
  );
  fireEvent.click(await screen.findByRole('button', { name: 'change …' }));
  fireEvent.click(screen.getByLabelText('Done'));
  fireEvent.click(screen.getByRole('button', { name: 'Share this' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toEqual(['PUT', { parts: ['tests', 'done'], until: reader.isOver ? null : reader.until }]);
  await waitFor(() => expect(screen.queryByRole('button', { name: 'Share this' })).toBeNull());
  takeOffer();
  await waitFor(() => expect(sent).toHaveLength(2));
  page.unmount();
  return sent[1] ?? ['', null];
}

it('goes back to what was shown, and never to more than that', async () => {
  expect(await undone(hale)).toEqual(['PUT', { parts: ['tests'], until: null }]);
  expect(await undone({ ...hale, until: '2026-07-01' })).toEqual(['PUT', { parts: ['tests'], until: '2026-07-01' }]);
  // Its last day is past: nothing was shown any more.
  expect(await undone({ ...hale, until: '2026-05-10', isOver: true })).toEqual(['DELETE', null]);
});
