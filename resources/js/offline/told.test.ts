import { describe, expect, it } from 'vitest';
import cases from '../../../tests/Cases/told-events.json';
import { setDone } from './set.fixture';
import { tellsToStop, toldBy, type SetLog, type Told, type TrainingEvent } from './told';

type Case = {
  name: string;
  events: [string, string, string, string[], (number | null)?][];
  sets: [string, number | null][];
  skipped?: string[];
  ended?: boolean;
};

describe('what a training comes to on the device', () => {
  it.each(cases as Case[])('$name', ({ events, sets, skipped = [], ended = false }) => {
    const told = events.map(([id, kind, about, instead, done]): TrainingEvent => {
      const [item = '', number = '0'] = about.split(' ');
      return {
        id,
        kind: kind as TrainingEvent['kind'],
        instead,
        moments: [],
        ...(about && { item, number: Number(number) }),
        ...(kind === 'set' && { set: setDone(item, Number(number), done ?? null) }),
      };
    });
    for (const arrived of [told, told.toReversed()]) {
      const found = toldBy(arrived);
      expect(found.sets.map(({ item, set, both }) => [`${item} ${set}`, both])).toEqual(sets);
      expect([found.skipped, found.ended]).toEqual([skipped, ended]);
    }
  });
});

describe('what stops an exercise', () => {
  const told = (more: Partial<SetLog>, mornings: Told['mornings'] = []): Told => ({
    ...toldBy([]),
    sets: [setDone('a', 1, 10, more)],
    mornings,
  });

  it.each<[string, Told, boolean]>([
    ['pain of 5', told({ pain: 5 }), false],
    ['pain of 6', told({ pain: 6 }), true],
    ['pain that travels', told({ pain: 1, travellingPain: true }), true],
    ['nothing that was asked', told({}), false],
    [
      'a morning that was worse',
      told({}, [{ log: 'l', pains: [{ ladder: 'a', side: null, place: null, pain: 1, worse: true }] as never }]),
      true,
    ],
    [
      'a morning at 2',
      told({}, [{ log: 'l', pains: [{ ladder: 'a', side: null, place: null, pain: 2, worse: false }] as never }]),
      false,
    ],
  ])('%s', (_, what, stops) => {
    expect(tellsToStop(what, 5)).toBe(stops);
  });
});
