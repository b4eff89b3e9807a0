import type { Schemas } from '@/api/client';
import type { SetCue } from '@/clock/player';
import type { SetLog } from '@/offline/told';
import type { Step } from '@/offline/trainings';

type Sheet = Schemas['CueSheetView'];
export type Way = Schemas['CueWayView'];

/** A cue of a set, and the way that set is done. */
export type StrungCue = SetCue & { step: number; way: string };

const wayOf = (sheet: Sheet, item: string, key: string): number => {
  const exact = sheet.ways.findIndex((way) => way.id === item && way.key === key);
  return exact >= 0 ? exact : sheet.ways.findIndex((way) => way.id === item);
};

/** The way a set is done; as written where the sheet no longer has the one that was taken. */
export const wayAt = (sheet: Sheet, { item, way }: Pick<Step, 'item' | 'way'>): Way | undefined =>
  sheet.ways[wayOf(sheet, item, way)];

/** An exercise as written, by name. */
export const nameOf = (sheet: Sheet, item: string): string => waysOf(sheet, item)[0]?.name ?? '';

/** The ways of an exercise, as written first. */
export const waysOf = (sheet: Sheet, item: string): Way[] => sheet.ways.filter((way) => way.id === item);

/** The sets as written, without the exercises that are left out today. */
export const written = (sheet: Sheet, left: string[] = []): Step[] =>
  sheet.steps.flatMap(({ item, set }) => (left.includes(item) ? [] : [{ item, set, way: waysOf(sheet, item)[0]?.key ?? '' }]));

/**
 * The order this training takes; as written where nothing was changed, or where the session has other exercises by now.
 */
export function course(sheet: Sheet, steps: Step[] | null | undefined, left?: string[]): Step[] {
  const plain = written(sheet, left);
  if (!steps) return plain;
  const has = (one: Step[], other: Step[]) =>
    other.every(({ item, set }) => one.some((step) => step.item === item && step.set === set));
  // Where the person picks, the others are not part of it.
  const whole = typeof sheet.picks === 'number' ? steps.length > 0 : has(steps, plain);
  return whole && steps.every(({ item }) => plain.some((step) => step.item === item)) ? steps : plain;
}

/** The pieces core compiled, one after the other: between two sets always one cue, were it of 0 seconds. */
export function strung(sheet: Sheet, steps: Step[]): StrungCue[] {
  return steps.flatMap((step, at) => {
    const way = wayAt(sheet, step);
    const before = steps[at - 1];
    const own = { step: at, way: way?.key ?? '' };
    const piece = (way?.pieces[step.set - 1] ?? way?.pieces.at(-1) ?? []).map((cue) => ({
      ...cue,
      item: step.item,
      set: step.set,
      ...own,
    }));
    return before ? [{ ...between(sheet, before, step), ...own }, ...piece] : piece;
  });
}

/** What is rested, or how long it takes to change over, between two sets. */
function between(sheet: Sheet, from: Step, to: Step): SetCue {
  const rest = (stretch: Schemas['Cue']['stretch'], seconds: number, of: Step): SetCue => ({
    stretch,
    seconds,
    item: of.item,
    set: of.set,
    side: 'both',
    target: 0,
    repetitions: 0,
    phases: [],
    endsSet: false,
    until: null,
  });
  const block = sheet.blocks.find(({ items }) => items.includes(from.item));
  const changeOver = sheet.changeOvers[wayOf(sheet, from.item, from.way)]?.[wayOf(sheet, to.item, to.way)] ?? 0;
  if (!block?.items.includes(to.item)) return rest('change-over', changeOver, to);
  if (block.gapSeconds && from.set === to.set) return rest('rest', block.gapSeconds[block.items.indexOf(from.item)] ?? 0, from);
  const seconds = block.roundRestSeconds ?? wayAt(sheet, from)?.restSeconds ?? 0;
  // Another version of the same exercise may ask for kit to be fetched.
  return rest('rest', from.item === to.item && from.way !== to.way ? Math.max(seconds, changeOver) : seconds, from);
}

/** From a place on, an exercise is done in another of its ways. */
export const takeOver = (steps: Step[], from: number, item: string, way: string): Step[] =>
  steps.map((step, at) => (at >= from && step.item === item ? { ...step, way } : step));

/** What can come next instead, each exercise once, in the order it stands. */
export const alsoNext = (steps: Step[], from: number): Step[] =>
  steps
    .slice(from)
    .filter((step, at, rest) => at > 0 && step.item !== rest[0]?.item && rest.findIndex(({ item }) => item === step.item) === at);

/** An exercise comes next: of a circuit its station of this round, else its whole block. */
export function bringForward(sheet: Sheet, steps: Step[], from: number, item: string): Step[] {
  const next = steps[from];
  const block = sheet.blocks.find(({ items }) => items.includes(item));
  if (!next || !block) return steps;
  const rest = steps.slice(from);
  const isSameRound = block.items.includes(next.item);
  const first = rest.findIndex((step) => step.item === item);
  const moves = (step: Step, at: number) => (isSameRound ? at === first : block.items.includes(step.item));
  return [...steps.slice(0, from), ...rest.filter(moves), ...rest.filter((step, at) => !moves(step, at))];
}

/**
 * Beside what another device did: its sets first, as they were done there, then what is left; an easier version that took over
 * there goes on here.
 */
export function beside(sheet: Sheet, steps: Step[], done: Pick<SetLog, 'item' | 'set' | 'rung' | 'dose'>[]): Step[] {
  const told = done.map(({ item, set, rung, dose }) => ({ item, set, way: rung && dose ? `${rung} ${dose}` : '' }));
  const known = told.map((step) => ({ ...step, way: wayAt(sheet, step)?.key ?? step.way }));
  const isDone = (step: Step) => known.some(({ item, set }) => item === step.item && set === step.set);
  const left = steps.filter((step) => !isDone(step));
  return [...known, ...left.map((step) => ({ ...step, way: known.findLast(({ item }) => item === step.item)?.way ?? step.way }))];
}

/** One set on top, after the last of its exercise. */
export function onceMore(steps: Step[], item: string): Step[] {
  const last = steps.findLastIndex((step) => step.item === item);
  const before = steps[last];
  return before ? [...steps.slice(0, last + 1), { ...before, set: before.set + 1 }, ...steps.slice(last + 1)] : steps;
}

/** Optional sets that are left of an exercise. */
export const moreLeft = (sheet: Sheet, steps: Step[], item: string): number => {
  const own = steps.filter((step) => step.item === item);
  const way = own.length > 0 ? wayAt(sheet, own[own.length - 1] as Step) : undefined;
  return way ? way.sets + way.optional - own.length : 0;
};
