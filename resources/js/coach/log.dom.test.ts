import { beforeEach, describe, expect, it } from 'vitest';
import { doneAsWritten, forget, freshLog, keep, keptLog, withSet } from './log';

const item = {
  id: 'press',
  rung: 'press-out/standing',
  name: 'Press-out',
  dose: '2x10/side',
  doseText: '2 × 10 each side',
  sets: 2,
  unit: 'reps' as const,
  targets: [10, 10],
  perSide: true,
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
  questions: [{ value: 'ribs', label: 'Ribs stay down' }],
};

describe('the log on the device', () => {
  beforeEach(() => localStorage.clear());

  it('is there again after the page was reloaded, and gone once it is saved', () => {
    const log = { ...freshLog('s1'), at: 4, sets: [doneAsWritten(item, 1, true)] };
    expect(keep(log)).toBe(true);
    expect(keptLog('s1')).toEqual(log);
    forget('s1');
    expect(keptLog('s1')).toBeNull();
  });

  it('written before an update is still there after it', () => {
    const log = { ...freshLog('s1'), sets: [doneAsWritten(item, 1, true)] };
    localStorage.setItem('even-rungs.log.s1', JSON.stringify(log));
    expect(keptLog('s1')).toEqual(log);
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
});
