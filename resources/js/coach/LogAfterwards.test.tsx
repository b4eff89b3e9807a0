import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { Alone } from './alone';
import type { AtHand } from './atHand';
import { LogAfterwards } from './LogAfterwards';
import { way } from './way.fixture';

const sheet = {
  session: 's',
  title: 'Evening',
  ways: [way({ pieces: [{}, {}] as Schemas['CueWayView']['pieces'] })],
  blocks: [{ items: ['press'] }],
  steps: [1, 2].map((set) => ({ item: 'press', set })),
  painPlaces: [],
} as unknown as Schemas['CueSheetView'];

/** A device that never comes to the end of keeping what is typed. */
const slow = () => {
  const never = () => new Promise<void>(() => undefined);
  return {
    opened: { training: { on: '2026-03-02', draft: null }, events: [] },
    told: { sets: [], ended: false },
    busy: true,
    change: vi.fn(never),
    say: vi.fn(never),
    goOnWith: vi.fn(never),
  } as unknown as AtHand;
};

describe('a training told afterwards', () => {
  const show = (training: AtHand) =>
    render(
      <MemoryRouter>
        <Alone value>
          <LogAfterwards person="p" name="Corvin Strake" sheet={sheet} training={training} />
        </Alone>
      </MemoryRouter>,
    );
  const type = (value: string) =>
    fireEvent.change(screen.getByLabelText('Press-out, standing, set 1 left'), { target: { value } });
  const save = () => screen.getByRole('button', { name: 'Save it' });

  it('answers to a press at once, however long the device takes to keep what was typed', () => {
    const training = slow();
    show(training);
    type('twenty');
    fireEvent.click(save());
    expect(screen.getByText(/Something that was typed is no number/)).toBeInTheDocument();
    expect(screen.getByLabelText('Press-out, standing, set 1 left')).toHaveFocus();
    expect(screen.getByText(/^0 of 2 sets told/)).toBeInTheDocument();
    type('10');
    fireEvent.click(save());
    expect(training.change).toHaveBeenLastCalledWith({ on: '2026-03-02', byHand: true, draft: null }, { isDone: false });
  });

  it('is saved once however often that is pressed', () => {
    const training = slow();
    show(training);
    type('10');
    fireEvent.click(save());
    expect(save()).toBeDisabled();
    fireEvent.click(save());
    expect(training.change).toHaveBeenCalledTimes(2);
  });
});
