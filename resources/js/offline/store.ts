import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { newKey, seal, unseal, type Sealed } from './box';

/** What is kept here has a name, and belongs to one user: nobody else on this device reads or sends it. */
export interface Kept {
  id: string;
}

/** The kinds of thing kept, each in a store of its own. */
export type Kind = 'trainings' | 'events';

/** An answer of the server, sealed under the key of a device code; gone after its time. */
interface KeptAnswer {
  /** whose, and what was asked */
  id: string;
  owner: string;
  v: number;
  at: number;
  until: number;
  sealed: Sealed;
}

/** A user who keeps people on this device: the key lies wrapped under their device code. */
export interface Keeper {
  id: string;
  name: string;
  salt: Uint8Array<ArrayBuffer>;
  iv: Uint8Array<ArrayBuffer>;
  wrapped: ArrayBuffer;
  /** wrong codes since the last right one */
  wrong: number;
  /** when the people of a day were last kept, and how many; null before */
  kept: { at: number; until: number; people: number } | null;
  /** for which the practice lets it be kept; three where it was kept by an earlier version */
  days?: number;
}

interface Row {
  id: string;
  owner: string;
  /** by which version of the application it was written */
  v: number;
  sealed: Sealed;
}

interface Shelves extends DBSchema {
  trainings: { key: string; value: Row; indexes: { owner: string } };
  events: { key: string; value: Row; indexes: { owner: string } };
  keys: { key: string; value: CryptoKey };
  answers: { key: string; value: KeptAnswer; indexes: { owner: string } };
  keepers: { key: string; value: Keeper };
}

/**
 * How what is kept is written. What was told is read from every earlier version (1: without the order a training took);
 * answers of an earlier one are let go of, since the server has them (before 3 a cue sheet did not say what has moved on, before 4
 * where something is felt was said with each exercise, before 5 a page at home did not say above which pain an exercise stops, before
 * 6 a squad did not say which way each one goes round, before 7 not when it meets).
 */
export const VERSION = 7;

let opened: Promise<IDBPDatabase<Shelves>> | null = null;

export const db = (): Promise<IDBPDatabase<Shelves>> =>
  (opened ??= openDB<Shelves>('even-rungs', 1, {
    upgrade(fresh) {
      for (const kind of ['trainings', 'events'] as const)
        fresh.createObjectStore(kind, { keyPath: 'id' }).createIndex('owner', 'owner');
      fresh.createObjectStore('keys');
      fresh.createObjectStore('answers', { keyPath: 'id' }).createIndex('owner', 'owner');
      fresh.createObjectStore('keepers', { keyPath: 'id' });
    },
    // Another tab with a newer version waits for this one to let go.
    blocking: () => void opened?.then((old) => old.close()).then(() => (opened = null)),
    terminated: () => (opened = null),
  }).catch((error: unknown) => {
    opened = null;
    throw error;
  }));

/** The key of a user on this device: nobody can read it out of the browser. */
export async function keyOf(owner: string): Promise<CryptoKey> {
  const shelves = await db();
  const known = await shelves.get('keys', owner);
  if (known) return known;
  const made = await newKey();
  // Another tab may have made one meanwhile: the first stays.
  const deal = shelves.transaction('keys', 'readwrite');
  const first = await deal.store.get(owner);
  if (!first) await deal.store.put(made, owner);
  await deal.done;
  return first ?? made;
}

/** What the device could not keep, full or forbidden: it lives as long as the page, and is sent like all else. */
const unkept = new Map<string, { kind: Kind; owner: string; value: Kept }>();

export const isAllKept = (): boolean => unkept.size === 0;

/** Keeps something before anything moves on; says whether the device could. */
export async function put<Value extends Kept>(kind: Kind, owner: string, value: Value): Promise<boolean> {
  try {
    const row: Row = { id: value.id, owner, v: VERSION, sealed: await seal(await keyOf(owner), value) };
    await (await db()).put(kind, row);
    unkept.delete(`${kind} ${value.id}`);
    return true;
  } catch {
    unkept.set(`${kind} ${value.id}`, { kind, owner, value });
    return false;
  }
}

export async function remove(kind: Kind, ids: string[]): Promise<void> {
  ids.forEach((id) => unkept.delete(`${kind} ${id}`));
  try {
    const deal = (await db()).transaction(kind, 'readwrite');
    await Promise.all([...ids.map((id) => deal.store.delete(id)), deal.done]);
  } catch {
    // What could not be kept need not be let go of.
  }
}

/** All of one kind that belongs to a user, in order of their names; what cannot be read any more is left out. */
export async function all<Value extends Kept>(kind: Kind, owner: string): Promise<Value[]> {
  const found = new Map<string, Value>();
  try {
    const rows = await (await db()).getAllFromIndex(kind, 'owner', owner);
    const key = rows.length === 0 ? null : await keyOf(owner);
    for (const row of rows) {
      if (!key || row.v > VERSION) continue;
      try {
        found.set(row.id, await unseal<Value>(key, row.sealed));
      } catch {
        // Sealed under a key that is gone: nobody can read it, and nobody did.
      }
    }
  } catch {
    // No store at all: what this page knows is all there is.
  }
  for (const { kind: other, owner: whose, value } of unkept.values())
    if (other === kind && whose === owner) found.set(value.id, value as Value);
  return [...found.values()].sort((one, other) => (one.id < other.id ? -1 : 1));
}

/** Lets go of everything of a user, with the key it was sealed under. */
export async function wipe(owner: string): Promise<void> {
  for (const [name, { owner: whose }] of unkept) if (whose === owner) unkept.delete(name);
  try {
    const shelves = await db();
    for (const kind of ['trainings', 'events'] as const)
      await remove(kind, await shelves.getAllKeysFromIndex(kind, 'owner', owner));
    await shelves.delete('keys', owner);
    await letGoOfAnswers(owner);
  } catch {
    // Nothing was kept.
  }
}

/** Lets go of all answers kept for a user, and of the key they were sealed under. */
export async function letGoOfAnswers(owner: string): Promise<void> {
  const deal = (await db()).transaction(['answers', 'keepers'], 'readwrite');
  for (const key of await deal.objectStore('answers').index('owner').getAllKeys(owner))
    void deal.objectStore('answers').delete(key);
  void deal.objectStore('keepers').delete(owner);
  await deal.done;
}

const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('even-rungs');
const listeners = new Set<() => void>();

/** Says in every tab that something kept here has changed. */
export function tellTabs(): void {
  tabs?.postMessage('kept');
  listeners.forEach((listener) => listener());
}
tabs?.addEventListener('message', () => listeners.forEach((listener) => listener()));

/** Is told whenever something kept here has changed, in this tab or another; answers with how to stop listening. */
export function onKept(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
