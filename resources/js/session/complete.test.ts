import { describe, expect, it } from 'vitest';
import { complete } from './complete';

const reps = { kind: 'reps', suffix: '/side', perSide: true } as const;

describe('what could stand next in a dose line', () => {
  it('shows the shapes of the trade while nothing is written', () => {
    expect(complete('', null, false)).toContain('3x(4x10s/5)');
    expect(complete('', null, true)[0]).toBe('3x10/side');
  });

  it('completes a shape that was begun', () => {
    expect(complete('3x(', null, false)).toEqual(['3x(4x10s/5)']);
    expect(complete('(6', null, true)).toEqual(['(6-5-4x10s/5)/side']);
  });

  it('goes on with side, optional set, tempo, rest and load, each once', () => {
    expect(complete('2x8', reps, true)).toEqual(['2x8s', '2x8/side', '2x8 +1', '2x8 3-1-3-1', '2x8 r45']);
    expect(complete('2x8/side 2-0-2-0 r60', reps, true)).toEqual(['2x8/side 2-0-2-0 r60 +1', '2x8/side 2-0-2-0 r60 @8kg']);
    expect(complete('2x20 moves +1 2-0-2-0 r60 @8kg', reps, true)).toEqual([]);
  });

  it('says nothing where the line cannot go on', () => {
    expect(complete('3x10 reps', null, false)).toEqual([]);
  });
});
