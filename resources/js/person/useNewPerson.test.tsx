import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { emptyPerson } from './fields';
import { useNewPerson } from './useNewPerson';

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});

const open = () =>
  renderHook(useNewPerson, {
    wrapper: ({ children }) => <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>,
  });

it('is the same person when the answer was lost and the page was opened again, and another one afterwards', async () => {
  const asked: { id: string; name: string }[] = [];
  let isLost = true;
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push((await request.json()) as { id: string; name: string });
    if (isLost) throw new TypeError('no network');
    return Response.json({});
  });
  const add = (form: ReturnType<typeof open>) => act(() => form.result.current.add());

  const first = open();
  act(() => first.result.current.write({ ...emptyPerson, name: 'Brida Holm' }));
  expect(await add(first)).toBeNull();
  first.unmount();

  const again = open();
  expect(again.result.current.fields.name).toBe('Brida Holm');
  isLost = false;
  const id = await add(again);
  expect(asked.map((one) => one.id)).toEqual([id, id]);

  act(() => again.result.current.write({ ...emptyPerson, name: 'Osk Brannoch' }));
  expect(await add(again)).not.toBe(id);
});
