import type { SetLog } from './told';

/** A set as it is told, with nothing asked; for tests. */
export const setDone = (item: string, number: number, both: number | null, more: Partial<SetLog> = {}): SetLog => ({
  item,
  set: number,
  both,
  left: null,
  right: null,
  form: {},
  pain: null,
  effort: null,
  travellingPain: false,
  felt: null,
  painNote: '',
  painSide: null,
  painPlace: null,
  rung: null,
  dose: null,
  ...more,
});
