import { describe, expect, it } from 'vitest';
import { marked } from './lines';

describe('a session before and after', () => {
  it('marks the lines the other side does not have', () => {
    expect(marked(['plank 2x20s', 'clam 2x10'], ['plank 3x10s', 'clam 2x10'])).toEqual([
      { line: 'plank 2x20s', isNew: true },
      { line: 'clam 2x10', isNew: false },
    ]);
  });

  it('counts a line that comes twice twice', () => {
    expect(marked(['clam', 'clam'], ['clam']).map(({ isNew }) => isNew)).toEqual([false, true]);
  });
});
