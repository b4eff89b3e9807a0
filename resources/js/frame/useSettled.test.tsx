import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useAtRest } from './useSettled';

describe('what is told of a value that a key moves', () => {
  beforeEach(() => vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance'] }));
  afterEach(() => vi.useRealTimers());
  const walk = () => renderHook(({ at }) => useAtRest(at), { initialProps: { at: 'plank' } });
  const wait = (milliseconds: number) => act(() => vi.advanceTimersByTime(milliseconds));

  it('follows a single key at once', async () => {
    const { result, rerender } = walk();
    await wait(1000);
    rerender({ at: 'carry' });
    expect(result.current).toBe('carry');
  });

  it('tells at once what comes where there was nothing', () => {
    const { result, rerender } = renderHook(({ at }: { at: string | null }) => useAtRest(at), {
      initialProps: { at: null as string | null },
    });
    rerender({ at: 'plank' });
    expect(result.current).toBe('plank');
    rerender({ at: 'carry' });
    expect(result.current).toBe('carry');
  });

  it('waits for the last of keys that follow each other, and tells nothing of those between', async () => {
    const { result, rerender } = walk();
    await wait(1000);
    const told = new Set<string>();
    for (const at of ['carry', 'hinge', 'bridge', 'squat']) {
      rerender({ at });
      await wait(40);
      told.add(result.current);
    }
    expect([...told]).toEqual(['carry']);
    await wait(200);
    expect(result.current).toBe('squat');
  });

  it('tells of a second key of two that come quickly', async () => {
    const { result, rerender } = walk();
    await wait(1000);
    rerender({ at: 'carry' });
    await wait(50);
    rerender({ at: 'hinge' });
    expect(result.current).toBe('carry');
    await wait(200);
    expect(result.current).toBe('hinge');
  });
});
