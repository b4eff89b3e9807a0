import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { Trainers } from './Trainers';

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});

it('keeps an invitation that was not answered, and sends it as the same one', async () => {
  const asked: { id: string; email: string }[] = [];
  let isLost = true;
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method !== 'POST') return Response.json({ trainers: [] });
    asked.push((await request.json()) as { id: string; email: string });
    if (isLost) throw new TypeError('no network');
    return Response.json({ trainers: [] });
  });
  const open = () =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Trainers />
      </QueryClientProvider>,
    );
  const field = () => screen.findByLabelText<HTMLInputElement>('Invite somebody: their e-mail');
  const send = () => fireEvent.click(screen.getByRole('button', { name: 'Send the invitation' }));

  const first = open();
  fireEvent.change(await field(), { target: { value: 'lark@tarn-row.example' } });
  send();
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(await screen.findByRole('alert')).toBeTruthy();
  first.unmount();

  open();
  expect((await field()).value).toBe('lark@tarn-row.example');
  isLost = false;
  send();
  await waitFor(() => expect(asked).toHaveLength(2));
  expect(asked[1]).toEqual(asked[0]);
  await waitFor(async () => expect((await field()).value).toBe(''));
});

it('says where the letter of an invitation was not sent, and offers to send it again', async () => {
  const trainer = { id: 'a', name: '', email: 'lark@tarn-row.example', role: 'trainer', since: '2026-06-01', isYou: false };
  const posted: string[] = [];
  vi.stubGlobal('fetch', (request: Request) => {
    if (request.method === 'POST') posted.push(new URL(request.url).pathname);
    return Response.json({ trainers: [{ ...trainer, state: posted.length === 0 ? 'unreached' : 'invited' }] });
  });
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Trainers />
    </QueryClientProvider>,
  );
  expect(await screen.findByText('not sent')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'invite again' }));
  expect(await screen.findByText('invited')).toBeTruthy();
  expect(posted).toEqual(['/api/practice/trainers/a/invitation']);
});
