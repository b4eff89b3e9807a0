import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import type { Schemas } from '@/api/client';
import type { Training } from '@/offline/trainings';
import type { AtHand } from './atHand';
import { bringForward, course, onceMore, strung, takeOver, wayAt, type StrungCue } from './course';
import { countedBy, cued, play, type Key, type Player } from '@/clock/player';

/** What the player stands at: a training kept by an earlier version counted cues without those of 0 seconds. */
function standingAt(training: Training, cues: StrungCue[]): number {
  if (training.over) return Math.min(training.at, cues.length);
  if (training.steps !== undefined) return Math.min(training.at, cues.length - 1);
  const counted = cues.flatMap(({ seconds }, at) => (seconds > 0 ? [at] : []));
  return counted[Math.min(training.at, counted.length - 1)] ?? 0;
}

/**
 * The order this training takes and where it stands in it: what is pressed, an easier version that takes over, another
 * exercise first, a set on top.
 */
export function useCourse(sheet: Schemas['CueSheetView'], training: Training, change: AtHand['change']) {
  const { steps: taken, left } = training;
  const steps = useMemo(() => course(sheet, taken, left), [sheet, taken, left]);
  const cues = useMemo(() => strung(sheet, steps), [sheet, steps]);
  const [player, dispatch] = useReducer(play(cues), null, () => ({
    ...cued(cues, standingAt(training, cues)),
    over: training.over,
  }));
  const cue = cues[player.at];
  const latest = useRef({ cue, player, training });
  useEffect(() => {
    latest.current = { cue, player, training };
  });

  const press = useCallback(
    (key: Key) => {
      const now = performance.now();
      const { cue: at, player: before, training: of } = latest.current;
      // Whatever ends an open set, what was counted by then is what was done.
      const way = at && (key.do === 'skip' || key.do === 'end') ? wayAt(sheet, { item: at.item, way: at.way }) : undefined;
      const left = before.since === null ? before.leftMs : before.leftMs - (now - before.since);
      const counted = at && way ? countedBy(at, left, way) : null;
      if (at && counted) {
        const set = `${at.item} ${at.set}`;
        void change({ counted: { ...of.counted, [set]: { ...of.counted?.[set], ...counted } } });
      }
      dispatch({ ...key, now });
    },
    [sheet, change],
  );

  const working = cue !== undefined && cue.stretch !== 'rest' && cue.stretch !== 'change-over';
  /** the set at work, or the one that comes next */
  const here = player.over ? steps.length : (cue?.step ?? 0);
  /** the first set that has not begun */
  const next = working && !isUntouched(player, cues) ? here + 1 : here;
  return {
    steps,
    cues,
    player,
    cue,
    working,
    here,
    next,
    press,
    /** An easier version takes this set, where it is at work from its start, and those after it. */
    async takeOver(item: string, way: string) {
      await change({ steps: takeOver(steps, here, item, way) });
      if (working) redo();
    },
    async bringForward(item: string) {
      await change({ steps: bringForward(sheet, steps, next, item) });
      if (working && next === here) press({ do: 'go', at: firstOf(cues, here) });
    },
    async onceMore(item: string) {
      const more = onceMore(steps, item);
      await change({ steps: more });
      if (player.over) press({ do: 'go', at: cues.length });
    },
    redo,
  };

  /** The set at hand from its start; while resting, the one before. Answers with its place. */
  function redo(): number {
    const again = working ? here : Math.max(0, here - 1);
    press({ do: 'pause' });
    press({ do: 'go', at: firstOf(cues, again) });
    return again;
  }
}

/** The cue a set begins with, past the rest before it. */
const firstOf = (cues: StrungCue[], step: number): number =>
  cues.findIndex((cue) => cue.step === step && cue.stretch !== 'rest' && cue.stretch !== 'change-over');

/** Nothing of the set at hand was done yet. */
const isUntouched = (player: Player, cues: StrungCue[]): boolean => {
  const cue = cues[player.at];
  return (
    player.since === null &&
    cue !== undefined &&
    player.at === firstOf(cues, cue.step) &&
    player.leftMs === (cue.until ?? cue.seconds) * 1000
  );
};
