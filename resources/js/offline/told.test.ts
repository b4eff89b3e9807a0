import { describe, expect, it } from 'vitest';
import cases from '../../../tests/Cases/told-events.json';
import { setDone } from './set.fixture';
import { toldBy, type TrainingEvent } from './told';

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
