/** Heights from 1.0 to 10.0 (in tenths) over a rail of the given length, from its top. */
export const yOf = (tenths: number, length: number): number => length - ((tenths - 10) / 90) * length;

/** Names of rungs stand this far apart, and closer only where a ladder has more of them than its rail has room for. */
const APART = { wanted: 24, least: 20 };

/**
 * How long all rails are: the same whichever is open, so that nothing on the board moves while it is walked. Under a
 * finger names keep their distance, and the page is longer.
 */
export const railLength = (rungs: number[], room: number, narrow: boolean): number =>
  Math.max(430, room, (Math.max(1, ...rungs) - 1) * (narrow ? APART.wanted : APART.least));

/** How far apart the names on a rail stand. */
export const labelsApart = (rungs: number, length: number): number => Math.min(APART.wanted, length / Math.max(1, rungs - 1));

/**
 * Where the labels of a rail stand: as near to their rungs as they can be, never closer than the given
 * distance, inside the rail. Rungs come lowest first; the answer is in the same order.
 *
 * Labels that would touch are gathered into runs, and each run stands around the middle of its rungs.
 */
export function labelPlaces(rungs: { height: number }[], length: number, apart: number): number[] {
  type Run = { middle: number; count: number };
  const size = (run: Run): number => (run.count - 1) * apart;
  const lowest = (run: Run): number => Math.min(length, Math.max(size(run), run.middle + size(run) / 2));
  const runs: Run[] = [];
  for (const rung of rungs) {
    let run: Run = { middle: yOf(rung.height, length), count: 1 };
    for (let below = runs.at(-1); below && lowest(below) - size(below) - apart < lowest(run); below = runs.at(-1)) {
      runs.pop();
      run = {
        middle: (below.middle * below.count + run.middle * run.count) / (below.count + run.count),
        count: below.count + run.count,
      };
    }
    runs.push(run);
  }
  return runs.flatMap((run) => Array.from({ length: run.count }, (_, index) => lowest(run) - index * apart));
}
