import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { http } from '@/api/client';
import { readFile } from './file';
import { sendWaiting } from './outbox';
import { all, db, put, wipe } from './store';
import { setDone } from './set.fixture';
import { toldBy } from './told';
import { begin, letGo, oddTimes, open, stand, tell, tidy, waiting, type KeptEvent, type Opened } from './trainings';
import { setTrainer } from './trainer';

const of = { person: 'p1', name: 'Corvin Strake', session: 's1', title: 'Lock-house floor' };
const set = (number: number, both = 20) => setDone('plank', number, both, { rung: 'front-plank/forearms-knees', dose: '2x20s' });
const done = (here: Opened, number: number, both = 20) =>
  tell(here, { kind: 'set', item: 'plank', number, set: set(number, both) });
const setsOf = ({ events }: Opened) =>
  toldBy(events.map(({ event }) => event)).sets.map(({ set: number, both }) => [number, both]);

type Sent = { params: { path: { training: string } }; body: { on: string; events: { id: string }[] } };

/** A server that takes what it is sent, or fails as it is told. */
function server(answer: (sent: Sent) => object | null = () => ({})) {
  const sent: Sent[] = [];
  vi.spyOn(http, 'POST').mockImplementation((_: string, one: Sent) => {
    sent.push(one);
    const said = answer(one);
    if (said === null)
      return Promise.resolve({ error: { code: 'offline', sentence: 'No network.', fields: {}, id: '', present: null } });
    const taken = one.body.events.map(({ id }) => id);
    return Promise.resolve({
      data: {
        on: one.body.on,
        clock: null,
        taken,
        refused: [],
        sets: 0,
        ended: false,
        also: null,
        differing: [],
        log: null,
        ...said,
      },
    });
  });
  return sent;
}

describe('what was logged on this device', () => {
  beforeEach(async () => {
    vi.stubGlobal('navigator', {});
    setTrainer('wren');
    await wipe('wren');
    await wipe('odo');
  });
  afterEach(() => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });

  it('is no training yet where only a morning was told: the next day begins one of its own', async () => {
    vi.useFakeTimers({ toFake: ['Date'], now: new Date(2026, 5, 1, 18) });
    const told = await tell(await open(of), { kind: 'morning', other: 'l0', pains: [] });
    expect((await open(of)).training.id).toBe(told.training.id);
    vi.setSystemTime(new Date(2026, 5, 2, 18));
    const next = await open(of);
    expect([next.training.id === told.training.id, next.training.on]).toEqual([false, '2026-06-02']);
    await done(next, 1);
    expect((await waiting()).map(({ waits }) => waits.map(({ event }) => event.kind))).toEqual([['morning'], ['set']]);
  });

  it('is of the day that was set, also where nothing but that was changed of what lies here', async () => {
    const written = await stand(await open(of), () => ({ draft: { on: '2026-05-31', minutes: '', items: {} } }));
    const dated = await stand(written, () => ({ on: '2026-05-31', byHand: true, draft: null }));
    const told = await done(dated, 1);
    expect([told.training.on, told.training.byHand, told.training.draft]).toEqual(['2026-05-31', true, null]);
  });

  it('stays until its odd time was asked about, and only then', async () => {
    const odd = { id: 'l1', title: '', doneOn: '2026-06-01', sets: 1, seconds: 3, odd: { sentence: 'Counted: 3 s.' } };
    server(() => ({ ended: true, log: odd }));
    const here = await tell(await done(await open(of), 1), { kind: 'ended' });
    await sendWaiting();
    await tidy();
    expect((await oddTimes()).map(({ training }) => training.id)).toEqual([here.training.id]);
    await stand(here, () => ({ timeIsRight: true }));
    expect(await oddTimes()).toEqual([]);
    await tidy();
    expect(await all('trainings', 'wren')).toEqual([]);
  });

  it('is there still where an earlier version kept it', async () => {
    await done(await open(of), 1, 18);
    const shelves = await db();
    for (const kind of ['trainings', 'events'] as const)
      for (const row of await shelves.getAll(kind)) await shelves.put(kind, { ...row, v: 1 });
    expect(setsOf(await open(of))).toEqual([[1, 18]]);
  });

  it('is there again after the page was closed, and lies there encrypted', async () => {
    const here = await done(await done(await open(of), 1), 2);
    const again = await open(of);
    expect(again.training.id).toBe(here.training.id);
    expect(setsOf(again)).toEqual([
      [1, 20],
      [2, 20],
    ]);

    const database = await new Promise<IDBDatabase>((found) => {
      const request = indexedDB.open('even-rungs');
      request.onsuccess = () => found(request.result);
    });
    const rows = await new Promise<unknown[]>((found) => {
      const request = database.transaction('trainings').objectStore('trainings').getAll();
      request.onsuccess = () => found(request.result);
    });
    database.close();
    expect(rows).toHaveLength(1);
    expect(JSON.stringify(rows)).not.toContain('Corvin');
  });

  it('is one training in two tabs that both had it open before the first set', async () => {
    const [one, other] = [await open(of), await open(of)];
    expect(one.training.id).not.toBe(other.training.id);
    const first = await done(one, 1);
    const second = await done(other, 2);
    expect(second.training.id).toBe(first.training.id);
    expect(setsOf(second)).toEqual([
      [1, 20],
      [2, 20],
    ]);
  });

  it('is begun beside one that was left open, and neither goes on in the other', async () => {
    const left = await done(await open(of), 1);
    const afterwards = await stand(begin(of), () => ({ on: '2026-05-30', byHand: true }));
    const told = await done(afterwards, 1, 15);
    expect([left.training.id === told.training.id, told.training.on, setsOf(told)]).toEqual([false, '2026-05-30', [[1, 15]]]);
    await tell(told, { kind: 'ended' });
    const again = await open(of);
    expect([again.training.id, setsOf(again)]).toEqual([left.training.id, [[1, 20]]]);
  });

  it('begins with the first thing that is done, not when the page was opened', async () => {
    vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-11-26T22:00:00') });
    const here = await open(of);
    vi.setSystemTime(new Date('2026-11-27T08:00:00'));
    const { training, events } = await done(here, 1);
    expect([training.on, training.startedAt, events[0]?.event.moments]).toEqual(['2026-11-27', Date.now(), [0]]);
  });

  it('takes the place of what was told of the same set before, and a set taken back is none', async () => {
    const first = await done(await open(of), 1);
    const anew = await done(first, 1, 15);
    expect(anew.events.map(({ event }) => event.instead)).toEqual([[], [first.events[0]?.id]]);
    expect(setsOf(anew)).toEqual([[1, 15]]);
    expect(setsOf(await tell(anew, { kind: 'undone', item: 'plank', number: 1 }))).toEqual([]);
  });

  it('waits without a network, is sent once it is there, and twice is harmless', async () => {
    await done(await done(await open(of), 1), 2);
    server(() => null);
    expect(await sendWaiting()).toBe(false);
    expect((await waiting())[0]?.waits).toHaveLength(2);

    const sent = server();
    expect(await sendWaiting()).toBe(true);
    expect(await waiting()).toEqual([]);
    expect(await sendWaiting()).toBe(true);
    expect(sent).toHaveLength(1);
  });

  it('stays where only a part of it was taken, and says why', async () => {
    const here = await done(await done(await open(of), 1), 2);
    const [first, second] = here.events.map(({ id }) => id);
    server(() => ({ taken: [first], refused: [{ event: second, sentence: 'The library has no such rung.' }] }));
    await sendWaiting();
    const [kept] = await waiting();
    expect(kept?.waits).toEqual([]);
    expect(kept?.refused.map(({ id, sentence }) => [id, sentence])).toEqual([[second, 'The library has no such rung.']]);
    await letGo(here.training.id);
    expect(await waiting()).toHaveLength(1);
  });

  it('what is told while a sending is under way goes with the next', async () => {
    let here = await done(await open(of), 1);
    const sent = server();
    const first = sendWaiting();
    here = await done(here, 2);
    await first;
    await sendWaiting();
    expect(sent.flatMap(({ body }) => body.events.map(({ id }) => id))).toEqual(here.events.map(({ id }) => id));
    expect(await waiting()).toEqual([]);
  });

  it('counts for the day that was set by hand, also where that is all there is to send', async () => {
    const here = await done(await open(of), 1);
    server();
    await sendWaiting();
    await stand(here, () => ({ on: '2026-11-20', byHand: true }));
    const sent = server();
    await sendWaiting();
    expect([sent[0]?.body.on, sent[0]?.body.events]).toEqual(['2026-11-20', []]);
    expect(await waiting()).toEqual([]);
  });

  it('is nobody else’s: another user neither sees nor sends it', async () => {
    await done(await open(of), 1);
    setTrainer('odo');
    const sent = server();
    expect(await sendWaiting()).toBe(true);
    expect([await waiting(), sent, setsOf(await open(of))]).toEqual([[], [], []]);
  });

  it('goes on in memory where the device is full, and is sent all the same', async () => {
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    const here = await done(await open(of), 1);
    expect(await put('events', 'wren', { ...here.events[0]!, state: 'waits' } satisfies KeptEvent)).toBe(false);
    expect(setsOf(await open(of))).toEqual([[1, 20]]);
    full.mockRestore();
    const sent = server();
    expect(await sendWaiting()).toBe(true);
    expect(sent[0]?.body.events).toHaveLength(1);
  });

  it('goes once it is over and the server has it, and never before', async () => {
    const here = await tell(await done(await open(of), 1), { kind: 'ended' });
    await tidy();
    expect(await all('events', 'wren')).toHaveLength(2);
    server();
    await sendWaiting();
    await tidy();
    expect([await all('events', 'wren'), await all('trainings', 'wren')]).toEqual([[], []]);
    expect((await open(of)).training.id).not.toBe(here.training.id);
  });

  it('arrives from a file on another device, each answer once', async () => {
    const here = await done(begin(of), 1);
    const [kept] = await waiting();
    const text = JSON.stringify({
      format: 'even-rungs-log',
      version: 1,
      trainings: [{ training: kept?.training, events: here.events.map(({ event }) => event) }],
    });
    await wipe('wren');
    expect(await readFile(text)).toEqual({ answers: 1, sentence: 'One answer read in.' });
    expect(await readFile(text)).toEqual({ answers: 0, sentence: 'Everything in this file is here already.' });
    expect(setsOf(await open(of))).toEqual([[1, 20]]);
    for (const wrong of ['', '{}', '[1]', text.replace('"version":1', '"version":2'), text.replace('"events":[', '"events":[3,')])
      expect((await readFile(wrong)).sentence).toContain('no log file');
  });

  it('an earlier version kept whole arrives, under its own number and with what was not asked then', async () => {
    const stored = new Map<string, string>();
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => stored.get(key) ?? null,
      setItem: (key: string, value: string) => void stored.set(key, value),
      removeItem: (key: string) => void stored.delete(key),
    });
    const former: Record<string, unknown> = { ...set(1), feltWrong: true };
    delete former.felt;
    delete former.painPlace;
    const log = {
      id: 'former',
      session: 's1',
      startedAt: 1000,
      at: 4,
      over: false,
      sets: [former],
      answering: null,
      passed: ['plank 2'],
      moments: [0, 30],
      revision: 3,
    };
    stored.set('even-rungs.log.s1', JSON.stringify({ v: 2, value: log }));

    const here = await open(of);
    const told = toldBy(here.events.map(({ event }) => event));
    expect([here.training.id, here.training.at, here.training.moments]).toEqual(['former', 4, [0, 30]]);
    expect(told.sets.map(({ felt, painPlace }) => [felt, painPlace])).toEqual([['elsewhere', null]]);
    expect([told.skipped, [...stored.keys()].filter((key) => key.includes('.log.'))]).toEqual([['plank 2'], []]);
    expect((await waiting())[0]?.waits).toHaveLength(2);
  });
});
