import type { Schemas } from '@/api/client';
import type { Side } from './stopwatch';

type Trial = Schemas['ClimbTrialInput'];

/** A climb test as far as it went; kept on the device until it is saved or left. */
export interface Climb {
  ladder: string;
  side: Side;
  /** Sides still to come. */
  then: Side[];
  guess: string | null;
  trials: Trial[];
}

export const begunClimb = ({ ladder, sided, guess }: Schemas['ClimbableView']): Climb => ({
  ladder,
  side: sided ? 'left' : 'both',
  then: sided ? ['right'] : [],
  guess,
  trials: [],
});

/** The other side, which begins where this one ended; null when there is none. */
export function otherSide(climb: Climb, ended: string | null): Climb | null {
  const [side, ...then] = climb.then;
  return side === undefined ? null : { ...climb, side, then, guess: ended ?? climb.guess, trials: [] };
}

const key = (person: string) => `even-rungs.climb.${person}`;

export function keptClimb(person: string): Climb | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key(person)) ?? 'null') as Climb | null;
    return kept !== null && Array.isArray(kept.trials) ? kept : null;
  } catch {
    return null;
  }
}

export function keepClimb(person: string, climb: Climb | null): void {
  try {
    if (climb === null) localStorage.removeItem(key(person));
    else localStorage.setItem(key(person), JSON.stringify(climb));
  } catch {
    // Without storage the test still goes on; only a reload would lose it.
  }
}
