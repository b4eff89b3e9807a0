/** Width of a rail that is not opened, of an opened one, of a folded demand. */
export const WIDTH = { rail: 29, opened: 166, folded: 26, axis: 20, gap: 6, least: 70 };

export interface Group {
  value: string;
  ladders: number;
  /** kept open as long as anything else can be folded */
  weakest: boolean;
}

/** Demands that are folded first where there is no room: they have no share in the balance. */
const BESIDE = ['integrated-lift', 'activation', 'trunk-flexion'];

export const groupWidth = (ladders: number, active: boolean): number =>
  Math.max(WIDTH.least, ladders * WIDTH.rail + (active ? WIDTH.opened - WIDTH.rail : 0));

/**
 * Which demands are folded so that all of them fit side by side: those the trainer folded, and then as many as
 * needed, beginning with what has no share, going on with what is farthest from the demand at hand, the weakest last.
 */
export function foldedDemands(groups: Group[], active: string, chosen: ReadonlySet<string>, room: number): Set<string> {
  const folded = new Set([...chosen].filter((value) => value !== active));
  const at = groups.findIndex((group) => group.value === active);
  const width = () =>
    WIDTH.axis +
    groups.reduce(
      (sum, group) =>
        sum + WIDTH.gap + (folded.has(group.value) ? WIDTH.folded : groupWidth(group.ladders, group.value === active)),
      0,
    );
  const next = groups
    .map((group, index) => ({
      value: group.value,
      rank: group.weakest ? -1 : BESIDE.includes(group.value) ? 100 : Math.abs(index - at),
    }))
    .filter(({ value }) => value !== active)
    .sort((a, b) => b.rank - a.rank);
  for (const { value } of next) {
    if (width() <= room) break;
    folded.add(value);
  }
  return folded;
}
