import { act, renderHook, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { begin, open, tell, tidy } from './trainings';
import { useTraining } from './useTraining';

vi.mock('./outbox', () => ({ sendWaiting: () => Promise.resolve(true) }));
vi.mock('./trainings', async (original) => ({
  ...(await original<typeof import('./trainings')>()),
  tidy: vi.fn(() => Promise.resolve()),
  open: vi.fn(),
  tell: vi.fn(),
}));

const of = { person: 'p', name: 'Corvin Strake', session: 's', title: 'Lock-house floor' };

describe('the training of a page', () => {
  it('goes on after something that could not be told, and says while something is on its way', async () => {
    const here = begin(of);
    vi.mocked(open).mockResolvedValue(here);
    vi.mocked(tell)
      .mockRejectedValueOnce(new Error('The lock was lost.'))
      .mockImplementation((opened) => Promise.resolve({ ...opened, training: { ...opened.training, at: 3 } }));
    const { result } = renderHook(() => useTraining(of));
    await waitFor(() => expect(result.current.opened).not.toBeNull());
    expect(tidy).toHaveBeenCalled();

    await act(() => expect(result.current.say({ kind: 'ended' })).rejects.toThrow('The lock was lost.'));
    expect(result.current.busy).toBe(false);
    await act(() => result.current.say({ kind: 'ended' }));
    expect(result.current.opened?.training.at).toBe(3);
  });
});
