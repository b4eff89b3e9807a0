import type { SetCue } from './player';

/** A cue of so many seconds; for tests. */
export const cue = (seconds: number, stretch: SetCue['stretch'] = 'work', more: Partial<SetCue> = {}): SetCue => ({
  stretch,
  seconds,
  item: 'a',
  set: 1,
  side: 'both',
  target: 1,
  repetitions: 0,
  phases: [],
  endsSet: false,
  until: null,
  ...more,
});
