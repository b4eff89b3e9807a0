import type { Schemas } from '@/api/client';
import type { SetLog } from './told';
import type { Counted } from './trainings';

/** What of an exercise says how its sets are told. */
export type Written = Pick<Schemas['CueWayView'], 'id' | 'targets' | 'sides' | 'rung' | 'dose'> & {
  questions: { value: string }[];
};

/** A set that was begun and not done: what was done of it is still to be told. */
export function brokenOff(item: Written, set: number): SetLog {
  return doneAsWritten(item, set, false, { both: 0, left: 0, right: 0 });
}

/** A set done as written, or as counted where it was open, and clean; with pain and effort still to be told. */
export function doneAsWritten(item: Written, set: number, clean: boolean, counted: Counted = {}): SetLog {
  const target = item.targets[set - 1] ?? item.targets[0] ?? 0;
  const sides = item.sides[set - 1] ?? 'both';
  return {
    item: item.id,
    set,
    both: sides === 'both' ? (counted.both ?? target) : null,
    left: sides === 'each' || sides === 'left' ? (counted.left ?? target) : null,
    right: sides === 'each' || sides === 'right' ? (counted.right ?? target) : null,
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
