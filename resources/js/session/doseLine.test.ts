import { describe, expect, it } from 'vitest';
import { lineOf, type Fields } from './doseLine';

const reps: Fields = {
  kind: 'reps',
  sets: 3,
  count: 10,
  seconds: 0,
  gapSeconds: 0,
  perSide: true,
  tempo: '3-1-3-1',
  restSeconds: 45,
  kilograms: null,
  counts: '',
  cap: null,
  forTime: false,
  optionalSets: 0,
  suffix: '/side',
};

describe('fields of a dose', () => {
  it('make the same line a trainer would type', () => {
    expect(lineOf(reps)).toBe('3x10/side 3-1-3-1 r45');
    expect(lineOf({ ...reps, kind: 'hold', count: 4, seconds: 10, gapSeconds: 5, perSide: false, tempo: null })).toBe(
      '3x(4x10s/5) r45',
    );
    expect(lineOf({ ...reps, kind: 'hold', count: 1, seconds: 20, tempo: null, restSeconds: null })).toBe('3x20s/side');
    expect(lineOf({ ...reps, kind: 'carry', count: 20, tempo: null, restSeconds: null, kilograms: '12.5' })).toBe(
      '3x20m/side @12.5kg',
    );
    expect(lineOf({ ...reps, kind: 'timed', seconds: 60, perSide: false, tempo: null, restSeconds: null })).toBe('3x60s on');
  });
});
