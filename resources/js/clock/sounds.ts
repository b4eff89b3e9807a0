import type { Schemas } from '@/api/client';
import { lasts } from './player';

/** Where several people share a cue, the seconds at which some of them change sides. */
type Cue = Schemas['Cue'] & { sidesAt?: number[] };

/**
 * ready: three, two, one before work. go: work begins. repetition and phase: each repetition, and each part of it after the
 * first. halfway: of a hold. last: three, two, one before a hold ends. sides: change. rest: work is over. done: all is.
 */
export type SoundKind = 'ready' | 'go' | 'repetition' | 'phase' | 'halfway' | 'last' | 'sides' | 'rest' | 'done';

export interface Sound {
  /** from now, in ms */
  at: number;
  kind: SoundKind;
  /** which repetition begins */
  number?: number;
}

/** A hold at least so long, in ms, says its half. */
const HALVED = 20_000;

/** What belonged so shortly before now, in ms, still sounds: the press that starts the clock comes before the first sound of it. */
const LATE = 150;

/** What sounds from now on within so many ms, in order of time. */
export function soundsOf(cues: Cue[], from: { at: number; leftMs: number }, horizonMs: number): Sound[] {
  const sounds: Sound[] = [];
  let start = from.leftMs - lasts(cues[from.at]);
  for (let at = from.at; at < cues.length && start < horizonMs; at++) {
    const cue = cues[at];
    if (!cue) break;
    const length = lasts(cue);
    // A rest that was made longer has begun all the same.
    const begun = at === from.at && start > 0;
    sounds.push(
      ...soundsIn(cue, cues[at - 1])
        .filter((sound) => !begun || sound.at > 0)
        .map((sound) => ({ ...sound, at: start + sound.at })),
    );
    start += length;
    if (at === cues.length - 1) sounds.push({ at: start, kind: 'done' });
  }
  return sounds.filter(({ at }) => at > -LATE && at < horizonMs).sort((one, other) => one.at - other.at);
}

/** What sounds in one cue, from its start. */
function soundsIn(cue: Cue, before: Cue | undefined): Sound[] {
  const length = lasts(cue);
  const lastThree = (kind: SoundKind): Sound[] =>
    [3, 2, 1].filter((second) => second * 1000 < length).map((second) => ({ at: length - second * 1000, kind }));
  if (cue.stretch !== 'work') {
    const begins: Sound[] = before ? [{ at: 0, kind: cue.stretch === 'side-change' ? 'sides' : 'rest' }] : [];
    return [...begins, ...lastThree('ready')];
  }
  const sounds: Sound[] = [{ at: 0, kind: 'go', ...(cue.repetitions > 0 && { number: 1 }) }];
  const one = cue.phases.reduce((sum, phase) => sum + phase.seconds, 0) * 1000;
  if (cue.repetitions === 0 || one === 0) {
    if (cue.sidesAt) sounds.push(...cue.sidesAt.map((second): Sound => ({ at: second * 1000, kind: 'sides' })));
    else if (length >= HALVED && cue.until == null) sounds.push({ at: length / 2, kind: 'halfway' });
    return [...sounds, ...lastThree('last')];
  }
  for (let repetition = 0; repetition < cue.repetitions; repetition++) {
    let at = repetition * one;
    for (const [phase, { seconds }] of cue.phases.entries()) {
      if (phase > 0 && seconds > 0) sounds.push({ at, kind: 'phase' });
      else if (phase === 0 && repetition > 0) sounds.push({ at, kind: 'repetition', number: repetition + 1 });
      at += seconds * 1000;
    }
  }
  return sounds;
}
