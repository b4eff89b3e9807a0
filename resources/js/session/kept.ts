import type { Draft } from './draft';

/** A session as it was written on this device and has not reached the server yet. */
export interface Kept {
  id: string;
  /** The version it was written over; 0 for a new one. */
  version: number;
  draft: Draft;
}

const prefix = (person: string) => `even-rungs.session.${person}.`;

export function keep(person: string, kept: Kept): void {
  localStorage.setItem(prefix(person) + kept.id, JSON.stringify(kept));
}

export function letGo(person: string, id: string): void {
  localStorage.removeItem(prefix(person) + id);
}

/** What is kept of one session; null where nothing is, or where it cannot be read any more. */
export function keptOf(person: string, id: string): Kept | null {
  try {
    const kept = JSON.parse(localStorage.getItem(prefix(person) + id) ?? 'null') as Kept | null;
    return kept && Array.isArray(kept.draft.blocks) ? kept : null;
  } catch {
    return null;
  }
}

/** Sessions of a person that were begun on this device and never reached the server. */
export function keptNew(person: string, known: string[]): string | null {
  for (let index = 0; index < localStorage.length; index++) {
    const key = localStorage.key(index) ?? '';
    const id = key.slice(prefix(person).length);
    if (key.startsWith(prefix(person)) && !known.includes(id) && keptOf(person, id)) return id;
  }
  return null;
}
