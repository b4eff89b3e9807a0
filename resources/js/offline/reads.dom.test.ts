import 'fake-indexeddb/auto';
import { afterEach, expect, it } from 'vitest';
import { keepNobody, mayKeep } from './reads';
import { db, VERSION } from './store';

afterEach(() => localStorage.clear());

const keep = async (owner: string) =>
  (await db()).put('answers', {
    id: `${owner} /api/people/p1`,
    owner,
    v: VERSION,
    at: 1,
    until: Date.now() + 60_000,
    sealed: { iv: new Uint8Array(), data: new ArrayBuffer(0) },
  });
const kept = async () => (await (await db()).getAll('answers')).map(({ owner }) => owner);

it('lets go of people once where a trainer only reads from now on, and of nothing that is typed later', async () => {
  await keep('pell');
  await keep('wren');
  localStorage.setItem('even-rungs.text', 'of when they trained');

  await keepNobody('pell');
  expect(await kept()).toEqual(['wren']);
  expect(localStorage.getItem('even-rungs.text')).toBeNull();

  localStorage.setItem('even-rungs.text', 'a note that is not sent yet');
  await keepNobody('pell');
  expect(localStorage.getItem('even-rungs.text')).toBe('a note that is not sent yet');

  mayKeep('pell');
  await keep('pell');
  await keepNobody('pell');
  expect(await kept()).toEqual(['wren']);
});
