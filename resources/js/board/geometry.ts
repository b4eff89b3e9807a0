import type { Schemas } from '@/api/client';

type Rung = Schemas['RungView'];

/** Heights from 1.0 to 10.0 (in tenths) over a rail of the given length, from its top. */
export const yOf = (tenths: number, length: number): number => length - ((tenths - 10) / 90) * length;

/**
 * Where the labels of a rail stand: as near to their rungs as they can be, never closer than the given
 * distance, inside the rail. Rungs come lowest first; the answer is in the same order.
 */
export function labelPlaces(rungs: Pick<Rung, 'height'>[], length: number, apart: number): number[] {
  const places = rungs.map((rung) => yOf(rung.height, length));
  // From the bottom up each label makes room for the next; then from the top down, what ran out of the rail comes back.
  for (let i = 1; i < places.length; i++) places[i] = Math.min(places[i]!, places[i - 1]! - apart);
  const over = 0 - (places.at(-1) ?? 0);
  if (over > 0) {
    places[places.length - 1] = 0;
    for (let i = places.length - 2; i >= 0; i--) places[i] = Math.max(places[i]!, places[i + 1]! + apart);
  }
  // Spread the crowding to both sides: move each run of touching labels to the middle of its rungs.
  let start = 0;
  while (start < places.length) {
    let end = start;
    while (end + 1 < places.length && places[end]! - places[end + 1]! <= apart + 0.01) end++;
    if (end > start) {
      const wanted = rungs.slice(start, end + 1).reduce((sum, rung, i) => sum + yOf(rung.height, length) - places[start + i]!, 0) / (end - start + 1);
      const room = wanted > 0 ? (start === 0 ? length - places[start]! : places[start - 1]! - apart - places[start]!) : (end === places.length - 1 ? -places[end]! : places[end + 1]! + apart - places[end]!);
      const shift = wanted > 0 ? Math.min(wanted, Math.max(0, room)) : Math.max(wanted, Math.min(0, room));
      for (let i = start; i <= end; i++) places[i]! += shift;
    }
    start = end + 1;
  }
  return places;
}
