import { describe, expect, it } from 'vitest';
import {
  cellFixed,
  cellFreed,
  doseFixed,
  inTime,
  placeAdded,
  placeRemoved,
  rungFixed,
  setsFixed,
  withoutToggled,
  type Cell,
  type Wish,
} from './wish';

const wish: Wish = {
  start: '2026-11-30',
  weeks: 6,
  seed: 1,
  rateTenths: null,
  slots: [{ id: 'a', day: 1, part: 'evening', placement: 'own-day', minutes: 20, effort: 6 }],
  rungs: [],
  doses: [],
  sets: [],
  without: [],
};

describe('what is asked of a program', () => {
  it('fixes one rung a week and ladder, and drops the dose that was written for another rung', () => {
    const fixed = rungFixed(
      doseFixed(rungFixed(wish, 3, 'carry', 'carry/one-side-light'), 3, 'carry', 'carry/one-side-light', '2x20m/side'),
      3,
      'carry',
      'carry/two-hand-carry',
    );

    expect(fixed.rungs).toEqual([{ week: 3, ladder: 'carry', rung: 'carry/two-hand-carry' }]);
    expect(fixed.doses).toEqual([]);
  });

  it('keeps a cell as it stands, and lets it go again', () => {
    const cell = { week: 2, rung: 'front-plank/forearms-toes', dose: '3x(4x10s/5)' } as Cell;
    const fixed = cellFixed(wish, 'front-plank', cell);

    expect(fixed.doses[0]).toMatchObject({ week: 2, dose: '3x(4x10s/5)' });
    expect(cellFreed(fixed, 2, 'front-plank')).toEqual(wish);
  });

  it('leaves a ladder out with all that was fixed on it', () => {
    const fixed = setsFixed(rungFixed(wish, 1, 'carry', 'carry/one-side-light'), 'a', 'carry', 2);
    const without = withoutToggled(fixed, 'carry');

    expect(without).toMatchObject({ without: ['carry'], rungs: [], sets: [] });
    expect(withoutToggled(without, 'carry').without).toEqual([]);
  });

  it('adds a session on a day that has none, and takes one away with what was fixed for it', () => {
    const two = placeAdded(wish, 'b', 15);

    expect(two.slots.map((slot) => [slot.id, slot.day, slot.minutes])).toEqual([
      ['a', 1, 20],
      ['b', 2, 20],
    ]);
    expect(placeRemoved(setsFixed(two, 'a', 'carry', 0), 'a')).toMatchObject({ slots: [{ id: 'b' }], sets: [] });
  });

  it('shows sessions as they follow each other, however they were added', () => {
    const like = wish.slots[0]!;
    const slots = [
      { ...like, id: 'fri', day: 5 },
      { ...like, id: 'tue', day: 2, part: 'evening' as const },
      { ...like, id: 'early', day: 2, part: 'morning' as const },
    ];

    expect(inTime(slots).map((slot) => slot.id)).toEqual(['early', 'tue', 'fri']);
  });
});
