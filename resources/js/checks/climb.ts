import { shelf } from '@/editor/device';
import { newId, type Schemas } from '@/api/client';
import type { Side } from './stopwatch';

type Trial = Schemas['ClimbTrialInput'];

/** A climb test as far as it went; kept on the device until it is saved or left. */
export interface Climb {
  /** It is saved under this number however often it is sent; of one kept by an earlier version it is made when it is opened. */
  id?: string;
  ladder: string;
  side: Side;
  /** Sides still to come. */
  then: Side[];
  guess: string | null;
  trials: Trial[];
  /** What was ticked of the trial under way; undefined before anything was. */
  now?: { lost: string[]; pain: number } | undefined;
}

export const begunClimb = ({ ladder, sided, guess }: Schemas['ClimbableView']): Climb => ({
  id: newId(),
  ladder,
  side: sided ? 'left' : 'both',
  then: sided ? ['right'] : [],
  guess,
  trials: [],
});

/** The other side, which begins where this one ended; null when there is none. */
export function otherSide(climb: Climb, ended: string | null): Climb | null {
  const [side, ...then] = climb.then;
  return side === undefined
    ? null
    : { ...climb, id: newId(), side, then, guess: ended ?? climb.guess, trials: [], now: undefined };
}

const climbs = shelf<Climb>('climb', (climb) => Array.isArray(climb.trials));

export const keptClimb = (person: string): Climb | null => climbs.of(person);
export const keepClimb = (person: string, climb: Climb | null): boolean => climbs.keep(person, climb);
