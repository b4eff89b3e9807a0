import type { Schemas } from '@/api/client';
import type { SetLog, Told } from '@/offline/told';
import type { SetCue } from '@/clock/player';
import { moreLeft, wayAt, type StrungCue, type Way } from './course';
import type { useCourse } from './useCourse';

/** When a set has ended its check is due, while the rest runs on; only the newest one is asked for. */
export function dueCheck(cues: SetCue[], at: number, { sets, skipped }: Told): { item: string; set: number } | null {
  const gone = cues.slice(0, at).findLast((other) => other.endsSet);
  if (!gone || skipped.includes(`${gone.item} ${gone.set}`)) return null;
  return sets.some((set) => set.item === gone.item && set.set === gone.set) ? null : { item: gone.item, set: gone.set };
}

/** The way a set was done in. */
export function wayOfSet(
  sheet: Schemas['CueSheetView'],
  cues: StrungCue[],
  { item, set, rung, dose }: { item: string; set: number } & Partial<SetLog>,
) {
  // A set that is taken up again says itself what it was.
  const told = rung && dose ? `${rung} ${dose}` : undefined;
  const cue = cues.find((one) => one.item === item && one.set === set && one.stretch === 'work');
  return wayAt(sheet, { item, way: told ?? cue?.way ?? '' });
}

/** What was told of an exercise last: in this training, else the last time it was done. */
export function lastTold(way: Way, told: Told): Pick<SetLog, 'effort' | 'felt'> {
  const sets = told.sets.filter(({ item, rung }) => item === way.id && rung === way.rung);
  return {
    effort: sets.findLast(({ effort }) => effort !== null)?.effort ?? way.lastEffort,
    felt: sets.findLast(({ felt }) => felt !== null)?.felt ?? way.lastFelt,
  };
}

/** The exercise done last, where its last set was clean and another one is written for that. */
export function setOnTop(
  sheet: Schemas['CueSheetView'],
  { steps, next, player }: ReturnType<typeof useCourse>,
  { sets }: Told,
): { item: string; left: number } | null {
  const done = steps[(player.over ? steps.length : next) - 1];
  if (!done || steps.slice(next).some(({ item }) => item === done.item)) return null;
  const log = sets.find(({ item, set }) => item === done.item && set === done.set);
  const way = wayAt(sheet, done);
  const isClean = log && way && wasClean(way, log);
  const left = moreLeft(sheet, steps, done.item);
  return isClean && left > 0 ? { item: done.item, left } : null;
}

/** At its target on each side, every question told kept, no pain, felt in no wrong place: core judges the session alike. */
export function wasClean(way: Way, { set, both, left, right, form, pain, felt }: SetLog): boolean {
  // Of an open set the target is what was estimated; what is offered of it is its cap.
  const open = way.pieces[set - 1]?.find(({ until }) => until !== null);
  const target = open?.target ?? way.targets[set - 1] ?? 0;
  const side = way.sides[set - 1];
  const done = side === 'each' ? [left, right] : [side === 'left' ? left : side === 'right' ? right : both];
  return (
    done.every((figure) => figure !== null && figure >= target) &&
    way.questions.every(({ value }) => form[value] === true) &&
    pain === 0 &&
    (felt === null || felt === 'right')
  );
}
