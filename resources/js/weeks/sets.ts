import type { Cell } from './wish';

/** Sets of a cell, with what was done of them where that counts by now. */
export function setsInWords({ sets, setsDone }: Pick<Cell, 'sets' | 'setsDone'>, counts: boolean): string {
  const planned = sets === 1 ? '1 set' : `${sets} sets`;
  if (!counts) return planned;
  const done = setsDone ?? 0;
  return sets === 0 && done > 0 ? `${done} unplanned` : `${done} of ${planned}`;
}
