import { describe, expect, it, vi } from 'vitest';
import { drawNotices, onFirstNotice, toast } from './notice';

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
});
