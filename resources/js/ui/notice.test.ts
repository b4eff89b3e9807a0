import { describe, expect, it, vi } from 'vitest';
import { drawNotices, onFirstNotice, takeOffer, toast } from './notice';

describe('a notice', () => {
  it('that is said before anything can draw it is drawn once something can, and in its order', () => {
    const asked = vi.fn();
    toast('Kept.');
    onFirstNotice(asked);
    toast('Taken back.');
    expect(asked).toHaveBeenCalled();

    const drawn: string[] = [];
    drawNotices((sentence) => drawn.push(sentence));
    toast('Kept again.');
    expect(drawn).toEqual(['Kept.', 'Taken back.', 'Kept again.']);
  });

  it('has what it offers at hand by a key, once, the newest, and for ten seconds', () => {
    vi.useFakeTimers();
    const [first, second] = [vi.fn(), vi.fn()];
    const closed: string[] = [];
    const drawn: unknown[] = [];
    drawNotices(
      (...one) => drawn.push(one),
      (id) => closed.push(id),
    );
    toast('Kept.', { action: { label: 'Take back', onClick: first } });
    toast('Moved.', { action: { label: 'Take back', onClick: second } });
    toast('Saved.');
    expect([takeOffer(), takeOffer()]).toEqual([true, false]);
    expect([first.mock.calls.length, second.mock.calls.length]).toEqual([0, 1]);
    expect(closed).toHaveLength(1);

    toast('Kept.', { action: { label: 'Take back', onClick: first } });
    vi.advanceTimersByTime(10_001);
    expect(takeOffer()).toBe(false);
    toast('Kept.', { action: { label: 'Take back', onClick: first } });
    const [, options] = drawn.at(-1) as [string, { action: { onClick: () => void } }];
    options.action.onClick();
    expect(first).toHaveBeenCalledOnce();
    expect(takeOffer()).toBe(false);
    vi.useRealTimers();
  });
});
