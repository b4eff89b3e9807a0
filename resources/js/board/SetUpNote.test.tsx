import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { SetUpNote } from './SetUpNote';

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});

/** A server that keeps the note, and takes it only over the version it has. */
function server(present: Schemas['SetUpView']) {
  const asked: unknown[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method === 'GET') return Response.json({});
    const { text, version } = (await request.json()) as Schemas['SetUpView'];
    asked.push([text, version]);
    if (version !== present.version)
      return Response.json({ code: 'changed-meanwhile', sentence: '', fields: {}, id: '', present }, { status: 409 });
    present = { rung: present.rung, text: text.trim(), version: version + 1 };
    return Response.json(present);
  });
  return asked;
}

const show = (kept: Schemas['SetUpView'] | undefined) => {
  render(
    <MemoryRouter>
      <QueryClientProvider client={new QueryClient()}>
        <SetUpNote person="p" rung="r" kept={kept} />
      </QueryClientProvider>
    </MemoryRouter>,
  );
  const field = screen.getByLabelText<HTMLTextAreaElement>('Own set-up');
  const write = (text: string) => {
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };
  return { field, write };
};

describe('an own set-up', () => {
  it('stays in its field once it is saved, and is written on from there', async () => {
    const asked = server({ rung: 'r', text: '', version: 0 });
    const { field, write } = show(undefined);
    write('toes out');
    await waitFor(() => expect(asked).toHaveLength(1));
    await waitFor(() => expect(Object.keys(localStorage).filter((key) => key.includes('set-up'))).toEqual([]));
    expect(field.value).toBe('toes out');
    write('toes out, pad below');
    await waitFor(() =>
      expect(asked).toEqual([
        ['toes out', 0],
        ['toes out, pad below', 1],
      ]),
    );
    expect(field.value).toBe('toes out, pad below');
  });

  it('keeps what is typed while it is being saved', async () => {
    const asked = server({ rung: 'r', text: '', version: 0 });
    const { field, write } = show(undefined);
    write('toes out');
    fireEvent.change(field, { target: { value: 'toes out, and' } });
    await waitFor(() => expect(asked).toHaveLength(1));
    await new Promise((done) => setTimeout(done, 50));
    expect(field.value).toBe('toes out, and');
  });

  it('says what somebody else wrote meanwhile, and goes over it only when the field is left again', async () => {
    const asked = server({ rung: 'r', text: 'hers', version: 2 });
    const { field, write } = show({ rung: 'r', text: 'before', version: 1 });
    write('mine');
    expect(await screen.findByText(/Someone else wrote: “hers”/)).toBeInTheDocument();
    expect(field.value).toBe('mine');
    fireEvent.blur(field);
    await waitFor(() =>
      expect(asked).toEqual([
        ['mine', 1],
        ['mine', 2],
      ]),
    );
  });
});
