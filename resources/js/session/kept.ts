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

/** Sessions of a person that were begun on this device and never reached the server. */
export const keptNew = (person: string, known: string[]): string | null =>
  kept
    .keys(`${person}.`)
    .map((key) => key.slice(person.length + 1))
    .find((id) => !known.includes(id) && keptOf(person, id)) ?? null;
