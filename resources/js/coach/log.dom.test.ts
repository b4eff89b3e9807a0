import { beforeEach, describe, expect, it } from 'vitest';
import { changed, doneAsWritten, forget, freshLog, joined, keep, keptLog, withSet } from './log';

const item = {
  id: 'press',
  rung: 'press-out/standing',
  name: 'Press-out',
  dose: '2x10/side',
  doseText: '2 × 10 each side',
  sets: 2,
  unit: 'reps' as const,
  targets: [10, 10],
  sides: ['each' as const, 'each' as const],
  cues: [],
  faults: [],
  fallback: '',
  setUp: '',
  easier: null,
  figure: {
    view: 'side' as const,
    start: {
      trunk: [90, 90],
      head: 90,
      arm: [270, 270, 270],
      farArm: [270, 270, 270],
      leg: [270, 270, 0],
      farLeg: [270, 270, 0],
      short: [],
    },
    middle: null,
    end: null,
    props: [],
    lift: 0,
    pin: null,
  },
  felt: '',
  places: [],
  questions: [{ value: 'ribs', label: 'Ribs stay down' }],
};

describe('the log on the device', () => {
  beforeEach(() => localStorage.clear());

  it('from before the place was asked for arrives with it: right, unless it was told wrong', () => {
    const former: Record<string, unknown> = { ...doneAsWritten(item, 1, true) };
    delete former.felt;
    const log = {
      ...freshLog('s1'),
      sets: [
        { ...former, feltWrong: false },
        { ...former, set: 2, feltWrong: true },
      ],
    };
    localStorage.setItem('even-rungs.log.s1', JSON.stringify({ v: 2, value: log }));
    expect(keptLog('s1')?.sets.map((set) => set.felt)).toEqual(['right', 'elsewhere']);
  });

  it('is there again after the page was reloaded, and gone once it is saved', () => {
    const log = { ...freshLog('s1'), at: 4, sets: [doneAsWritten(item, 1, true)] };
    expect(keep(log)).toBe(true);
    expect(keptLog('s1')).toEqual(log);
    forget('s1');
    expect(keptLog('s1')).toBeNull();
  });

  it('written before an update is still there after it', () => {
    const before = { id: 'l1', session: 's1', startedAt: 1, at: 3, over: false, sets: [doneAsWritten(item, 1, true)] };
    const now = { ...before, answering: null, passed: [], painBefore: null, moments: [], revision: 0 };
    localStorage.setItem('even-rungs.log.s1', JSON.stringify(before));
    expect(keptLog('s1')).toEqual(now);
    localStorage.setItem('even-rungs.log.s1', JSON.stringify({ v: 1, value: before }));
    expect(keptLog('s1')).toEqual(now);
  });

  it('is left alone when it cannot be read', () => {
    localStorage.setItem('even-rungs.log.s1', '{broken');
    expect(keptLog('s1')).toBeNull();
  });

  it('has each side of a one-sided set, every tick when clean, and nothing told that was not asked', () => {
    const set = doneAsWritten(item, 2, true);
    expect([set.both, set.left, set.right, set.form]).toEqual([null, 10, 10, { ribs: true }]);
    expect([set.pain, set.effort]).toEqual([null, null]);
    expect(doneAsWritten(item, 2, false).form).toEqual({});
  });

  it('has each set once', () => {
    const twice = withSet(withSet([], doneAsWritten(item, 1, false)), doneAsWritten(item, 1, true));
    expect(twice).toHaveLength(1);
    expect(twice[0]?.form).toEqual({ ribs: true });
  });

  it('notes the moment of each change once, and counts what was kept', () => {
    const log = { ...freshLog('s1'), startedAt: Date.now() - 65_000 };
    const twice = changed(changed(log, { at: 1 }), { at: 2 });
    expect([twice.at, twice.moments, twice.revision]).toEqual([2, [65], 2]);
  });

  it('of two tabs is put together: what only one knows is kept, and what both answered stands as kept', () => {
    const set = (number: number, effort: number) => ({ ...doneAsWritten(item, number, true), effort });
    const mine = { ...freshLog('s1'), sets: [set(1, 5), set(2, 6)], moments: [0, 30] };
    const theirs = { ...freshLog('s1'), id: 'theirs', sets: [set(1, 8)], moments: [0, 20], at: 7 };
    const { log, differing } = joined(mine, theirs);
    expect(log.sets.map(({ set, effort }) => [set, effort])).toEqual([
      [1, 8],
      [2, 6],
    ]);
    expect([log.id, log.at, log.moments, differing]).toEqual(['theirs', 7, [0, 20, 30], 1]);
  });
});
