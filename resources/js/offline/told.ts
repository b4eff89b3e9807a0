import type { Schemas } from '@/api/client';
import { today } from '@/ui/day';

export type TrainingEvent = Schemas['EventInput'];
export type SetLog = Schemas['ReportedSet'];

const setOf = ({ item, number }: Pick<TrainingEvent, 'item' | 'number'>): string => `${item ?? ''} ${number ?? ''}`;

/** What an event speaks of: of the same thing one event holds. */
export const aboutOf = ({ kind, item, number, other }: TrainingEvent): string =>
  kind === 'morning'
    ? `morning ${other ?? ''}`
    : kind === 'set' || kind === 'undone' || kind === 'skipped'
      ? `set ${setOf({ item, number })}`
      : other != null
        ? `training ${other}`
        : kind;

/** The events that no other takes the place of, the first told first; core folds them alike (tests/Cases/told-events.json). */
export function holding(events: TrainingEvent[]): TrainingEvent[] {
  const replaced = new Set(events.flatMap(({ id, instead }) => instead.filter((other) => other !== id)));
  return events.filter(({ id }) => !replaced.has(id)).sort((one, other) => (one.id < other.id ? -1 : 1));
}

/** What a training comes to on this device, with everything told of it here. */
export interface Told {
  /** each set once, the one told last at the end */
  sets: SetLog[];
  /** sets left unlogged on purpose, as `item number` */
  skipped: string[];
  before: Schemas['StartPain'][] | null;
  ended: boolean;
  /** why it ended before its last set; null where it did not, or nobody said */
  why: TrainingEvent['why'] | null;
  /** the mornings after earlier logs */
  mornings: { log: string; pains: Schemas['MorningPain'][] }[];
}

/**
 * The morning after that is to be asked for here; null where it was told, or where it is still the day of the training on this
 * device, whose day may be the one before the practice's. A clock that is far off says nothing.
 */
export const morningToAsk = (
  question: Schemas['MorningQuestionView'] | null,
  { mornings }: Pick<Told, 'mornings'> = { mornings: [] },
): Schemas['MorningQuestionView'] | null =>
  question !== null && question.doneOn !== today() && !mornings.some(({ log }) => log === question.log) ? question : null;

/** A morning after that stops what was loaded. */
export const hasBadMorning = ({ mornings }: Pick<Told, 'mornings'>, painStopsAbove: number): boolean =>
  mornings.some(({ pains }) => pains.some(({ pain, worse }) => worse || pain > painStopsAbove));

/**
 * What stops an exercise was told: pain above the limit, pain that travels, a bad morning, or that it ended since it hurt and not
 * how much. Core says the same (tests/Cases/what-stops.json); without a network it cannot be asked.
 */
export const tellsToStop = (told: Told, painStopsAbove: number): boolean =>
  told.sets.some(({ pain, travellingPain }) => travellingPain || (pain ?? 0) > painStopsAbove) ||
  (told.why === 'pain' && told.sets.every(({ pain }) => (pain ?? 0) === 0)) ||
  hasBadMorning(told, painStopsAbove);

export function toldBy(events: TrainingEvent[]): Told {
  const heads = holding(events);
  const sets = new Map<string, SetLog>();
  // Where two were told the first holds until somebody says which it was.
  for (const event of heads) if (event.set && !sets.has(aboutOf(event))) sets.set(aboutOf(event), event.set);
  return {
    sets: [...sets.values()],
    skipped: heads.flatMap((event) => (event.kind === 'skipped' && !sets.has(aboutOf(event)) ? [setOf(event)] : [])),
    before: heads.find(({ kind }) => kind === 'before')?.before ?? null,
    ended: heads.some(({ kind }) => kind === 'ended'),
    why: heads.find(({ kind }) => kind === 'ended')?.why ?? null,
    mornings: heads.flatMap(({ kind, other, pains }) =>
      kind === 'morning' && other != null ? [{ log: other, pains: pains ?? [] }] : [],
    ),
  };
}
