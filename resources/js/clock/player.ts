import type { Schemas } from '@/api/client';
import type { Counted } from '@/offline/trainings';

type Cue = Schemas['Cue'];
/** A cue of a set of an exercise. */
export type SetCue = Cue & { item: string; set: number };

/** How long a cue lasts by itself, in ms: an open set until its cap, or until nobody holds on that long. */
export const lasts = (cue: Cue | undefined): number => (cue?.until ?? cue?.seconds ?? 0) * 1000;

/** Where the player is: a cue, how much of it was left at a moment of the wall clock, and whether it runs on since. */
export type Player = {
  at: number;
  leftMs: number;
  /** the moment `leftMs` was true, in ms; null while the clock stands */
  since: number | null;
  over: boolean;
  /** grows with every press that moves the clock otherwise than by running: sounds are laid out anew then */
  moves: number;
};

/** What somebody presses, or what the clock says. */
export type Key =
  | { do: 'start' }
  | { do: 'pause' }
  | { do: 'tick' }
  | { do: 'skip' }
  | { do: 'back' }
  | { do: 'end' }
  | { do: 'more'; seconds: number }
  | { do: 'go'; at: number };

/** With the moment of it, in ms of a clock that only goes forward. */
export type Press = Key & { now: number };

const lengthOf = (cues: Cue[], at: number): number => lasts(cues[at]);

export const cued = (cues: Cue[], at: number): Player => ({
  at,
  leftMs: lengthOf(cues, at),
  since: null,
  over: cues.length === 0,
  moves: 0,
});

/** The player as it stands at a moment: time runs into the next cue, loses nothing between them, and never passes the end. */
export function at(cues: Cue[], player: Player, now: number): Player {
  if (player.since === null) return player;
  let { at: cue, leftMs } = player;
  leftMs -= now - player.since;
  while (leftMs <= 0) {
    cue += 1;
    if (cue >= cues.length) return { ...player, at: cues.length, leftMs: 0, since: null, over: true };
    leftMs += lengthOf(cues, cue);
  }
  return { ...player, at: cue, leftMs, since: now };
}

/** Plays the cue sheet. */
export const play =
  (cues: Cue[]) =>
  (before: Player, press: Press): Player => {
    const player = at(cues, before, press.now);
    const moved = { ...player, moves: player.moves + 1 };
    const to = (cue: number): Player =>
      cue >= cues.length
        ? { ...moved, at: cues.length, leftMs: 0, since: null, over: true }
        : { ...moved, at: cue, leftMs: lengthOf(cues, cue), over: false };
    // Nothing is rested where a rest is of no time.
    const onto = (cue: number): Player => to(lengthOf(cues, cue) === 0 && cue < cues.length ? cue + 1 : cue);
    switch (press.do) {
      case 'tick':
        return player;
      case 'start':
        return player.over ? player : { ...moved, since: press.now };
      case 'pause':
        return { ...moved, since: null };
      case 'skip':
        return onto(player.at + 1);
      case 'more':
        return player.over ? player : { ...moved, leftMs: player.leftMs + press.seconds * 1000 };
      case 'go':
        return to(press.at);
      case 'end': {
        // A set that has begun was done in part, and is asked about; those to come were not.
        const rest = cues.slice(player.at).findIndex((cue) => cue.endsSet);
        const isInSet = cues[player.at]?.stretch === 'work' || cues[player.at]?.stretch === 'side-change';
        return { ...moved, at: isInSet && rest >= 0 ? player.at + rest + 1 : player.at, leftMs: 0, since: null, over: true };
      }
      case 'back': {
        // Back to the start of this cue first; pressed again at its start, to the one before.
        if (lengthOf(cues, player.at) - player.leftMs > 1500) return to(player.at);
        const before = lengthOf(cues, player.at - 1) === 0 ? player.at - 2 : player.at - 1;
        return to(Math.max(0, before));
      }
    }
  };

/** Which repetition it is, and how far into which part of it, while a set of repetitions runs. */
export function repetition(cue: Cue, leftMs: number): { number: number; phase: number; part: number } | null {
  const length = cue.phases.reduce((sum, phase) => sum + phase.seconds, 0) * 1000;
  if (cue.repetitions === 0 || length === 0) return null;
  const gone = Math.max(0, lasts(cue) - leftMs);
  let inside = gone % length;
  for (let phase = 0; phase < cue.phases.length; phase++) {
    const ms = (cue.phases[phase]?.seconds ?? 0) * 1000;
    if (inside < ms) return { number: Math.min(cue.repetitions, Math.floor(gone / length) + 1), phase, part: inside / ms };
    inside -= ms;
  }
  return { number: cue.repetitions, phase: 0, part: 0 };
}

/** How long an open set runs by now, in ms; null where the set is not open. */
export const runFor = (cue: Cue | undefined, leftMs: number): number | null =>
  cue?.until == null ? null : Math.max(0, lasts(cue) - leftMs);

/** What an open set came to when it was ended: whole repetitions of each side, else seconds. */
export function countedBy(
  cue: SetCue,
  leftMs: number,
  { unit, sides }: Pick<Schemas['CueWayView'], 'unit' | 'sides'>,
): Counted | null {
  const gone = runFor(cue, leftMs);
  if (gone === null || cue.stretch !== 'work') return null;
  const one = cue.phases.reduce((sum, phase) => sum + phase.seconds, 0) * 1000;
  const inTurn = cue.side === 'both' && sides[cue.set - 1] === 'each';
  const done = unit === 'reps' ? Math.floor(gone / Math.max(1, one) / (inTurn ? 2 : 1)) : Math.round(gone / 1000);
  return inTurn ? { left: done, right: done } : { [cue.side]: done };
}
