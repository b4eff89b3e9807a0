import type { Schemas } from '@/api/client';

/** A cue of so many seconds; for tests. */
export const cue = (
  seconds: number,
  stretch: Schemas['Cue']['stretch'] = 'work',
  more: Partial<Schemas['Cue']> = {},
): Schemas['Cue'] => ({
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
