import { describe, expect, it } from 'vitest';
import { labelPlaces, labelsApart, railLength, yOf } from './geometry';

const rungs = (...heights: number[]) => heights.map((height) => ({ height }));

describe('the rails of the board', () => {
  it('stand at true height, 1.0 at the foot and 10.0 at the head', () => {
    expect(yOf(10, 900)).toBe(900);
    expect(yOf(100, 900)).toBe(0);
    expect(yOf(55, 900)).toBe(450);
  });

  it('put a label beside its rung where there is room', () => {
    expect(labelPlaces(rungs(20, 50, 90), 900, 24)).toEqual([800, 500, 100]);
  });

  it('keep labels of crowded rungs apart, in order and on the rail', () => {
    const places = labelPlaces(rungs(50, 52, 54, 54, 58, 58, 62, 64, 66, 68, 68, 72, 78), 540, 24);
    for (let i = 1; i < places.length; i++) expect(places[i - 1]! - places[i]!).toBeGreaterThanOrEqual(23.99);
    expect(Math.min(...places)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...places)).toBeLessThanOrEqual(540);
  });

  it('are as long as the longest ladder asks, whichever is open', () => {
    expect(railLength([5, 23, 12], 400, false)).toBe(440);
    expect(railLength([5, 23, 12], 600, false)).toBe(600);
    expect(railLength([5], 300, false)).toBe(430);
  });

  it('set names closer where a ladder has many, and not under a finger', () => {
    expect(labelsApart(12, 440)).toBe(24);
    expect(labelsApart(23, railLength([23], 0, false))).toBe(20);
    expect(labelsApart(23, railLength([23], 0, true))).toBe(24);
  });
});
