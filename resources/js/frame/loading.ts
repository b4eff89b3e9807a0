import type { Schemas } from '@/api/client';

type Start = Schemas['StartPain'];

/** What hurt before the first set more than is trained with. */
export const hurtsTooMuch = (before: Start[] | null, stopsAbove: number): Start[] =>
  (before ?? []).filter(({ pain }) => pain > stopsAbove);

/**
 * Whether an exercise loads a place that hurts. What this device kept before it knew what an exercise loads does not say: then
 * it counts.
 */
export const loadsIt = (loads: Schemas['SquadPlaceView']['loads'] | undefined, hurts: Start[]): boolean =>
  hurts.length > 0 && (loads?.some((place) => hurts.some((one) => one.place === place)) ?? true);
