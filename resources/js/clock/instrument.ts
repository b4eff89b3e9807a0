import { audio, tone } from '@/ui/audio';
import type { Instrument } from './metronome';
import type { Sound, SoundKind } from './sounds';
import type { SoundSettings } from './soundSettings';

/** Told apart by pitch and rhythm: seconds from the start, hertz, seconds long. */
const TONES: Record<SoundKind, [number, number, number][]> = {
  ready: [[0, 523, 0.12]],
  go: [[0, 880, 0.45]],
  repetition: [[0, 494, 0.1]],
  phase: [[0, 392, 0.06]],
  halfway: [
    [0, 659, 0.12],
    [0.18, 659, 0.12],
  ],
  last: [[0, 587, 0.09]],
  sides: [
    [0, 587, 0.16],
    [0.2, 784, 0.22],
  ],
  rest: [[0, 330, 0.5]],
  done: [
    [0, 523, 0.18],
    [0.2, 659, 0.18],
    [0.4, 784, 0.5],
  ],
};

/** What is felt in the hand, in ms: on, off, on. */
const FELT: Partial<Record<SoundKind, number[]>> = { go: [180], rest: [90, 60, 90], sides: [60, 60, 60, 60, 60], done: [400] };

const LOUDNESS = [0, 0.06, 0.2, 0.5];

/** A voice of the device itself; null where it has none. */
export const voice = (): SpeechSynthesis | null =>
  typeof speechSynthesis !== 'undefined' && speechSynthesis.getVoices().length > 0 ? speechSynthesis : null;

function say(number: number): void {
  const speaks = voice();
  if (!speaks) return;
  const word = new SpeechSynthesisUtterance(String(number));
  word.rate = 1.3;
  speaks.cancel();
  speaks.speak(word);
}

/** The sounds of this device; null where it has none. */
export function instrument({ volume, vibrates, speaks }: SoundSettings): Instrument | null {
  const on = audio();
  if (!on) return null;
  return {
    seconds: () => on.currentTime,
    lay(sound: Sound, at: number) {
      const stops =
        volume === 0
          ? []
          : TONES[sound.kind].map(([from, hertz, seconds]) => tone(on, at + from, hertz, seconds, LOUDNESS[volume] ?? 0.2));
      const inMs = Math.max(0, (at - on.currentTime) * 1000);
      const felt = vibrates ? FELT[sound.kind] : undefined;
      const timers = [
        ...(felt ? [setTimeout(() => navigator.vibrate?.(felt), inMs)] : []),
        ...(speaks && sound.number !== undefined ? [setTimeout(say, inMs, sound.number)] : []),
      ];
      return () => {
        stops.forEach((stop) => stop());
        timers.forEach(clearTimeout);
      };
    },
  };
}
