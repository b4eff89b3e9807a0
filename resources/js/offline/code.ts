import { db, letGoOfAnswers, tellTabs, type Keeper } from './store';

/** Without a key pressed or a finger lifted for so long, the device forgets the key, in ms: a quarter of an hour. */
const IDLE = 15 * 60_000;

/** After so many wrong codes what is kept is wiped. */
export const TRIES = 10;

/** The fewest figures or letters of a code. */
export const SHORTEST = 6;

const ROUNDS = 600_000;

let open: { owner: string; key: CryptoKey } | null = null;
let stirredAt = Date.now();

/** Somebody is there: the key is not forgotten. */
export const stir = (): void => {
  stirredAt = Date.now();
};

/** The key of what is kept about people, while the device is unlocked; for its owner alone. */
export function keyInHand(owner?: string): { owner: string; key: CryptoKey } | null {
  if (open && Date.now() - stirredAt > IDLE) lock();
  return open && (owner === undefined || open.owner === owner) ? open : null;
}

export function lock(): void {
  open = null;
  tellTabs();
}

async function underCode(code: string, salt: Uint8Array<ArrayBuffer>): Promise<CryptoKey> {
  const typed = await crypto.subtle.importKey('raw', new TextEncoder().encode(code), 'PBKDF2', false, ['deriveKey']);
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS },
    typed,
    { name: 'AES-GCM', length: 256 },
    false,
    ['wrapKey', 'unwrapKey'],
  );
}

/** Those who keep people on this device. */
export async function keepers(): Promise<Keeper[]> {
  try {
    return await (await db()).getAll('keepers');
  } catch {
    return [];
  }
}

export async function keeper(owner: string): Promise<Keeper | null> {
  return (await keepers()).find(({ id }) => id === owner) ?? null;
}

/** Begins to keep people on this device, under a code that never leaves it. What was kept before goes. */
export async function setCode(owner: string, name: string, code: string): Promise<void> {
  await letGoOfAnswers(owner);
  const salt = crypto.getRandomValues(new Uint8Array(16));
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const key = await crypto.subtle.generateKey({ name: 'AES-GCM', length: 256 }, true, ['encrypt', 'decrypt']);
  const wrapped = await crypto.subtle.wrapKey('raw', key, await underCode(code, salt), { name: 'AES-GCM', iv });
  await (await db()).put('keepers', { id: owner, name, salt, iv, wrapped, wrong: 0, kept: null });
  await unlock(owner, code);
}

/** Opens what is kept. After too many wrong codes it is wiped. */
export async function unlock(owner: string, code: string): Promise<'open' | 'wrong' | 'wiped'> {
  const found = await keeper(owner);
  if (!found) return 'wiped';
  // Counted before it is tried: closing the page in between wins nothing.
  await (await db()).put('keepers', { ...found, wrong: found.wrong + 1 });
  try {
    const key = await crypto.subtle.unwrapKey(
      'raw',
      found.wrapped,
      await underCode(code, found.salt),
      { name: 'AES-GCM', iv: found.iv },
      { name: 'AES-GCM' },
      false,
      ['encrypt', 'decrypt'],
    );
    await (await db()).put('keepers', { ...found, wrong: 0 });
    open = { owner, key };
    stir();
    tellTabs();
    return 'open';
  } catch {
    if (found.wrong + 1 < TRIES) return 'wrong';
    await letGoOfAnswers(owner);
    tellTabs();
    return 'wiped';
  }
}
