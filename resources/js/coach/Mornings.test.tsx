import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { http } from '@/api/client';
import { Mornings } from './Mornings';

vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), http: { POST: vi.fn() } }));

const questions = ['bridge', 'carry'].map((ladder) => ({
  log: 'l1',
  ladder,
  name: `${ladder} ladder`,
  doneOn: '2026-06-01',
  pain: 0,
}));

describe('the morning after', () => {
  const sent = vi.mocked(http.POST as (path: string, init: { body: object }) => Promise<object>);
  beforeEach(() => sent.mockReset().mockResolvedValue({ data: {} }));
  const show = () => {
    const onDone = vi.fn();
    render(<Mornings person="p" questions={questions} onDone={onDone} />);
    return onDone;
  };

  it('has no answer chosen beforehand, and nothing anywhere is one press', async () => {
    const onDone = show();
    expect(screen.queryAllByRole('button', { pressed: true })).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Nothing anywhere' }));
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(sent.mock.calls.map(([, { body }]) => body)).toMatchObject([
      { ladder: 'bridge', pain: 0, worse: false },
      { ladder: 'carry', pain: 0, worse: false },
    ]);
  });

  it('keeps only what was told', async () => {
    const onDone = show();
    fireEvent.click(screen.getAllByRole('button', { name: 'pain 3' })[1]!);
    expect(screen.getByRole('button', { name: 'Nothing anywhere' })).toBeDisabled();
    fireEvent.click(screen.getByRole('button', { name: 'Save the morning, 1 of 2' }));
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(sent.mock.calls.map(([, { body }]) => body)).toMatchObject([{ ladder: 'carry', pain: 3 }]);
  });

  it('asks how much where it is worse', () => {
    const onDone = show();
    fireEvent.click(screen.getAllByRole('checkbox')[0]!);
    fireEvent.click(screen.getByRole('button', { name: /Save the morning/ }));
    expect(screen.getByRole('alert')).toHaveTextContent('bridge ladder is worse than before: say how much');
    expect(onDone).not.toHaveBeenCalled();
    expect(sent).not.toHaveBeenCalled();
  });
});
