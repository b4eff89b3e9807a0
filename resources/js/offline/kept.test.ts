import 'fake-indexeddb/auto';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Memory } from '@/api/client';
import { QueryClient } from '@tanstack/react-query';
import * as client from '@/api/client';
import { keeper, keyInHand, lock, setCode, stir, unlock } from './code';
import { rememberAnswers } from './kept';
import { db, wipe } from './store';
import { setTrainer } from './trainer';

const CODE = '246813';
/** How long, in milliseconds, what a machine with much else to do still has to come. */
const PATIENT = 30_000;
let memory: Memory;
const queries = new QueryClient();

/** Hands an answer over, and waits until it is kept. */
async function answered(path: string, body: string): Promise<void> {
  memory.remember(path, () => Promise.resolve(body));
  await vi.waitFor(async () => expect(await memory.recall(path)).toBe(body), PATIENT);
}

/** Whether an answer is kept at all. */
function isTaken(path: string): boolean {
  const body = vi.fn(() => Promise.resolve('{}'));
  memory.remember(path, body);
  return body.mock.calls.length > 0;
}

/** What the key of a code is asked for; made in fewer rounds than that, which here only take their time. */
let asked: Pbkdf2Params | undefined;
const { deriveKey } = crypto.subtle;
const quickly = (params: Parameters<typeof deriveKey>[0], ...rest: unknown[]) => {
  asked = params as Pbkdf2Params;
  return deriveKey.call(
    crypto.subtle,
    { ...asked, iterations: 1000 },
    ...(rest as [CryptoKey, AlgorithmIdentifier, boolean, KeyUsage[]]),
  );
};

describe('what a device keeps of answers', () => {
  beforeAll(() => {
    vi.spyOn(crypto.subtle, 'deriveKey').mockImplementation(quickly as typeof deriveKey);
    vi.stubGlobal('navigator', {});
    vi.stubGlobal('window', { addEventListener: () => undefined });
    vi.useFakeTimers({ toFake: ['setInterval'] });
    vi.spyOn(client, 'setMemory').mockImplementation((given) => {
      memory = given;
    });
    rememberAnswers(queries);
  });
  beforeEach(async () => {
    setTrainer('wren');
    await wipe('wren');
    await setCode('wren', 'Wren Aldous', CODE);
  });
  afterEach(() => {
    vi.useRealTimers();
    lock();
  });
  afterAll(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  it('is there again under the code, and not without it', async () => {
    await answered('/api/bench', '{"lines":[]}');
    lock();
    expect(await memory.recall('/api/bench')).toBeNull();
    expect(await unlock('wren', '000000')).toBe('wrong');
    expect(await memory.recall('/api/bench')).toBeNull();
    expect(await unlock('wren', CODE)).toBe('open');
    expect(await memory.recall('/api/bench')).toBe('{"lines":[]}');
  });

  // As common practice has it for PBKDF2 with SHA-256 (OWASP, Password Storage Cheat Sheet; from memory).
  it('lies under a key that takes 600 000 rounds to make', () => {
    expect(asked).toMatchObject({ name: 'PBKDF2', hash: 'SHA-256', iterations: 600_000 });
    expect(asked?.salt.byteLength).toBe(16);
  });

  it('is what the floor needs, and nothing else', async () => {
    for (const path of ['/api/people', '/api/bench?after=x', '/api/people/1/checks', '/api/people/1/photos/2']) {
      expect(isTaken(path)).toBe(false);
      expect(await memory.recall(path)).toBeNull();
    }
    await answered('/api/people/1/sessions/2/cues', '{}');
    expect(await memory.recall('/api/people/1/sessions/2/cues')).toBe('{}');
  });

  // A danger sign told on the phone closes its page, also where the network goes before the page is read again.
  it('is what a write was answered with, where that stands in the place of what was read', async () => {
    await answered('/api/home', '{"closed":null}');
    await answered('/api/people/7', '{"version":1}');
    queries.setQueryData(client.api.queryOptions('get', '/api/home', {}).queryKey, { closed: 'Call your practice.' });
    const person = { params: { path: { person: '7' } } };
    queries.setQueryData(client.api.queryOptions('get', '/api/people/{person}', person).queryKey, { version: 2 });
    await vi.waitFor(async () => {
      expect(await memory.recall('/api/home')).toBe('{"closed":"Call your practice."}');
      expect(await memory.recall('/api/people/7')).toBe('{"version":2}');
    }, PATIENT);
  });

  it('is the later of two answers, also where the first takes longer to come whole', async () => {
    let whole: (text: string) => void = vi.fn();
    memory.remember('/api/bench', () => new Promise((resolve) => (whole = resolve)));
    memory.remember('/api/bench', () => Promise.resolve('{"later":1}'));
    whole('{"earlier":1}');
    await vi.waitFor(async () => expect(await memory.recall('/api/bench')).toBe('{"later":1}'), PATIENT);
  });

  it('is nobody else’s: who signs in on an unlocked device neither reads nor writes it', async () => {
    await answered('/api/me', '{"id":"wren"}');
    setTrainer('odo');
    expect(await memory.recall('/api/me')).toBeNull();
    expect(isTaken('/api/me')).toBe(false);
    setTrainer('wren');
    expect(await memory.recall('/api/me')).toBe('{"id":"wren"}');
  });

  it('locks after a quarter of an hour without a touch, and not before', () => {
    vi.useFakeTimers({ toFake: ['Date'] });
    stir();
    vi.setSystemTime(Date.now() + 14 * 60_000);
    expect(keyInHand('wren')).not.toBeNull();
    vi.setSystemTime(Date.now() + 2 * 60_000);
    expect(keyInHand('wren')).toBeNull();
  });

  it('is gone after three days', async () => {
    await answered('/api/bench', '{}');
    vi.useFakeTimers({ toFake: ['Date'] });
    vi.setSystemTime(Date.now() + 4 * 86_400_000);
    stir();
    expect(await memory.recall('/api/bench')).toBeNull();
  });

  it('is gone as soon as the practice says, and so is what lies here already', async () => {
    await answered('/api/bench', '{}');
    const mine = await keeper('wren');
    await (await db()).put('keepers', { ...mine!, days: 1 });
    vi.useFakeTimers({ toFake: ['Date'] });
    vi.setSystemTime(Date.now() + 1.5 * 86_400_000);
    stir();
    expect(await memory.recall('/api/bench')).toBeNull();
  });

  it('is not read where an earlier version kept it: what it speaks of may have another shape by now', async () => {
    await answered('/api/bench', '{}');
    const row = await (await db()).get('answers', 'wren /api/bench');
    await (await db()).put('answers', { ...row!, v: 1 });
    expect(await memory.recall('/api/bench')).toBeNull();
  });

  it('goes with its key when it is let go of', async () => {
    await answered('/api/bench', '{}');
    lock();
    await wipe('wren');
    expect([await keeper('wren'), await unlock('wren', CODE)]).toEqual([null, 'wiped']);
  });
});
