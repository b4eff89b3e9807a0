import type { Schemas } from '@/api/client';

export type Wish = Schemas['ProgramRequestView'];
export type Cell = Schemas['ProgramCellView'];
export type Place = Schemas['RequestedSlotView'];

const others = <Row extends { week: number; ladder: string }>(rows: Row[], week: number, ladder: string): Row[] =>
  rows.filter((row) => row.week !== week || row.ladder !== ladder);

/** A rung fixed from a week on; a dose fixed there was for another rung and goes. */
export const rungFixed = (wish: Wish, week: number, ladder: string, rung: string): Wish => ({
  ...wish,
  rungs: [...others(wish.rungs, week, ladder), { week, ladder, rung }],
  doses: others(wish.doses, week, ladder),
});

/** A dose fixed for one week. */
export const doseFixed = (wish: Wish, week: number, ladder: string, rung: string, dose: string): Wish => ({
  ...wish,
  doses: [...others(wish.doses, week, ladder), { week, ladder, rung, dose }],
});

/** Rung and dose of a cell kept as they are. */
export const cellFixed = (wish: Wish, ladder: string, cell: Cell): Wish =>
  doseFixed(rungFixed(wish, cell.week, ladder, cell.rung), cell.week, ladder, cell.rung, cell.dose);

export const cellFreed = (wish: Wish, week: number, ladder: string): Wish => ({
  ...wish,
  rungs: others(wish.rungs, week, ladder),
  doses: others(wish.doses, week, ladder),
});

/** A ladder left out of the program, or let back in; what was fixed on it goes with it. */
export const withoutToggled = (wish: Wish, ladder: string): Wish =>
  wish.without.includes(ladder)
    ? { ...wish, without: wish.without.filter((one) => one !== ladder) }
    : {
        ...wish,
        without: [...wish.without, ladder],
        rungs: wish.rungs.filter((row) => row.ladder !== ladder),
        doses: wish.doses.filter((row) => row.ladder !== ladder),
        sets: wish.sets.filter((row) => row.ladder !== ladder),
      };

/** Sets of a ladder fixed in one place; null lets them go. */
export const setsFixed = (wish: Wish, slot: string, ladder: string, sets: number | null): Wish => ({
  ...wish,
  sets: [
    ...wish.sets.filter((row) => row.slot !== slot || row.ladder !== ladder),
    ...(sets === null ? [] : [{ slot, ladder, sets }]),
  ],
});

export const placeChanged = (wish: Wish, id: string, change: Partial<Place>): Wish => ({
  ...wish,
  slots: wish.slots.map((slot) => (slot.id === id ? { ...slot, ...change } : slot)),
});

export const placeRemoved = (wish: Wish, id: string): Wish => ({
  ...wish,
  slots: wish.slots.filter((slot) => slot.id !== id),
  sets: wish.sets.filter((row) => row.slot !== id),
});

const parts: Place['part'][] = ['morning', 'midday', 'evening'];

/** The sessions of a week as they follow each other. */
export const inTime = (slots: Place[]): Place[] =>
  [...slots].sort((a, b) => a.day - b.day || parts.indexOf(a.part) - parts.indexOf(b.part));

/** One more session, on the first day that has none, like the last one. */
export const placeAdded = (wish: Wish, id: string, minutes: number): Wish => {
  const day = [1, 2, 3, 4, 5, 6, 7].find((one) => !wish.slots.some((slot) => slot.day === one)) ?? 1;
  const like = wish.slots.at(-1) ?? { part: 'evening', placement: 'own-day', minutes, effort: 6 };
  return { ...wish, slots: [...wish.slots, { ...like, id, day }] };
};
