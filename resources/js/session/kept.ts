import { shelf } from '@/editor/device';
import type { Draft } from './draft';

/** A session as it was written on this device and has not reached the server yet. */
export interface Kept {
  id: string;
  /** The version it was written over; 0 for a new one. */
  version: number;
  draft: Draft;
}

const kept = shelf<Kept>('session', ({ draft }) => Array.isArray(draft.blocks));

export const keep = (person: string, session: Kept): boolean => kept.keep(`${person}.${session.id}`, session);
export const letGo = (person: string, id: string): boolean => kept.keep(`${person}.${id}`, null);
export const keptOf = (person: string, id: string): Kept | null => kept.of(`${person}.${id}`);

/** Reads a session anew, by its number: where the address names none, another one may be the newest by now. */
export const openAnew = (id: string): void => window.location.replace(`${window.location.pathname}?s=${id}`);

const LOOK_AGAIN = 100;

/** Waits until what was written here is with the server; says whether it is, within so many ms. */
export async function whenSaved(person: string, id: string, within = 5_000): Promise<boolean> {
  for (let waited = 0; waited < within; waited += LOOK_AGAIN) {
    // What was written just now is kept a moment later.
    await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
    if (keptOf(person, id) === null) return true;
  }
  return false;
}

/** Sessions of a person that were begun on this device and never reached the server. */
export const keptNew = (person: string, known: string[]): string | null =>
  kept
    .keys(`${person}.`)
    .map((key) => key.slice(person.length + 1))
    .find((id) => !known.includes(id) && keptOf(person, id)) ?? null;

/** The way back of the session at hand: what it was before each step, so that undo is there after a reload and tomorrow. */
interface Steps {
  id: string;
  past: Draft[];
  now: Draft;
}
const STEPS_KEPT = 25;
const steps = shelf<Steps>('steps', ({ past }) => Array.isArray(past), undefined, { owned: true });

export const keepSteps = (person: string, id: string, past: Draft[], now: Draft): boolean =>
  steps.keep(person, { id, past: past.slice(-STEPS_KEPT), now });

/** The steps that led to what is there now; none where it was changed somewhere else since. */
export function stepsTo(person: string, id: string, now: Draft): Draft[] {
  const known = steps.of(person);
  return known?.id === id && JSON.stringify(known.now) === JSON.stringify(now) ? known.past : [];
}
