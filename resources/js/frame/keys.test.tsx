import { act, fireEvent, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useShortcuts, type Shortcut } from './keys';

describe('single keys of a view', () => {
  let frames: (() => void)[] = [];
  const draw = () =>
    act(() => {
      for (let round = 0; round < 2; round++) for (const frame of frames.splice(0)) frame();
    });
  beforeEach(() => {
    frames = [];
    vi.stubGlobal('requestAnimationFrame', (run: () => void) => frames.push(run));
    vi.stubGlobal('cancelAnimationFrame', (at: number) => void (frames[at - 1] = () => undefined));
  });
  afterEach(() => void vi.unstubAllGlobals());
  const press = (key: string) => void fireEvent.keyDown(document.body, { key });

  it('act once what they act on could be seen, and those that stay go on while others come and go', () => {
    const [redo, first, other] = [vi.fn(), vi.fn(), vi.fn()];
    const undoing: Shortcut = { key: 'r', label: 'redo', run: redo };
    const { rerender, unmount } = renderHook((shortcuts: Shortcut[]) => useShortcuts(shortcuts), { initialProps: [undoing] });
    press('r');
    expect(redo).not.toHaveBeenCalled();
    draw();
    press('r');
    expect(redo).toHaveBeenCalledTimes(1);

    // What is undone changes what is repaired: the keys of the repairs are new, the one beside them is not.
    rerender([undoing, { key: '1', label: 'Move it to Friday', run: first }]);
    press('r');
    press('1');
    expect(redo).toHaveBeenCalledTimes(2);
    expect(first).not.toHaveBeenCalled();
    draw();
    press('1');
    expect(first).toHaveBeenCalledTimes(1);

    // The same key means something else now.
    rerender([undoing, { key: '1', label: 'Lighten it', run: other }]);
    press('1');
    expect(other).not.toHaveBeenCalled();
    draw();
    press('1');
    expect(other).toHaveBeenCalledTimes(1);

    rerender([undoing]);
    press('1');
    expect(other).toHaveBeenCalledTimes(1);
    unmount();
    press('r');
    expect(redo).toHaveBeenCalledTimes(2);
  });
});
