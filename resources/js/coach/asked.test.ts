import { describe, expect, it } from 'vitest';
import { wasClean } from './asked';
import { doneAsWritten } from '@/offline/asWritten';
import { cue } from '@/clock/cue.fixture';
import { way } from './way.fixture';

describe('a set that was clean', () => {
  const press = way();
  const clean = { ...doneAsWritten(press, 1, true), pain: 0 };

  it('is at its target on each side, with every tick, no pain, and felt in no wrong place', () => {
    expect(wasClean(press, clean)).toBe(true);
    expect(wasClean(press, { ...clean, felt: null })).toBe(true);
    for (const less of [{ left: 9 }, { right: null }, { pain: 1 }, { pain: null }, { felt: 'neck' as const }, { form: {} }])
      expect(wasClean(press, { ...clean, ...less })).toBe(false);
  });

  it('is of one side alone where the other rests, and of an open set at what was estimated', () => {
    const one = way({ sides: ['left', 'left'] });
    expect(wasClean(one, { ...doneAsWritten(one, 1, true), pain: 0 })).toBe(true);
    const open = way({ sides: ['both'], targets: [40], pieces: [[cue(20, 'work', { target: 20, until: 40 })]] });
    const held = (both: number) => ({ ...doneAsWritten(open, 1, true, { both }), pain: 0 });
    expect([wasClean(open, held(20)), wasClean(open, held(19))]).toEqual([true, false]);
  });
});
