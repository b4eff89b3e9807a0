import { describe, expect, it } from 'vitest';
import { begin, redone, settled, stepped, undone } from './history';

describe('the history of what is edited', () => {
  it('goes back and forth, and a new step forgets what was undone', () => {
    const three = stepped(stepped(begin(1), 2), 3);
    expect(undone(three).now).toBe(2);
    expect(redone(undone(three)).now).toBe(3);
    expect(stepped(undone(three), 4)).toMatchObject({ past: [1, 2], now: 4, future: [] });
    expect(undone(begin(1)).now).toBe(1);
  });

  it('counts the letters of one field as one step', () => {
    const typed = stepped(stepped(stepped(begin(''), 'a', 'title'), 'ab', 'title'), 'x', 'other');
    expect(typed.past).toEqual(['', 'ab']);
  });

  it('does not count another form of the same as a step', () => {
    expect(settled(stepped(begin('3 × 12'), '3×12'), '3x12')).toMatchObject({ past: ['3 × 12'], now: '3x12' });
  });

  it('keeps fifty steps', () => {
    let history = begin(0);
    for (let step = 1; step <= 60; step++) history = stepped(history, step);
    expect(history.past).toHaveLength(50);
    expect(history.past[0]).toBe(10);
  });
});
