import type { Schemas } from '@/api/client';
import { day as shortDay, weekTime } from '@/ui/day';
import { plusDays, typedDate } from '@/ui/typedDate';

type View = Schemas['WeekView'];
export type Slot = Schemas['CoreSlotView'];
type Move = Schemas['WeekMoveView'];
type WeekEdit = Schemas['WeekEditView'];
export type Part = Slot['part'];
export type Where = { day: number; part: Part };

/** A session as the week shows it. */
export type Placed = Slot & {
  title: string;
  clock: string;
  leftOut: Schemas['ReasonView'][];
  state: Schemas['PlacedSlotView']['state'];
  moved: boolean;
  doneOn: string | null;
  /** that meets then; null where it is the person’s own */
  squad: string | null;
};

/** What is saved of a week: every week's sessions, what differs in single weeks, and dates away. */
export interface Plan {
  slots: Slot[];
  moves: Move[];
  away: string[];
  /** What it was laid out from. */
  shape: View['shape'];
}

/** Which weeks an edit is for: every one, or the one at hand. */
export type Scope = 'every' | 'this';

/** Whether an address names a day there is, in the years a plan can be for. */
export const isPlanDate = (text: string): boolean => /^(19|20)\d{2}-\d{2}-\d{2}$/.test(text) && typedDate(text, text) === text;

export const parts: Part[] = ['morning', 'midday', 'evening'];

/** A session as it stands in one week; null when it is left out or belongs to another week. */
export function standing(plan: Plan, slot: Slot, monday: string): Slot | null {
  if (slot.only !== null && slot.only !== monday) return null;
  const move = plan.moves.find((one) => one.slot === slot.id && one.monday === monday);
  if (!move) return slot;
  if (move.day === null || move.part === null) return null;
  return {
    ...slot,
    day: move.day,
    part: move.part,
    time: move.time,
    placement: move.placement ?? slot.placement,
    effort: move.effort ?? slot.effort,
  };
}

/** Something about a session changed, in every week or in the one at hand. */
export function changed(plan: Plan, id: string, change: Partial<Slot>, scope: Scope, monday: string): Plan {
  const slot = plan.slots.find((one) => one.id === id);
  if (!slot) return plan;
  const others = plan.moves.filter((move) => !(move.slot === id && move.monday === monday));
  if (scope === 'every' || slot.only !== null) {
    // What was different this week gives way to what now holds in every week.
    return { ...plan, moves: others, slots: plan.slots.map((one) => (one.id === id ? { ...one, ...change } : one)) };
  }
  const here = { ...(standing(plan, slot, monday) ?? slot), ...change };
  const move: Move = {
    slot: id,
    monday,
    day: here.day,
    part: here.part,
    time: here.time,
    placement: here.placement,
    effort: here.effort,
  };
  return { ...plan, moves: [...others, move] };
}

/** A session put elsewhere is there what the week says of that part of the day; a primer stays what it was written as. */
export function moved(plan: Plan, id: string, to: Where, role: Slot['placement'], scope: Scope, monday: string): Plan {
  const slot = plan.slots.find((one) => one.id === id);
  if (!slot) return plan;
  const here = standing(plan, slot, monday) ?? slot;
  // A clock time goes along to another day, not to another part of it.
  const time = to.part === here.part ? here.time : null;
  return changed(plan, id, { ...to, time, placement: here.placement === 'primer' ? 'primer' : role }, scope, monday);
}

export function removed(plan: Plan, id: string, scope: Scope, monday: string): Plan {
  const slot = plan.slots.find((one) => one.id === id);
  if (scope === 'every' || (slot && slot.only !== null)) {
    return { ...plan, slots: plan.slots.filter((one) => one.id !== id), moves: plan.moves.filter((move) => move.slot !== id) };
  }
  const others = plan.moves.filter((move) => !(move.slot === id && move.monday === monday));
  return { ...plan, moves: [...others, { slot: id, monday, day: null, part: null, time: null, placement: null, effort: null }] };
}

export function added(plan: Plan, slot: Slot, scope: Scope, monday: string): Plan {
  return { ...plan, slots: [...plan.slots, { ...slot, only: scope === 'every' ? null : monday }] };
}

/** The sessions of a shape in place of those of every week; single weeks keep theirs, and so does what it was laid out around. */
export function shaped(plan: Plan, { shape, slots, keeps }: Pick<Schemas['ShapedWeekView'], 'shape' | 'slots' | 'keeps'>): Plan {
  const kept = plan.slots.filter((slot) => slot.only !== null || keeps.includes(slot.id));
  const moves = plan.moves.filter((move) => kept.some((slot) => slot.id === move.slot));
  return { ...plan, shape, moves, slots: [...kept, ...slots] };
}

/** A session as in every week again. */
export function asUsual(plan: Plan, id: string, monday: string): Plan {
  return { ...plan, moves: plan.moves.filter((move) => !(move.slot === id && move.monday === monday)) };
}

export function repaired(plan: Plan, edits: WeekEdit[], scope: Scope, monday: string, newId: () => string): Plan {
  return edits.reduce((next, { slot: id, isNew, ...change }) => {
    const of = next.slots.find((one) => one.id === id);
    if (isNew && of) return added(next, { ...of, ...change, id: newId() }, scope, monday);
    return changed(next, id, change, scope, monday);
  }, plan);
}

/** What was asked from home to be put off: on the day that was found for it, else left out; in this week alone. */
export function putOff(
  plan: Plan,
  { slot, repair }: Pick<Schemas['AskedView'], 'slot' | 'repair'>,
  monday: string,
  newId: () => string,
): Plan {
  return repair ? repaired(plan, repair.edits, 'this', monday, newId) : removed(plan, slot, 'this', monday);
}

export function awayToggled(plan: Plan, dates: string[]): Plan {
  const all = dates.every((date) => plan.away.includes(date));
  const rest = plan.away.filter((date) => !dates.includes(date));
  return { ...plan, away: all ? rest : [...rest, ...dates].sort() };
}

/** The part of a day next to another one in a direction; null beyond the edge of the week. */
export function beside({ day, part }: Where, key: string): Where | null {
  const at = parts.indexOf(part);
  const next: Record<string, Where | null> = {
    ArrowLeft: day > 1 ? { day: day - 1, part } : null,
    ArrowRight: day < 7 ? { day: day + 1, part } : null,
    ArrowUp: at > 0 ? { day, part: parts[at - 1] ?? part } : null,
    ArrowDown: at < 2 ? { day, part: parts[at + 1] ?? part } : null,
  };
  return next[key] ?? null;
}

/** Every session of the week as it stands after the edits, those left out where they usually are. */
export function placedIn(plan: Plan, view: View): Placed[] {
  return plan.slots.flatMap((slot) => {
    if (slot.only !== null && slot.only !== view.monday) return [];
    const here = standing(plan, slot, view.monday);
    const known = view.placed.find((one) => one.id === slot.id);
    const session = view.sessions.find((one) => one.id === slot.session);
    const at = here ?? slot;
    const date = plusDays(view.monday, at.day - 1);
    const shownAsToday = view.days.find((day) => day.today)?.date;
    const state = known?.doneOn
      ? 'done'
      : !here
        ? 'left-out'
        : plan.away.includes(date)
          ? 'away'
          : date === shownAsToday
            ? 'today'
            : known && known.day === at.day
              ? known.state
              : 'planned';
    return [
      {
        ...at,
        title: session?.title ?? known?.title ?? 'Session',
        clock: session?.clock ?? known?.clock ?? '',
        leftOut: session?.leftOut ?? [],
        moved: plan.moves.some((move) => move.slot === slot.id && move.monday === view.monday && move.day !== null),
        state: state === 'left-out' && here ? 'planned' : state,
        doneOn: known?.doneOn ?? null,
        squad: known && known.day === at.day && known.part === at.part ? known.squad : null,
      },
    ];
  });
}

/** A plan in words, to be compared with another. */
export const linesOf = (plan: Plan, view: View): string[] => [
  ...plan.slots.map((slot) => {
    const title = view.sessions.find((one) => one.id === slot.session)?.title ?? 'Session';
    return `${title}: ${weekTime(slot)}, effort ${slot.effort}${slot.only ? `, only in the week from ${shortDay(slot.only)}` : ''}`;
  }),
  ...(plan.away.length > 0 ? [`away: ${plan.away.map(shortDay).join(', ')}`] : []),
];
