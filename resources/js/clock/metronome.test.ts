import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { cue } from './cue.fixture';
import { AHEAD, metronome } from './metronome';
import { at, cued, play } from './player';
import { soundsOf, type Sound } from './sounds';

const phases = [
  { word: 'out', seconds: 2, isPause: false },
  { word: 'hold', seconds: 1, isPause: true },
  { word: 'back', seconds: 2, isPause: false },
];
const said = (sounds: Sound[]) => sounds.map(({ at: ms, kind }) => `${ms / 1000} ${kind}`);

describe('what sounds', () => {
  it('begins, halves and counts out a hold, then rest, then three, two, one, go', () => {
    const cues = [cue(30), cue(10, 'rest'), cue(8)];
    expect(said(soundsOf(cues, { at: 0, leftMs: 30_000 }, 100_000))).toEqual([
      ...['0 go', '15 halfway', '27 last', '28 last', '29 last', '30 rest', '37 ready', '38 ready', '39 ready', '40 go'],
      ...['45 last', '46 last', '47 last', '48 done'],
    ]);
  });

  it('says each repetition and each part of it, and the change of sides', () => {
    const cues = [cue(10, 'work', { repetitions: 2, phases }), cue(5, 'side-change'), cue(5, 'work', { repetitions: 1, phases })];
    expect(said(soundsOf(cues, { at: 0, leftMs: 10_000 }, 100_000))).toEqual([
      ...['0 go', '2 phase', '3 phase', '5 repetition', '7 phase', '8 phase', '10 sides', '12 ready', '13 ready', '14 ready'],
      ...['15 go', '17 phase', '18 phase', '20 done'],
    ]);
  });

  it('says go though the press that started it lies a moment back, and nothing older', () => {
    expect(soundsOf([cue(30)], { at: 0, leftMs: 29_950 }, 5_000)).toEqual([{ at: -50, kind: 'go' }]);
    expect(soundsOf([cue(30)], { at: 0, leftMs: 29_000 }, 5_000)).toEqual([]);
  });

  it('from the middle of a cue says only what is to come, and nothing beyond the horizon', () => {
    const cues = [cue(30), cue(10, 'rest'), cue(8)];
    expect(said(soundsOf(cues, { at: 0, leftMs: 2_500 }, 10_000))).toEqual(['0.5 last', '1.5 last', '2.5 rest', '9.5 ready']);
  });
});

/** A page whose audio clock may stand still, and whose timers may come late. */
function stage(
  cues: Schemas['Cue'][],
  { stalls = [], look = () => 2_000 }: { stalls?: [number, number][]; look?: (ms: number) => number },
) {
  let wall = 0;
  const stalledBy = (ms: number) => stalls.reduce((sum, [from, to]) => sum + Math.max(0, Math.min(ms, to) - from), 0);
  const heard: { kind: string; ms: number }[] = [];
  const laid = new Set<{ sound: Sound; at: number }>();
  let player = play(cues)(cued(cues, 0), { do: 'start', now: 0 });
  const clock = metronome(
    {
      seconds: () => (wall - stalledBy(wall)) / 1000,
      lay(sound, moment) {
        const one = { sound, at: moment };
        laid.add(one);
        return () => laid.delete(one);
      },
    },
    () => wall,
    (horizon) => {
      player = at(cues, player, wall);
      return player.over ? [] : soundsOf(cues, player, horizon);
    },
  );
  clock.start();
  let next = look(0);
  const end = cues.reduce((sum, { seconds }) => sum + seconds * 1000, 0) + 5_000;
  for (; wall < end; wall += 5) {
    const audio = (wall - stalledBy(wall)) / 1000;
    for (const one of laid) {
      if (one.at > audio) continue;
      laid.delete(one);
      heard.push({ kind: one.sound.kind, ms: wall });
    }
    if (wall >= next) {
      clock.look();
      next = wall + look(wall);
    }
  }
  return heard;
}

/** Where the sounds belong by the wall clock. */
const wanted = (cues: Schemas['Cue'][]) => soundsOf(cues, { at: 0, leftMs: (cues[0]?.seconds ?? 0) * 1000 }, Infinity);

describe('the clock of the player', () => {
  const set = [cue(40), cue(20, 'rest')];
  const session = [...Array.from({ length: 8 }, () => set).flat(), cue(40)];

  it('sounds everything at its moment for ten minutes, within 20 ms', () => {
    const heard = stage(session, {});
    const belong = wanted(session);
    expect(heard).toHaveLength(belong.length);
    for (const [index, { at: ms, kind }] of belong.entries()) {
      expect(heard[index]?.kind).toBe(kind);
      expect(Math.abs((heard[index]?.ms ?? 0) - ms)).toBeLessThanOrEqual(20);
    }
  });

  it('loses nothing on a hidden page whose timers come once a minute', () => {
    const heard = stage(session, { look: () => 60_000 });
    expect(heard.map(({ kind }) => kind)).toEqual(wanted(session).map(({ kind }) => kind));
    expect(AHEAD).toBeGreaterThan(60_000);
  });

  it('is back in time two seconds after an audio clock that stood still, and says nothing twice', () => {
    const heard = stage(session, { stalls: [[65_000, 73_000]] });
    const late = heard.filter(
      ({ ms, kind }) => !wanted(session).some((sound) => sound.kind === kind && Math.abs(sound.at - ms) <= 20),
    );
    expect(late).toEqual([]);
    const before = wanted(session).filter(({ at: ms }) => ms > 75_100).length;
    expect(heard.filter(({ ms }) => ms > 75_100)).toHaveLength(before);
  });
});
