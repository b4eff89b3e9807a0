import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { instrument } from './instrument';

const laid: number[] = [];
const stops = vi.fn();
vi.mock('@/ui/audio', () => ({
  audio: () => ({ currentTime: 10 }),
  tone: (_: unknown, at: number) => {
    laid.push(at);
    return stops;
  },
}));

/** A device with a voice and something to feel: both are stand-ins, no browser of the tests has them. */
function device({ voices = 1 } = {}) {
  const spoken: string[] = [];
  const felt: unknown[] = [];
  vi.stubGlobal('speechSynthesis', {
    getVoices: () => Array.from({ length: voices }),
    cancel: () => undefined,
    speak: ({ text }: { text: string }) => spoken.push(text),
  });
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      rate = 1;
      constructor(public text: string) {}
    },
  );
  vi.stubGlobal('navigator', { vibrate: (pattern: unknown) => felt.push(pattern) });
  return { spoken, felt };
}

describe('the sounds of the device', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    laid.length = 0;
    stops.mockClear();
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('says the count with its own voice when the repetition begins, and not before', () => {
    const { spoken } = device();
    instrument({ volume: 2, vibrates: false, speaks: true })?.lay({ at: 3000, kind: 'repetition', number: 4 }, 13);
    vi.advanceTimersByTime(2999);
    expect(spoken).toEqual([]);
    vi.advanceTimersByTime(1);
    expect(spoken).toEqual(['4']);
    expect(laid).toEqual([13]);
  });

  it('is silent where the device has no voice, or nobody asked for one', () => {
    const { spoken } = device({ voices: 0 });
    instrument({ volume: 2, vibrates: false, speaks: true })?.lay({ at: 0, kind: 'repetition', number: 1 }, 10);
    vi.runAllTimers();
    device();
    instrument({ volume: 2, vibrates: false, speaks: false })?.lay({ at: 0, kind: 'repetition', number: 1 }, 10);
    vi.runAllTimers();
    expect(spoken).toEqual([]);
  });

  it('is felt where the device can, also when it is mute', () => {
    const { felt } = device();
    instrument({ volume: 0, vibrates: true, speaks: false })?.lay({ at: 0, kind: 'rest' }, 10);
    vi.runAllTimers();
    expect([felt, laid]).toEqual([[[90, 60, 90]], []]);
  });

  it('takes back what has not sounded: tone, word and touch', () => {
    const { spoken, felt } = device();
    const takeBack = instrument({ volume: 2, vibrates: true, speaks: true })?.lay({ at: 2000, kind: 'go', number: 1 }, 12);
    takeBack?.();
    vi.runAllTimers();
    expect([spoken, felt, stops.mock.calls.length]).toEqual([[], [], 1]);
  });
});
