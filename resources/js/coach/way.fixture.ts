import type { Schemas } from '@/api/client';

/** An exercise in one way; for tests. */
export const way = (more: Partial<Schemas['CueWayView']> = {}): Schemas['CueWayView'] => ({
  id: 'press',
  key: 'press-out/standing 2x10/side',
  easier: null,
  rung: 'press-out/standing',
  name: 'Press-out, standing',
  dose: '2x10/side',
  doseText: '2 × 10 each side',
  sets: 2,
  optional: 0,
  restSeconds: 45,
  pieces: [],
  unit: 'reps',
  targets: [10, 10],
  sides: ['each' as const, 'each' as const],
  cues: [],
  faults: [],
  check: '',
  fallback: '',
  setUp: '',
  figure: { view: [20, 10], side: 'left', frames: [[]], kit: [], shadow: [[]], force: [] },
  fault: null,
  felt: 'the front of the trunk',
  places: [
    { value: 'right', label: 'where it should be' },
    { value: 'low-back', label: 'low back' },
  ],
  questions: [
    { value: 'ribs', label: 'Ribs stay down' },
    { value: 'in-control', label: 'In control, with ease' },
  ],
  loads: ['low-back', 'elsewhere'],
  lastEffort: null,
  lastFelt: null,
  ...more,
});
