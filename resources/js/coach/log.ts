import { newId, type Schemas } from '@/api/client';
import { shelf } from '@/editor/device';

export type SetLog = Schemas['ReportedSet'];

/** A session being coached, kept on this device until the server has it. */
export type KeptLog = { id: string; session: string; startedAt: number; at: number; over: boolean; sets: SetLog[] };

const logs = shelf<KeptLog>('log', (log) => Array.isArray(log.sets));

export const freshLog = (session: string): KeptLog => ({
  id: newId(),
  session,
  startedAt: Date.now(),
  at: 0,
  over: false,
  sets: [],
});

/** The log of a session that is still on this device, if there is one that can be read. */
export const keptLog = (session: string): KeptLog | null => logs.of(session);

/** Keeps the log; says whether the device could. */
export const keep = (log: KeptLog): boolean => logs.keep(log.session, log);

export const forget = (session: string): boolean => logs.keep(session, null);

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
