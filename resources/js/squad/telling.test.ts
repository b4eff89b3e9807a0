import { describe, expect, it } from 'vitest';
import { member } from './squad.fixture';
import { allClean, setsOf } from './telling';

describe('what is told after a squad’s session', () => {
  const tam = member('Tam', 0);

  it('is a set for each time somebody worked at a station, in its seconds, clean where it was', () => {
    const sets = setsOf(tam, [2, 1], { went: ['clean', 'done'], effort: 7, noPain: true });
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
    const sets = setsOf(tam, [2, 2], { went: ['left', 'clean'], effort: null, noPain: null });
    expect(sets.map(({ item, pain, effort }) => [item, pain, effort])).toEqual([
      ['station-2', null, null],
      ['station-2', null, null],
    ]);
  });

  it('has nothing of a station where somebody rests or never came to', () => {
    expect(allClean([2, 0])).toEqual(['clean', 'left']);
    const resting = { places: tam.places.map((place) => ({ ...place, rung: null })) };
    expect(setsOf(resting, [2, 2], { went: ['clean', 'clean'], effort: 5, noPain: true })).toEqual([]);
  });
});
