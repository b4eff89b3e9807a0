import { describe, expect, it } from 'vitest';
import { begunClimb, keepClimb, keptClimb, otherSide } from './climb';

describe('a climb test on the device', () => {
  it('tries left, then right, where a ladder has sides', () => {
    const left = begunClimb({ ladder: 'side-bridge', sided: true, guess: null });
    expect(left).toMatchObject({ side: 'left', then: ['right'], trials: [] });
    const right = otherSide(
      { ...left, trials: [{ rung: 'side-bridge/wall-lean', faults: [], pain: 0 }] },
      'side-bridge/knees-bent',
    );
    expect(right).toMatchObject({ side: 'right', then: [], trials: [], guess: 'side-bridge/knees-bent' });
    expect(right && otherSide(right, null)).toBeNull();
    expect(right?.id).not.toBe(left.id);
  });

  it('tries both sides at once where it has none', () => {
    expect(begunClimb({ ladder: 'front-plank', sided: false, guess: 'front-plank/forearms-toes' })).toMatchObject({
      side: 'both',
      then: [],
      guess: 'front-plank/forearms-toes',
    });
  });

  it('is kept for each person until it is left', () => {
    const climb = begunClimb({ ladder: 'front-plank', sided: false, guess: null });
    keepClimb('a', climb);
    expect(keptClimb('a')).toEqual(climb);
    expect(keptClimb('b')).toBeNull();
    localStorage.setItem('even-rungs.climb.a', '{"ladder":1}');
    expect(keptClimb('a')).toBeNull();
    keepClimb('a', null);
    expect(localStorage.getItem('even-rungs.climb.a')).toBeNull();
  });
});
