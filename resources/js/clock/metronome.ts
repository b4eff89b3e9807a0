import type { Sound } from './sounds';

/** What sounds: a clock of its own, in seconds, and a way to lay a sound at a moment of it. */
export interface Instrument {
  seconds: () => number;
  /** lays a sound; answers with what takes it back */
  lay: (sound: Sound, at: number) => () => void;
}

/** Sounds are laid so far ahead, in ms: a hidden page's timers may come once a minute. */
export const AHEAD = 70_000;

/** How often is looked after it, in ms, while the page is seen. */
export const LOOK = 2_000;

/** So far may the audio clock be from the wall clock, in ms, before what is laid is laid anew. */
const OFF = 10;

/** With less than this laid ahead, in ms, more is laid. */
const ENOUGH = 65_000;

/**
 * Lays sounds ahead on the audio clock, which no busy or hidden page holds up, and keeps them where the wall clock wants
 * them: where the audio clock stood still for a while, everything to come is laid anew.
 */
export function metronome(instrument: Instrument, now: () => number, soundsFrom: (horizonMs: number) => Sound[]) {
  let laid: { takeBack: () => void; audio: number; wall: number }[] = [];
  let began: { audio: number; wall: number } | null = null;
  let until = 0;

  /** What sounds already sounds on; answers with the moment of the last one that did. */
  const takeBack = (): number => {
    const audio = instrument.seconds();
    let sounded = -Infinity;
    for (const one of laid) {
      if (one.audio > audio) one.takeBack();
      else sounded = Math.max(sounded, one.wall);
    }
    laid = [];
    return sounded;
  };
  const lay = (after: number) => {
    const wall = now();
    const audio = instrument.seconds();
    began = { audio, wall };
    until = wall + AHEAD;
    laid = soundsFrom(AHEAD)
      .filter(({ at }) => wall + at > after + 1)
      .map((sound) => {
        const at = audio + Math.max(0, sound.at) / 1000;
        return { takeBack: instrument.lay(sound, at), audio: at, wall: wall + sound.at };
      });
  };
  return {
    /** From here on; what was laid before is taken back. */
    start() {
      takeBack();
      lay(-Infinity);
    },
    stop() {
      takeBack();
      began = null;
    },
    /** Looks after it: says how far the audio clock had come from the wall clock, in ms. */
    look(): number {
      if (!began) return 0;
      const off = (instrument.seconds() - began.audio) * 1000 - (now() - began.wall);
      if (Math.abs(off) > OFF || until - now() < ENOUGH) lay(Math.max(takeBack(), now() - 1));
      return off;
    },
  };
}
