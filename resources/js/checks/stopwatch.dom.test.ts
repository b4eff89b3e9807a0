import { describe, expect, it } from 'vitest';
import { begin, following, heldSeconds, keepWatch, keptWatch, press, tick, type Watch } from './stopwatch';

const start = begin('side-plank', ['left', 'right']);
const running: Watch = { ...start, phase: 'running', at: 3_000 };

describe('the stopwatch of a hold', () => {
  it('counts down three seconds before it runs', () => {
    const counting = press(start, 0);
    expect(tick(counting, 2_999, 600).phase).toBe('countdown');
    expect(tick(counting, 3_400, 600)).toMatchObject({ phase: 'running', at: 3_000 });
  });

  it('takes a false start back', () => {
    expect(press(press(start, 0), 1_000).phase).toBe('ready');
  });

  it('counts the seconds that were finished', () => {
    const ended = press(running, 3_000 + 41_990);
    expect(ended.phase).toBe('ended');
    expect(heldSeconds(ended.ms)).toBe(41);
    expect(press(ended, 99_000)).toBe(ended);
  });

  it('is stopped at its cap', () => {
    expect(tick(running, 3_000 + 240_010, 240)).toMatchObject({ phase: 'ended', ms: 240_000 });
  });

  it('runs on over a reload, and says so when it was forgotten', () => {
    expect(tick(running, 3_000 + 120_000, 240)).toBe(running);
    expect(tick(running, 3_000 + 86_400_000, 240).phase).toBe('lost');
    expect(press({ ...running, phase: 'lost' }, 5).phase).toBe('ready');
  });

  it('rests before the other side, and is over after it', () => {
    const next = following(press(running, 40_000), 41_000);
    expect(next).toMatchObject({ side: 'right', then: [], phase: 'rest', at: 41_000 });
    expect(next && press(next, 50_000)).toMatchObject({ phase: 'ready', side: 'right' });
    expect(next && following(next, 60_000)).toBeNull();
  });

  it('is kept for each person, and what is broken is no watch', () => {
    keepWatch('a', running);
    expect(keptWatch('a')).toEqual(running);
    expect(keptWatch('b')).toBeNull();
    localStorage.setItem('even-rungs.hold.a', '{oops');
    expect(keptWatch('a')).toBeNull();
    keepWatch('a', null);
    expect(localStorage.getItem('even-rungs.hold.a')).toBeNull();
  });
});
