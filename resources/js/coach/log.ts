import { newId, type Schemas } from '@/api/client';
import { shelf } from '@/editor/device';

export type SetLog = Schemas['ReportedSet'];

/** A session being coached, kept on this device until the server has it. */
export interface KeptLog {
  id: string;
  session: string;
  startedAt: number;
  /** the cue the player stands at */
  at: number;
  over: boolean;
  sets: SetLog[];
  /** a check that was begun and not yet saved */
  answering: SetLog | null;
  /** checks left unanswered on purpose, as `item set` */
  passed: string[];
  /** pain that was there before the first set; null when nobody asked */
  painBefore: Schemas['StartPain'][] | null;
  /** seconds after the start at which something was done: the time trained is counted from them */
  moments: number[];
  /** how often this was kept: another tab that kept it meanwhile is known by it */
  revision: number;
}

type FormerSet = Omit<SetLog, 'felt' | 'painPlace'> & { felt?: SetLog['felt']; feltWrong?: boolean };
const withPlace = ({ feltWrong, felt, ...set }: FormerSet): SetLog => ({
  ...set,
  painPlace: null,
  felt: felt ?? (feltWrong ? 'elsewhere' : 'right'),
});

const logs = shelf<KeptLog>('log', (log) => Array.isArray(log.sets) && Array.isArray(log.moments), [
  (log) => log,
  // Before sets in part, checks passed over and moments were kept.
  (log) => ({ answering: null, passed: [], moments: [], revision: 0, ...(log as object) }),
  // Before the place it was felt in was asked for.
  (log) => {
    const { sets, answering, ...rest } = log as KeptLog & { sets: FormerSet[]; answering: FormerSet | null };
    return { ...rest, sets: sets.map(withPlace), answering: answering && withPlace(answering) };
  },
  // Before pain had a place.
  (log) => {
    const { sets, answering, ...rest } = log as KeptLog;
    const placed = (set: SetLog): SetLog => ({ ...set, painPlace: set.painPlace ?? null });
    return { ...rest, painBefore: null, sets: sets.map(placed), answering: answering && placed(answering) };
  },
]);

export const freshLog = (session: string): KeptLog => ({
  id: newId(),
  session,
  startedAt: Date.now(),
  at: 0,
  over: false,
  sets: [],
  answering: null,
  passed: [],
  painBefore: null,
  moments: [],
  revision: 0,
});

/** The log of a session that is still on this device, if there is one that can be read. */
export const keptLog = (session: string): KeptLog | null => logs.of(session);

/** Keeps the log; says whether the device could. */
export const keep = (log: KeptLog): boolean => logs.keep(log.session, log);

export const forget = (session: string): boolean => logs.keep(session, null);

export const watchLog = (session: string, told: (log: KeptLog | null) => void): (() => void) => logs.watch(session, told);

/** The log after something was done, with the moment it was done at. */
export function changed(log: KeptLog, change: Partial<KeptLog>): KeptLog {
  const moment = Math.max(0, Math.round((Date.now() - log.startedAt) / 1000));
  return {
    ...log,
    ...change,
    // What is told before the first set is no training yet.
    moments: 'painBefore' in change || log.moments.at(-1) === moment ? log.moments : [...log.moments, moment],
    revision: log.revision + 1,
  };
}

const isSame = (one: SetLog, other: SetLog): boolean => one.item === other.item && one.set === other.set;

/** What another tab kept, with the sets only this one knows; `differing` were answered in both, and the other tab’s stay. */
export function joined(mine: KeptLog, theirs: KeptLog): { log: KeptLog; differing: number } {
  const onlyMine = mine.sets.filter((set) => !theirs.sets.some((other) => isSame(set, other)));
  const differing = mine.sets.filter((set) =>
    theirs.sets.some((other) => isSame(set, other) && JSON.stringify(set) !== JSON.stringify(other)),
  );
  return {
    log: {
      ...theirs,
      sets: [...theirs.sets, ...onlyMine],
      answering: theirs.answering ?? mine.answering,
      painBefore: theirs.painBefore ?? mine.painBefore,
      moments: [...new Set([...theirs.moments, ...mine.moments])].sort((one, other) => one - other),
    },
    differing: differing.length,
  };
}

/** A set done as written and clean, with pain and effort still to be told. */
export function doneAsWritten(item: Schemas['CueItemView'], set: number, clean: boolean): SetLog {
  const target = item.targets[set - 1] ?? item.targets[0] ?? 0;
  const sides = item.sides[set - 1] ?? 'both';
  return {
    item: item.id,
    set,
    both: sides === 'both' ? target : null,
    left: sides === 'each' || sides === 'left' ? target : null,
    right: sides === 'each' || sides === 'right' ? target : null,
    form: clean ? Object.fromEntries(item.questions.map((question) => [question.value, true])) : {},
    pain: null,
    // Where one side works alone, its pain is on that side.
    painSide: sides === 'left' || sides === 'right' ? sides : null,
    painPlace: null,
    effort: null,
    travellingPain: false,
    felt: clean ? 'right' : null,
    painNote: '',
    // The sheet that is played says what was done, whatever becomes of the session meanwhile.
    rung: item.rung,
    dose: item.dose,
  };
}

export const withSet = (sets: SetLog[], set: SetLog): SetLog[] => [...sets.filter((other) => !isSame(other, set)), set];
