import { describe, expect, it } from 'vitest';
import { member } from './squad.fixture';
import { nothing, pressed, setsOf } from './telling';

describe('what is told after a squad’s session', () => {
  const tam = member('Tam', 0);

  it('is a set for each time somebody worked at a station, in its seconds, clean where nothing else was said', () => {
    const sets = setsOf(tam, [2, 1], { marks: { 1: 'done' }, said: true, effort: 7, noPain: true });
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
    const resting = { places: tam.places.map((place) => ({ ...place, rung: null })) };
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
