import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keep, keptNew, keptOf, letGo, whenSaved } from './kept';

const draft = { title: 'Monday', minutes: null, blocks: [] };

describe('what is kept on the device', () => {
  beforeEach(() => localStorage.clear());

  it('comes back as it was written, and is gone once the server has it', () => {
    keep('p1', { id: 's1', version: 3, draft });
    expect(keptOf('p1', 's1')).toEqual({ id: 's1', version: 3, draft });
    expect(keptOf('p2', 's1')).toBeNull();
    letGo('p1', 's1');
    expect(keptOf('p1', 's1')).toBeNull();
  });

  describe('is waited for', () => {
    beforeEach(() => void vi.useFakeTimers());
    afterEach(() => void vi.useRealTimers());

    it('until the server has it', async () => {
      const saved = whenSaved('p1', 's1');
      keep('p1', { id: 's1', version: 3, draft });
      await vi.advanceTimersByTimeAsync(1000);
      letGo('p1', 's1');
      await vi.advanceTimersByTimeAsync(100);
      await expect(saved).resolves.toBe(true);
    });

    it('but not for ever', async () => {
      keep('p1', { id: 's1', version: 3, draft });
      const saved = whenSaved('p1', 's1');
      await vi.advanceTimersByTimeAsync(5000);
      await expect(saved).resolves.toBe(false);
    });
  });

  it('finds a session that was begun without a network', () => {
    keep('p1', { id: 's1', version: 3, draft });
    keep('p1', { id: 's2', version: 0, draft });
    expect(keptNew('p1', ['s1'])).toBe('s2');
    expect(keptNew('p1', ['s1', 's2'])).toBeNull();
  });

  it('is left aside when it cannot be read', () => {
    localStorage.setItem('even-rungs.session.p1.s1', '{"draft":');
    localStorage.setItem('even-rungs.session.p1.s2', '{"id":"s2","version":1,"draft":{}}');
    expect(keptOf('p1', 's1')).toBeNull();
    expect(keptOf('p1', 's2')).toBeNull();
  });
});
