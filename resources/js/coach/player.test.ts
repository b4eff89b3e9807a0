import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { cued, play, repetition } from './player';

const cue = (seconds: number, stretch: Schemas['Cue']['stretch'] = 'work'): Schemas['Cue'] => ({
  stretch,
  seconds,
  item: 'a',
  set: 1,
  side: 'both',
  target: 1,
  repetitions: 0,
  phases: [],
  endsSet: false,
});
const cues = [cue(10), cue(5, 'rest'), cue(10)];
const player = play(cues);
const started = player(cued(cues, 0), { do: 'start' });

describe('the player', () => {
  it('runs from cue to cue and loses no time between them', () => {
    const after = player(started, { do: 'tick', ms: 12_000 });
    expect([after.at, after.leftMs]).toEqual([1, 3000]);
  });

  it('ends after the last cue and stays there', () => {
    const after = player(started, { do: 'tick', ms: 60_000 });
    expect(after.over).toBe(true);
    expect(player(after, { do: 'start' }).running).toBe(false);
  });

  it('ended here asks about the set that has begun, and about none to come', () => {
    const sets = [cue(10), { ...cue(10), endsSet: true }, cue(30, 'rest'), { ...cue(10), endsSet: true }];
    const press = play(sets);
    const inSet = press(cued(sets, 0), { do: 'end' });
    expect([inSet.at, inSet.over, inSet.running]).toEqual([2, true, false]);
    expect(press(cued(sets, 2), { do: 'end' }).at).toBe(2);
    expect(press(inSet, { do: 'back' }).over).toBe(false);
  });

  it('stands still while paused', () => {
    const paused = player(started, { do: 'pause' });
    expect(player(paused, { do: 'tick', ms: 5000 }).leftMs).toBe(10_000);
  });

  it('goes back to the start of a cue, and pressed there to the one before', () => {
    const inRest = player(started, { do: 'tick', ms: 12_000 });
    const restAgain = player(inRest, { do: 'back' });
    expect([restAgain.at, restAgain.leftMs]).toEqual([1, 5000]);
    expect(player(restAgain, { do: 'back' }).at).toBe(0);
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
