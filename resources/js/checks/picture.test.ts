import { describe, expect, it } from 'vitest';
import { clamp, stepped } from './picture';

describe('marks on a picture', () => {
  it('stay on the picture and on whole pixels', () => {
    expect(clamp({ x: -3, y: 10.6 }, 100, 50)).toEqual({ x: 0, y: 11 });
    expect(clamp({ x: 400, y: 400 }, 100, 50)).toEqual({ x: 100, y: 50 });
  });

  it('move by a pixel with the arrows, by ten with Shift, and by no other key', () => {
    expect(stepped({ x: 5, y: 5 }, 'ArrowUp', false)).toEqual({ x: 5, y: 4 });
    expect(stepped({ x: 5, y: 5 }, 'ArrowRight', true)).toEqual({ x: 15, y: 5 });
    expect(stepped({ x: 5, y: 5 }, 'a', false)).toBeNull();
  });
});
