import { afterEach, describe, expect, it, vi } from 'vitest';
import cases from '../../../tests/Cases/told-events.json';
import { setDone } from './set.fixture';
import stopping from '../../../tests/Cases/what-stops.json';
import { morningToAsk, tellsToStop, toldBy, type Told, type TrainingEvent } from './told';

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

describe('the morning after', () => {
  afterEach(() => void vi.useRealTimers());

  it('is asked for once it has come where the person is, whatever day their practice has, and once', () => {
    vi.useFakeTimers({ toFake: ['Date'] });
    const question: Parameters<typeof morningToAsk>[0] = { log: 'l', doneOn: '2026-12-01', pain: 7 };
    vi.setSystemTime(new Date('2026-12-01T23:20:00'));
    expect(morningToAsk(question)).toBeNull();
    vi.setSystemTime(new Date('2026-12-02T06:00:00'));
    expect(morningToAsk(question)).toEqual(question);
    expect(morningToAsk(question, { mornings: [{ log: 'l', pains: [] }] })).toBeNull();
    expect(morningToAsk(null)).toBeNull();
    vi.setSystemTime(new Date('2023-12-01T12:00:00'));
    expect(morningToAsk(question)).toEqual(question);
  });
});

interface Stopping {
  name: string;
  pain: number | null;
  travels?: boolean;
  morning?: [number, boolean];
  why?: NonNullable<Told['why']>;
  stops: boolean;
}

describe('what stops an exercise', () => {
  it.each(stopping as Stopping[])('$name', ({ pain, travels = false, morning, why = null, stops }) => {
    const mornings = morning
      ? [{ log: 'l', pains: [{ place: 'low-back', side: null, pain: morning[0], worse: morning[1] } as const] }]
      : [];
    const sets = [setDone('a', 1, 10, { pain, travellingPain: travels })];
    expect(tellsToStop({ ...toldBy([]), sets, mornings, why }, 5)).toBe(stops);
  });
});
