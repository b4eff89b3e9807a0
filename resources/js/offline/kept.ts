import type { QueryClient, QueryKey } from '@tanstack/react-query';
import { defaultPathSerializer } from 'openapi-fetch';
import { useEffect, useState } from 'react';
import { http, setMemory, type Schemas } from '@/api/client';
import { shared } from '@/ui/shared';
import { seal, unseal } from './box';
import { keeper, keyInHand, lock, stir } from './code';
import { db, keyOf, letGoOfAnswers, onKept, tellTabs, VERSION, type Keeper } from './store';
import { trainer } from './trainer';

/** So long what is kept about people may be read, in ms: as the practice says, three days where it was not asked. */
const holdsOf = (keeper: Keeper | null): number => (keeper?.days ?? 3) * 86_400_000;

/** What is needed on the floor: who is there, their board, session, cues, sheet and review, the squads, and what all of it speaks of. */
const NEEDED =
  /^\/api\/(me|bench|floor|library|catalogue|squads(\/[^/?]+)?|people\/[^/?]+(\/(board|sessions|review|sessions\/[^/?]+\/(cues|sheet)))?)$/;

/** A person's own page, and the sessions of their week: kept on their own device without a code, for so long in ms. */
const AT_HOME = /^\/api\/home(\/sessions\/[^/?]+\/cues)?$/;
export const HOME = 'home';
const HOME_HOLDS = 7 * 86_400_000;

/** Whether the server answers, and since when what is shown instead was kept. */
interface Reach {
  /** the last thing asked could not be */
  away: boolean;
  /** when what is shown was read, where it comes from this device */
  shownFrom: number | null;
}

const reach = shared<Reach>({ away: false, shownFrom: null });
const say = (next: Reach) => {
  const { away, shownFrom } = reach.get();
  if (next.away !== away || (next.shownFrom === null) !== (shownFrom === null)) reach.set(next);
};

export const useReach = reach.useValue;

/** What a path is kept under, and for how long; null where it is not kept, or nobody has unlocked the device. */
async function slotOf(path: string): Promise<{ owner: string; key: CryptoKey; holds: number } | null> {
  if (AT_HOME.test(path)) return { owner: HOME, key: await keyOf(HOME), holds: HOME_HOLDS };
  const hand = NEEDED.test(path) ? handOf() : null;
  return hand && { ...hand, holds: holdsOf(await keeper(hand.owner)) };
}

/** The key in hand, where it is that of who is signed in; before anybody is known, of who unlocked the device. */
const handOf = () => keyInHand(trainer() || undefined);

/** Answers that are being kept just now, the newest of each path. */
const writings = new Map<string, Promise<void>>();

function remember(path: string, body: () => Promise<string>): void {
  say({ away: false, shownFrom: null });
  if (!AT_HOME.test(path) && !(handOf() && NEEDED.test(path))) return;
  const writing: Promise<void> = body()
    .then((text) => keep(path, text, () => writings.get(path) === writing))
    // Broken off on its way: what was kept before stays.
    .catch(() => undefined)
    .finally(() => writings.get(path) === writing && writings.delete(path));
  writings.set(path, writing);
}

/** The path of what was asked with openapi-react-query; null where it was asked with more than a path. */
const pathOf = ([method, template, init]: QueryKey): string | null => {
  const { path = {}, query } = (init as { params?: { path?: Record<string, unknown>; query?: unknown } })?.params ?? {};
  return method === 'get' && typeof template === 'string' && !query ? defaultPathSerializer(template, path) : null;
};

/**
 * From here on answers that are needed on the floor are kept while the device is unlocked, and read where there is no network;
 * so is what a write was answered with and a view put in their place: older answers never come back over it.
 */
export function rememberAnswers(queries: QueryClient): void {
  queries.getQueryCache().subscribe((event) => {
    if (event.type !== 'updated' || event.action.type !== 'success' || !event.action.manual) return;
    const path = pathOf(event.query.queryKey as QueryKey);
    if (path !== null) remember(path, () => Promise.resolve(JSON.stringify(event.query.state.data)));
  });
  setMemory({
    remember,
    async recall(asked) {
      // What was done without the device is told by the sheet that lies here.
      const path = asked.replace(/\?done=yes$/, '');
      if (!NEEDED.test(path) && !AT_HOME.test(path)) return null;
      say({ ...reach.get(), away: true });
      try {
        const slot = await slotOf(path);
        if (!slot) return null;
        const row = await (await db()).get('answers', `${slot.owner} ${path}`);
        // A practice may have asked for less meanwhile.
        const until = Math.min(row?.until ?? 0, (row?.at ?? 0) + slot.holds);
        if (!row || row.v !== VERSION || until < Date.now()) return null;
        const text = await unseal<string>(slot.key, row.sealed);
        say({ away: true, shownFrom: row.at });
        return text;
      } catch {
        return null;
      }
    },
  });
  for (const event of ['pointerdown', 'keydown'] as const) window.addEventListener(event, stir, { passive: true });
  setInterval(() => keyInHand(), 30_000);
  void letExpire();
}

/** @param isNewest whether nothing newer of this path is being kept */
async function keep(path: string, text: string, isNewest: () => boolean): Promise<void> {
  try {
    const slot = await slotOf(path);
    if (!slot) return;
    const { owner, key, holds } = slot;
    const at = Date.now();
    const row = { id: `${owner} ${path}`, owner, v: VERSION, at, until: at + holds, sealed: await seal(key, text) };
    const shelves = await db();
    if (isNewest()) await shelves.put('answers', row);
  } catch {
    // A device that is full keeps what it has.
  }
}

/** Lets go of what has been kept for its time. */
async function letExpire(): Promise<void> {
  try {
    const shelves = await db();
    for (const row of await shelves.getAll('answers'))
      if (row.until < Date.now() || row.v !== VERSION) await shelves.delete('answers', row.id);
  } catch {
    // Nothing is kept.
  }
}

/** Stops keeping people on this device. */
export async function stopKeeping(owner: string): Promise<void> {
  lock();
  await letGoOfAnswers(owner);
  tellTabs();
}

/**
 * Reads for everybody whose session is today or tomorrow what the floor needs; each answer is kept on its way.
 *
 * @returns a sentence where it could not be done whole; null where it was
 */
export async function keepFloor(owner: string, progress: (done: number, of: number) => void): Promise<string | null> {
  const { data: floor, error } = await http.GET('/api/floor');
  if (!floor) return error?.sentence ?? null;
  const mine = await keeper(owner);
  if (mine) await (await db()).put('keepers', { ...mine, days: floor.days });
  const common = await Promise.all([
    http.GET('/api/me'),
    http.GET('/api/bench'),
    http.GET('/api/library'),
    http.GET('/api/catalogue'),
  ]);
  const squads = await http.GET('/api/squads');
  const failed = [...common, squads].find(({ error: refusal }) => refusal)?.error;
  if (failed) return failed.sentence;
  let missed = 0;
  let missedSquads = 0;
  for (const [at, person] of floor.people.entries()) {
    progress(at, floor.people.length);
    if (!(await keepPerson(person))) missed += 1;
  }
  for (const { id: squad } of squads.data?.squads ?? [])
    if ((await http.GET('/api/squads/{squad}', { params: { path: { squad } } })).error) missedSquads += 1;
  progress(floor.people.length, floor.people.length);
  await Promise.all(writings.values());
  const found = await keeper(owner);
  const at = Date.now();
  if (found)
    await (
      await db()
    ).put('keepers', { ...found, kept: { at, until: at + holdsOf(found), people: floor.people.length - missed } });
  tellTabs();
  if (missedSquads > 0) return 'A squad could not be read.';
  return missed === 0 ? null : `${missed === 1 ? 'One person' : `${missed} people`} could not be read whole.`;
}

async function keepPerson({ id: person, session }: Schemas['FloorPersonView']): Promise<boolean> {
  const path = { person };
  const answers = await Promise.all([
    http.GET('/api/people/{person}', { params: { path } }),
    http.GET('/api/people/{person}/board', { params: { path } }),
    http.GET('/api/people/{person}/sessions', { params: { path } }),
    http.GET('/api/people/{person}/review', { params: { path } }),
    ...(session === null
      ? []
      : [
          http.GET('/api/people/{person}/sessions/{session}/cues', { params: { path: { person, session } } }),
          http.GET('/api/people/{person}/sessions/{session}/sheet', { params: { path: { person, session } } }),
        ]),
  ]);
  // What is closed, or cannot be trained today, is kept as that: with nothing to coach.
  return answers.every(({ error }) => !error || error.code !== 'offline');
}

export interface Keeping {
  keeper: Keeper | null;
  unlocked: boolean;
}

/** Whether a user keeps people on this device, and whether it is unlocked; null until the device was asked. */
export function useKeeping(owner: string): Keeping | null {
  const [keeping, setKeeping] = useState<Keeping | null>(null);
  useEffect(() => {
    let isHere = true;
    const look = () =>
      void keeper(owner).then((found) => {
        if (isHere) setKeeping({ keeper: found, unlocked: keyInHand(owner) !== null });
      });
    look();
    const stop = onKept(look);
    return () => {
      isHere = false;
      stop();
    };
  }, [owner]);
  return keeping;
}
