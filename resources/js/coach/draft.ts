import type { Schemas } from '@/api/client';
import type { SetLog } from '@/offline/told';
import type { AfterwardsDraft, ItemDraft } from '@/offline/trainings';
import { doneAsWritten } from '@/offline/asWritten';
import type { Way } from './course';

export type Part = 'both' | 'left' | 'right';

/** What is told of a set, by its number from 1. */
export const partsOf = (way: Way, set: number): Part[] => {
  const sides = way.sides[set - 1] ?? 'both';
  return sides === 'each' ? ['left', 'right'] : [sides];
};

export const emptyItem = (way: Way): ItemDraft => ({
  sets: way.pieces.map(() => ({})),
  effort: null,
  pain: null,
  painPlace: null,
  painSide: null,
  travellingPain: false,
  painNote: '',
  clean: null,
});

/** What is wrong with a number that was typed; null where nothing is. */
export const wrong = (typed: string | undefined): string | null =>
  typed === undefined || /^\s*$/.test(typed) || (/^\s*\d{1,4}\s*$/.test(typed) && Number(typed) <= 2000)
    ? null
    : 'A whole number from 0 to 2000.';

/** What is no number is not told: it is said at its place, and never counts as a set. */
const numberOf = (typed: string | undefined): number | null => (typed?.trim() && wrong(typed) === null ? Number(typed) : null);

/** The sets that were told, as the player would tell them; what was not told is left out, never zero. */
export function toldSets(way: Way, item: ItemDraft | undefined): SetLog[] {
  return (item?.sets ?? []).flatMap((typed, at) => {
    const set = at + 1;
    const parts = partsOf(way, set);
    if (!item || parts.every((part) => numberOf(typed[part]) === null)) return [];
    const written = doneAsWritten(way, set, item.clean === true);
    const done = (part: Part) => (parts.includes(part) ? numberOf(typed[part]) : null);
    return [
      {
        ...written,
        both: done('both'),
        left: done('left'),
        right: done('right'),
        effort: item.effort,
        pain: item.pain,
        ...((item.pain ?? 0) > 0 && {
          painPlace: item.painPlace,
          painSide: item.painSide ?? written.painSide,
          travellingPain: item.travellingPain,
          painNote: item.painNote,
        }),
      },
    ];
  });
}

/** The draft with what a typed line tells put in; what the line does not speak of stays. */
export function withLine(
  draft: AfterwardsDraft,
  ways: Way[],
  line: Schemas['LogLineView'],
  dayAgo: (days: number) => string,
): AfterwardsDraft {
  const items = { ...draft.items };
  for (const told of line.exercises) {
    const way = ways.find(({ id }) => id === told.item);
    if (!way) continue;
    const before = items[told.item] ?? emptyItem(way);
    items[told.item] = {
      ...before,
      sets: before.sets.map((typed, at) => {
        const set = told.sets[at];
        if (!set) return typed;
        return Object.fromEntries(
          partsOf(way, at + 1).flatMap((part) => (set[part] === null ? [] : [[part, String(set[part])]])),
        );
      }),
      effort: told.effort ?? before.effort,
      pain: told.pain ?? before.pain,
      clean: told.clean ?? before.clean,
    };
  }
  return {
    ...draft,
    items,
    ...(line.minutes !== null && { minutes: String(line.minutes) }),
    ...(line.daysAgo !== null && { on: dayAgo(line.daysAgo) }),
  };
}

/** What was put to one exercise goes to another, which gives its own in return. */
export const exchanged = (draft: AfterwardsDraft, ways: Way[], one: string, other: string): AfterwardsDraft => {
  const fitted = (to: string, from: string): ItemDraft | undefined => {
    const way = ways.find(({ id }) => id === to);
    const item = draft.items[from];
    if (!way || !item) return undefined;
    return {
      ...item,
      sets: way.pieces.map((_, at) => {
        const typed = item.sets[at] ?? {};
        const parts = partsOf(way, at + 1);
        const any = typed.both ?? typed.left ?? typed.right;
        return any === undefined ? {} : Object.fromEntries(parts.map((part) => [part, typed[part] ?? any]));
      }),
    };
  };
  const items = { ...draft.items };
  for (const [to, from] of [
    [one, other],
    [other, one],
  ] as const) {
    const item = fitted(to, from);
    if (item) items[to] = item;
    else delete items[to];
  }
  return { ...draft, items };
};
