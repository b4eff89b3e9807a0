import { describe, expect, it } from 'vitest';
import { cue } from './cue.fixture';
import { cued, play, repetition } from './player';

const cues = [cue(10), cue(5, 'rest'), cue(10)];
const player = play(cues);
const started = player(cued(cues, 0), { do: 'start', now: 0 });

describe('the player', () => {
  it('runs from cue to cue and loses no time between them', () => {
    const after = player(started, { do: 'tick', now: 12_000 });
    expect([after.at, after.leftMs]).toEqual([1, 3000]);
  });

  it('ends after the last cue and stays there', () => {
    const after = player(started, { do: 'tick', now: 60_000 });
    expect(after.over).toBe(true);
    expect(player(after, { do: 'start', now: 60_000 }).since).toBeNull();
  });

  it('ended here asks about the set that has begun, and about none to come', () => {
    const sets = [cue(10), { ...cue(10), endsSet: true }, cue(30, 'rest'), { ...cue(10), endsSet: true }];
    const press = play(sets);
    const inSet = press(cued(sets, 0), { do: 'end', now: 0 });
    expect([inSet.at, inSet.over, inSet.since]).toEqual([2, true, null]);
    expect(press(cued(sets, 2), { do: 'end', now: 0 }).at).toBe(2);
    expect(press(inSet, { do: 'back', now: 0 }).over).toBe(false);
  });

  it('stands still while paused, and loses no part of a second at it', () => {
    const paused = player(started, { do: 'pause', now: 4_321 });
    expect(player(paused, { do: 'tick', now: 9_000 }).leftMs).toBe(5_679);
    const on = player(paused, { do: 'start', now: 100_000 });
    expect(player(on, { do: 'tick', now: 101_000 }).leftMs).toBe(4_679);
  });

  it('goes back to the start of a cue, and pressed there to the one before', () => {
    const inRest = player(started, { do: 'tick', now: 12_000 });
    const restAgain = player(inRest, { do: 'back', now: 12_000 });
    expect([restAgain.at, restAgain.leftMs]).toEqual([1, 5000]);
    expect(player(restAgain, { do: 'back', now: 12_000 }).at).toBe(0);
  });

  it('counts repetitions and says which part of one it is', () => {
    const reps = {
      ...cue(24),
      repetitions: 4,
      phases: [
        { word: 'out', seconds: 2, isPause: false },
        { word: 'hold', seconds: 1, isPause: true },
        { word: 'back', seconds: 3, isPause: false },
      ],
    };
    expect(repetition(reps, 24_000)).toEqual({ number: 1, phase: 0, part: 0 });
    expect(repetition(reps, 24_000 - 8500)).toEqual({ number: 2, phase: 1, part: 0.5 });
    expect(repetition(reps, 1)?.number).toBe(4);
  });
});
