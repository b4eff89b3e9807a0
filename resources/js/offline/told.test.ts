import { describe, expect, it } from 'vitest';
import cases from '../../../tests/Cases/told-events.json';
import { toldBy, type SetLog, type TrainingEvent } from './told';

type Case = {
  name: string;
  events: [string, string, string, string[], (number | null)?][];
  sets: [string, number | null][];
  skipped?: string[];
  ended?: boolean;
};

const setOf = (item: string, number: number, both: number | null): SetLog => ({
  item,
  set: number,
  both,
  left: null,
  right: null,
  form: {},
  pain: null,
  effort: null,
  travellingPain: false,
  felt: null,
  painNote: '',
  painSide: null,
  painPlace: null,
  rung: null,
  dose: null,
});

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
        ...(kind === 'set' && { set: setOf(item, Number(number), done ?? null) }),
      };
    });
    for (const arrived of [told, told.toReversed()]) {
      const found = toldBy(arrived);
      expect(found.sets.map(({ item, set, both }) => [`${item} ${set}`, both])).toEqual(sets);
      expect([found.skipped, found.ended]).toEqual([skipped, ended]);
    }
  });
});
