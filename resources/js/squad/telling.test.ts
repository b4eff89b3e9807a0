import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { setDone } from '@/offline/set.fixture';
import { wipe } from '@/offline/store';
import { toldBy } from '@/offline/told';
import { open, tell, waiting } from '@/offline/trainings';
import { setTrainer } from '@/offline/trainer';
import { member } from './squad.fixture';
import {
  asNow,
  doneIn,
  hurting,
  knownToday,
  loading,
  nothing,
  pressed,
  setsOf,
  taking,
  tellOf,
  toldHere,
  type Answer,
} from './telling';

describe('what is told after a squad’s session', () => {
  const tam = member('Tam', 0);

  it('is a set for each time somebody worked at a station, in its seconds, clean where nothing else was said', () => {
    const sets = setsOf(tam, [2, 1], { ...nothing, marks: { 1: 'done' }, said: true, effort: 7, noPain: true });
    expect(sets.map(({ item, set, both, effort, pain }) => [item, set, both, effort, pain])).toEqual([
      ['station-1', 1, 30, 7, 0],
      ['station-1', 2, 30, 7, 0],
      ['station-2', 1, 30, 7, 0],
    ]);
    expect(sets.map(({ form, felt }) => [form, felt])).toEqual([
      [{ breathing: true, ribs: true }, 'right'],
      [{ breathing: true, ribs: true }, 'right'],
      [{}, null],
    ]);
    expect(sets[0]).toMatchObject({ rung: 'front-plank/forearms-knees', dose: '2x30s on' });
  });

  it('leaves out what was left out, and takes nothing for granted that nobody asked', () => {
    const sets = setsOf(tam, [2, 2], { ...nothing, marks: { 0: 'left' }, said: true });
    expect(sets.map(({ item, pain, effort }) => [item, pain, effort])).toEqual([
      ['station-2', null, null],
      ['station-2', null, null],
    ]);
  });

  it('has nothing of a station where somebody rests or never came to', () => {
    expect(setsOf(tam, [1, 0], { ...nothing, said: true })).toHaveLength(1);
    const resting = { ...tam, places: tam.places.map((place) => ({ ...place, rung: null })) };
    expect(setsOf(resting, [2, 2], { ...nothing, said: true })).toEqual([]);
  });

  it('is marked at a station press by press, and what was marked while the clock ran is no answer yet', () => {
    const once = pressed(nothing, 1);
    expect(once).toEqual({ ...nothing, marks: { 1: 'done' } });
    expect(pressed(once, 1).marks[1]).toBe('left');
    expect(pressed(pressed(once, 1), 1).marks[1]).toBeUndefined();
    expect(once.said).toBe(false);
  });
});

describe('an easier version', () => {
  const tam = member('Tam', 0);
  const [plank] = tam.places;
  const bench = plank?.versions[0];
  const rungs = (answer: Answer) => setsOf(tam, [3, 0], { ...answer, said: true }).map(({ set, rung }) => [set, rung]);

  it('takes the rounds from then on, and what was done before stays as it was written', () => {
    const easier = bench ? taking(nothing, 0, bench, 2) : nothing;
    expect(rungs(easier)).toEqual([
      [1, 'front-plank/forearms-knees'],
      [2, 'front-plank/forearms-bench'],
      [3, 'front-plank/forearms-bench'],
    ]);
    expect(setsOf(tam, [2, 1], easier)[1]).toMatchObject({ item: 'station-1', dose: '2x30s on' });
    expect([1, 2].map((round) => doneIn(tam, 0, round, easier) === plank)).toEqual([true, false]);
  });

  it('is let go of again in the round it was taken in, or in a later one', () => {
    const easier = bench ? taking(nothing, 0, bench, 2) : nothing;
    expect(plank && rungs(taking(easier, 0, plank, 2)).map(([, rung]) => rung)).toEqual(Array(3).fill(plank?.rung));
    expect(plank && rungs(taking(easier, 0, plank, 3)).map(([, rung]) => rung)).toEqual([plank?.rung, bench?.rung, plank?.rung]);
  });

  it('that is there no more leaves what is written', () => {
    expect(doneIn(tam, 0, 2, taking(nothing, 0, { rung: 'front-plank/gone', dose: '2x30s on' }, 1))).toBe(plank);
  });
});

describe('an effort that was too high', () => {
  const efforts = (answer: Partial<Answer>) =>
    setsOf(member('Tam', 0), [1, 1], { ...nothing, said: true, ...answer }).map(({ effort }) => effort);

  it('counts at the stations where it was so, and for all until that is said', () => {
    expect(efforts({ effort: 9 })).toEqual([9, 9]);
    expect(efforts({ effort: 9, hardAt: [1] })).toEqual([null, 9]);
  });

  it('counts for all where it was not', () => {
    expect(efforts({ effort: 7, hardAt: [1] })).toEqual([7, 7]);
  });
});

describe('pain before a squad’s first set', () => {
  const tam = member('Tam', 0);
  const wrist = (pain: number) => [{ place: 'wrist' as const, side: null, pain }];

  it('leaves out what loads its place, where it is above the limit', () => {
    expect(loading(tam, wrist(5), 5)).toEqual([]);
    expect(loading(tam, wrist(6), 5)).toEqual([0]);
    expect(hurting(nothing, tam, wrist(6), 5)).toMatchObject({ before: wrist(6), marks: { 0: 'left' }, said: false });
    const all = hurting(nothing, tam, [{ place: 'low-back', side: null, pain: 7 }], 5);
    expect(setsOf(tam, [2, 2], { ...all, said: true })).toEqual([]);
  });

  it('asked again brings back what was left out for it, and nothing else', () => {
    const hurts = hurting({ ...nothing, marks: { 1: 'done' } }, tam, wrist(6), 5);
    expect(hurting(hurts, tam, wrist(3), 5).marks).toEqual({ 0: undefined, 1: 'done' });
  });

  it('was not asked by what an earlier version kept', () => {
    const kept = { p: { marks: { 1: 'left' }, said: true, effort: 7, noPain: null } };
    expect(asNow(kept)).toEqual({ p: { ...kept.p, before: null, hardAt: [], instead: {} } });
  });
});

describe('where one side of a station rests', () => {
  it('is told of the side that works', () => {
    const [plank, side] = member('Tam', 0).places;
    if (!plank || !side) throw new Error('no places');
    const alone = { ...side, dose: '2x12s on/right', targets: [12, 12], sides: ['right' as const, 'right' as const] };
    expect(setsOf({ ...member('Tam', 0), places: [plank, alone] }, [0, 2], { ...nothing, said: true })).toMatchObject([
      { both: null, left: null, right: 12, painSide: 'right', set: 1 },
      { both: null, left: null, right: 12, painSide: 'right', set: 2 },
    ]);
  });
});

describe('what waits on the device after a squad’s session', () => {
  const tam = member('Tam', 0);
  const sets = setsOf(tam, [2, 2], { ...nothing, said: true });
  const at = (time: string) => vi.setSystemTime(new Date(time));
  beforeEach(async () => {
    vi.stubGlobal('navigator', {});
    vi.useFakeTimers({ toFake: ['Date'] });
    at('2026-06-01T18:00:00');
    setTrainer('wren');
    await wipe('wren');
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('is told on its day, and asked anew on the next, also while that still waits', async () => {
    await tellOf(tam, 'Fell rescue', sets, 220);
    expect(await toldHere()).toEqual(['s-Tam']);
    at('2026-06-03T18:00:00');
    expect(await toldHere()).toEqual([]);
    await tellOf(tam, 'Fell rescue', sets, 220);
    expect((await waiting()).map(({ training, waits }) => [training.on, waits.length])).toEqual([
      ['2026-06-01', 6],
      ['2026-06-03', 6],
    ]);
  });

  it('is asked anew on the next day also where the squad was read on the one before, as without a network', () => {
    const members = [{ ...tam, toldOn: '2026-06-01' }, member('Ilse', 1)];
    expect(knownToday(members)).toEqual([tam.person]);
    at('2026-06-02T18:00:00');
    expect(knownToday(members)).toEqual([]);
  });

  it('has the pain that was there before, where it was asked', async () => {
    await tellOf(tam, 'Fell rescue', sets, 220, []);
    const told = toldBy((await waiting()).flatMap(({ waits }) => waits.map(({ event }) => event)));
    expect([told.before, told.sets.length]).toEqual([[], 4]);
  });

  it('is a training of its own day, where one that was begun alone was left open', async () => {
    const alone = await open({ person: tam.person, name: tam.name, session: 's-Tam', title: 'Fell rescue' });
    await tell(alone, { kind: 'set', item: 'station-1', number: 1, set: setDone('station-1', 1, 30) });
    at('2026-06-03T18:00:00');
    await tellOf(tam, 'Fell rescue', sets, 220);
    expect(
      (await waiting()).map(({ training, waits }) => {
        const told = toldBy(waits.map(({ event }) => event));
        return [training.on, told.sets.length, told.ended];
      }),
    ).toEqual([
      ['2026-06-01', 1, false],
      ['2026-06-03', 4, true],
    ]);
  });
});
