import type { Schemas } from '@/api/client';

type Cue = Schemas['Cue'];

/** Where the player is: a cue, how much of it is left, and whether the clock runs. */
export type Player = { at: number; leftMs: number; running: boolean; over: boolean };

export type Press =
  | { do: 'start' }
  | { do: 'pause' }
  | { do: 'tick'; ms: number }
  | { do: 'skip' }
  | { do: 'back' }
  | { do: 'go'; at: number }
  | { do: 'end' };

export const cued = (cues: Cue[], at: number): Player => ({
  at,
  leftMs: (cues[at]?.seconds ?? 0) * 1000,
  running: false,
  over: cues.length === 0,
});

/** Plays the cue sheet: time runs into the next cue, and never past the end. */
export const play =
  (cues: Cue[]) =>
  (player: Player, press: Press): Player => {
    const to = (at: number): Player =>
      at >= cues.length
        ? { at: cues.length, leftMs: 0, running: false, over: true }
        : { ...player, at, leftMs: (cues[at]?.seconds ?? 0) * 1000, over: false };
    switch (press.do) {
      case 'start':
        return player.over ? player : { ...player, running: true };
      case 'pause':
        return { ...player, running: false };
      case 'skip':
        return to(player.at + 1);
      case 'go':
        return to(press.at);
      case 'end': {
        // A set that has begun was done in part, and is asked about; those to come were not.
        const rest = cues.slice(player.at).findIndex((cue) => cue.endsSet);
        const isInSet = cues[player.at]?.stretch === 'work' || cues[player.at]?.stretch === 'side-change';
        return { ...player, at: isInSet && rest >= 0 ? player.at + rest + 1 : player.at, leftMs: 0, running: false, over: true };
      }
      case 'back': {
        // Back to the start of this cue first; pressed again at its start, to the one before.
        const full = (cues[player.at]?.seconds ?? 0) * 1000;
        return full - player.leftMs > 1500 ? to(player.at) : to(Math.max(0, player.at - 1));
      }
      case 'tick': {
        if (!player.running) return player;
        let { at, leftMs } = player;
        leftMs -= press.ms;
        while (leftMs <= 0) {
          at += 1;
          if (at >= cues.length) return to(at);
          leftMs += (cues[at]?.seconds ?? 0) * 1000;
        }
        return { ...player, at, leftMs };
      }
    }
  };

/** Which repetition it is, and how far into which part of it, while a set of repetitions runs. */
export function repetition(cue: Cue, leftMs: number): { number: number; phase: number; part: number } | null {
  const length = cue.phases.reduce((sum, phase) => sum + phase.seconds, 0) * 1000;
  if (cue.repetitions === 0 || length === 0) return null;
  const gone = Math.max(0, cue.seconds * 1000 - leftMs);
  let inside = gone % length;
  for (let phase = 0; phase < cue.phases.length; phase++) {
    const ms = (cue.phases[phase]?.seconds ?? 0) * 1000;
    if (inside < ms) return { number: Math.min(cue.repetitions, Math.floor(gone / length) + 1), phase, part: inside / ms };
    inside -= ms;
  }
  return { number: cue.repetitions, phase: 0, part: 0 };
}
