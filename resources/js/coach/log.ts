import { newId, type Schemas } from '@/api/client';

export type SetLog = Schemas['SetInput'];

/** A session being coached, kept on this device until the server has it. */
export type KeptLog = { id: string; session: string; startedAt: number; at: number; over: boolean; sets: SetLog[] };

const key = (session: string) => `even-rungs.log.${session}`;

export const freshLog = (session: string): KeptLog => ({
  id: newId(),
  session,
  startedAt: Date.now(),
  at: 0,
  over: false,
  sets: [],
});

/** The log of a session that is still on this device, if there is one that can be read. */
export function keptLog(session: string): KeptLog | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key(session)) ?? 'null') as KeptLog | null;
    return kept && kept.session === session && Array.isArray(kept.sets) ? kept : null;
  } catch {
    return null;
  }
}

/** Whether this device can keep a log at all. */
export function canKeep(): boolean {
  try {
    localStorage.setItem('even-rungs.probe', '1');
    localStorage.removeItem('even-rungs.probe');
    return true;
  } catch {
    return false;
  }
}

/** Keeps the log; says whether the device could. */
export function keep(log: KeptLog): boolean {
  try {
    localStorage.setItem(key(log.session), JSON.stringify(log));
    return true;
  } catch {
    return false;
  }
}

export const forget = (session: string): void => localStorage.removeItem(key(session));

/** A set done as written and clean, with pain and effort still to be told. */
export function doneAsWritten(item: Schemas['CueItemView'], set: number, clean: boolean): SetLog {
  const target = item.targets[set - 1] ?? item.targets[0] ?? 0;
  return {
    item: item.id,
    set,
    both: item.perSide ? null : target,
    left: item.perSide ? target : null,
    right: item.perSide ? target : null,
    form: clean ? Object.fromEntries(item.questions.map((question) => [question.value, true])) : {},
    pain: null,
    effort: null,
    travellingPain: false,
    feltWrong: false,
    painNote: '',
    // The sheet that is played says what was done, whatever becomes of the session meanwhile.
    rung: item.rung,
    dose: item.dose,
  };
}

export const withSet = (sets: SetLog[], set: SetLog): SetLog[] => [
  ...sets.filter((other) => other.item !== set.item || other.set !== set.set),
  set,
];
