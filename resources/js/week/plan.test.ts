import { describe, expect, it } from 'vitest';
import {
  added,
  asUsual,
  awayToggled,
  beside,
  changed,
  linesOf,
  moved,
  placedIn,
  removed,
  repaired,
  shaped,
  standing,
  type Plan,
  type Slot,
} from './plan';
import type { Schemas } from '@/api/client';
import { plusDays } from '@/ui/typedDate';

const slot: Slot = {
  id: 'a',
  session: 's',
  day: 2,
  part: 'evening',
  placement: 'own-day',
  effort: 6,
  only: null,
  time: null,
};
const plan: Plan = { slots: [slot], moves: [], away: [], shape: null };
const [this_, next] = ['2026-11-23', '2026-11-30'];
const at = (of: Plan, monday: string) => of.slots.map((one) => standing(of, one, monday));

describe('a week', () => {
  it('keeps a move to the week it is for', () => {
    const after = moved(plan, 'a', { day: 4, part: 'morning' }, 'own-day', 'this', this_);
    expect(at(after, this_)[0]).toMatchObject({ day: 4, part: 'morning', placement: 'own-day' });
    expect(at(after, next)[0]).toMatchObject({ day: 2, part: 'evening' });
    expect(asUsual(after, 'a', this_)).toEqual(plan);
  });

  it('moves in every week also where this one differed', () => {
    const differed = moved(plan, 'a', { day: 4, part: 'morning' }, 'own-day', 'this', this_);
    const after = moved(differed, 'a', { day: 5, part: 'midday' }, 'finisher', 'every', this_);
    expect(at(after, this_)[0]).toMatchObject({ day: 5, placement: 'finisher' });
    expect(at(after, next)[0]).toMatchObject({ day: 5 });
  });

  it('leaves a primer a primer, and makes a finisher stand on its own where nobody trains', () => {
    const primer = changed(plan, 'a', { placement: 'primer' }, 'every', this_);
    expect(moved(primer, 'a', { day: 3, part: 'evening' }, 'own-day', 'every', this_).slots[0]?.placement).toBe('primer');
    const finisher = changed(plan, 'a', { placement: 'finisher' }, 'every', this_);
    expect(moved(finisher, 'a', { day: 3, part: 'evening' }, 'own-day', 'every', this_).slots[0]?.placement).toBe('own-day');
  });

  it('makes a session put elsewhere what the method makes of it there', () => {
    expect(moved(plan, 'a', { day: 3, part: 'evening' }, 'daily', 'every', this_).slots[0]?.placement).toBe('daily');
  });

  it('leaves a session out of one week, or takes it out of all', () => {
    expect(at(removed(plan, 'a', 'this', this_), this_)).toEqual([null]);
    expect(at(removed(plan, 'a', 'this', this_), next)).toEqual([slot]);
    expect(removed(plan, 'a', 'every', this_).slots).toEqual([]);
  });

  it('shows a session made up for in its one week only', () => {
    const after = added(plan, { ...slot, id: 'b', day: 6 }, 'this', this_);
    expect(at(after, this_)[1]).toMatchObject({ day: 6 });
    expect(at(after, next)[1]).toBeNull();
    expect(removed(after, 'b', 'this', this_)).toEqual(plan);
  });

  it('starts from a shape in place of every week, and single weeks keep theirs', () => {
    const once = { ...slot, id: 'once', only: next };
    const there = moved({ ...plan, slots: [slot, once] }, 'a', { day: 4, part: 'morning' }, 'own-day', 'this', this_);
    const after = shaped(there, { shape: 'six-minutes', slots: [{ ...slot, id: 'new' }], keeps: [] });
    expect(after.slots.map((one) => one.id)).toEqual(['once', 'new']);
    expect(after).toMatchObject({ shape: 'six-minutes', moves: [] });
  });

  it('leaves a squad where it meets, whatever shape the rest of the week has', () => {
    const meeting = { ...slot, id: 'squad-01jd0000000000000000000000-5' };
    const after = shaped(
      { ...plan, slots: [slot, meeting] },
      { shape: 'six-minutes', slots: [{ ...slot, id: 'new' }], keeps: [meeting.id] },
    );
    expect(after.slots.map((one) => one.id)).toEqual([meeting.id, 'new']);
  });

  it('keeps a clock time on another day, and lets go of it in another part of one', () => {
    const timed = { ...plan, slots: [{ ...slot, time: '18:15' }] };
    expect(moved(timed, 'a', { day: 4, part: 'evening' }, 'own-day', 'every', this_).slots[0]?.time).toBe('18:15');
    expect(moved(timed, 'a', { day: 4, part: 'morning' }, 'own-day', 'every', this_).slots[0]?.time).toBeNull();
  });

  it('takes a repair of two sessions and of one more', () => {
    const edit = { slot: 'a', isNew: false, day: 3, part: 'evening', placement: 'own-day', effort: 5, time: null } as const;
    expect(repaired(plan, [edit], 'every', this_, () => 'n').slots[0]).toMatchObject({ day: 3, effort: 5, session: 's' });
    expect(repaired(plan, [{ ...edit, isNew: true }], 'every', this_, () => 'n').slots).toHaveLength(2);
  });

  it('puts days away and takes them back', () => {
    const away = awayToggled(plan, ['2026-11-24', '2026-11-23']);
    expect(away.away).toEqual(['2026-11-23', '2026-11-24']);
    expect(awayToggled(away, ['2026-11-24']).away).toEqual(['2026-11-23']);
  });

  it('steps from part to part and stops at the edge', () => {
    expect(beside({ day: 1, part: 'morning' }, 'ArrowLeft')).toBeNull();
    expect(beside({ day: 1, part: 'morning' }, 'ArrowDown')).toEqual({ day: 1, part: 'midday' });
    expect(plusDays('2026-02-28', 1)).toBe('2026-03-01');
  });

  it('shows a session left out this week where it usually is, and says so', () => {
    const view = { monday: this_, days: [], sessions: [], placed: [] } as unknown as Schemas['WeekView'];
    const left = removed(plan, 'a', 'this', this_);
    expect(placedIn(left, view)).toMatchObject([{ day: 2, part: 'evening', state: 'left-out', title: 'Session' }]);
    expect(placedIn(left, { ...view, monday: next })).toMatchObject([{ state: 'planned' }]);
    expect(placedIn(awayToggled(plan, ['2026-11-24']), view)).toMatchObject([{ state: 'away' }]);
  });

  it('says a plan in words, days as people say them', () => {
    const once = { ...plan, slots: [{ ...slot, only: this_ }], away: ['2026-11-24'] };
    const view = { sessions: [{ id: 's', title: 'Front' }] } as unknown as Schemas['WeekView'];
    expect(linesOf(once, view)).toEqual([
      'Front: Tuesday evening, effort 6, only in the week from Mon 23 Nov',
      'away: Tue 24 Nov',
    ]);
  });
});
