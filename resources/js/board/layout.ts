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

export const groupWidth = (ladders: number, opened: number): number =>
  Math.max(WIDTH.least, ladders * WIDTH.rail + opened * (WIDTH.opened - WIDTH.rail));

/** So wide the board is at least, whichever demand is at hand and all the others are folded. */
export const leastRoom = (groups: Pick<Group, 'ladders'>[]): number =>
  WIDTH.axis +
  groups.length * WIDTH.gap +
  (groups.length - 1) * WIDTH.folded +
  Math.max(0, ...groups.map(({ ladders }) => groupWidth(ladders, 1)));

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
        sum + WIDTH.gap + (folded.has(group.value) ? WIDTH.folded : groupWidth(group.ladders, group.value === active ? 1 : 0)),
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

/**
 * Which ladders stand open with their names: the one at hand, and where there is room the others of its demand, then
 * those the person stands on elsewhere, the nearest first.
 */
export function openedLadders(
  groups: { value: string; ladders: string[]; stoodOn: string[] }[],
  active: string,
  folded: ReadonlySet<string>,
  room: number,
): Set<string> {
  const opened = new Set([active]);
  const at = groups.findIndex((group) => group.ladders.includes(active));
  const shown = groups.filter((group) => !folded.has(group.value));
  const width = () =>
    WIDTH.axis +
    groups.length * WIDTH.gap +
    (groups.length - shown.length) * WIDTH.folded +
    shown.reduce(
      (sum, group) => sum + groupWidth(group.ladders.length, group.ladders.filter((one) => opened.has(one)).length),
      0,
    );
  const near = (group: { value: string }) => Math.abs(groups.findIndex((one) => one.value === group.value) - at);
  const wanted = [
    ...(groups[at]?.ladders ?? []),
    ...shown.toSorted((one, other) => near(one) - near(other)).flatMap((group) => group.stoodOn),
  ];
  for (const ladder of wanted) {
    if (opened.has(ladder)) continue;
    opened.add(ladder);
    if (width() > room) opened.delete(ladder);
  }
  return opened;
}
