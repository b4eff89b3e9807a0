import { describe, expect, it } from 'vitest';
import { cue } from './cue.fixture';
import { countedBy, cued, play, repetition, runFor, type SetCue } from './player';

type Cue = SetCue;

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

  it('counts an open set up until somebody ends it, and by itself no further than its cap', () => {
    const sets = [{ ...cue(20), until: 40 }, cue(30, 'rest')];
    const press = play(sets);
    const running = press(cued(sets, 0), { do: 'start', now: 0 });
    const later = press(running, { do: 'tick', now: 27_400 });
    expect([later.at, runFor(sets[0], later.leftMs)]).toEqual([0, 27_400]);
    expect(countedBy(sets[0] as Cue, later.leftMs, { unit: 'seconds', sides: ['both'] })).toEqual({ both: 27 });
    expect(press(later, { do: 'skip', now: 27_400 }).at).toBe(1);
    expect(press(running, { do: 'tick', now: 41_000 }).at).toBe(1);
  });

  it('counts whole repetitions of an open set, of sides in turn those of each', () => {
    const reps = { ...cue(32), until: 48, repetitions: 12, phases: [{ word: 'out', seconds: 4, isPause: false }] };
    expect(countedBy(reps, 48_000 - 15_000, { unit: 'reps', sides: ['both'] })).toEqual({ both: 3 });
    expect(countedBy(reps, 48_000 - 17_000, { unit: 'reps', sides: ['each'] })).toEqual({ left: 2, right: 2 });
    expect(countedBy(cue(10), 5_000, { unit: 'seconds', sides: ['both'] })).toBeNull();
  });

  it('rests longer when asked, from where the rest stands', () => {
    const resting = player(started, { do: 'tick', now: 12_000 });
    const longer = player(resting, { do: 'more', seconds: 15, now: 12_000 });
    expect([longer.at, longer.leftMs, longer.since]).toEqual([1, 18_000, 12_000]);
  });

  it('passes a rest of no time, forward and back', () => {
    const close = [cue(10), cue(0, 'rest'), cue(10)];
    const press = play(close);
    expect(press(cued(close, 0), { do: 'skip', now: 0 }).at).toBe(2);
    expect(press(cued(close, 2), { do: 'back', now: 0 }).at).toBe(0);
  });
});
