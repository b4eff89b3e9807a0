import { fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { ConflictDialog } from '@/editor/ConflictDialog';
import { FitDialog } from './FitDialog';
import { RepairCard } from './RepairCard';

const reason = (sentence: string, inputs: Schemas['InputView'][] = []): Schemas['ReasonView'] => ({
  rule: 'session.fit-to-time',
  source: '',
  sentence,
  inputs,
  wouldChange: null,
});
const step = (sentence: string, savedSeconds: number, totalSeconds: number): Schemas['FitStepView'] => ({
  reason: reason(sentence, [
    { name: 'why this one', value: 'hip is furthest above its share' },
    { name: 'saves', value: `${savedSeconds} s` },
  ]),
  savedSeconds,
  totalSeconds,
  totalText: `${totalSeconds} s`,
  blocks: [
    { kind: 'straight', part: 'main', items: [{ id: sentence, rung: 'r/x', dose: '2x8' }], gapSeconds: [], roundRestSeconds: 0 },
  ],
});
const fit: Schemas['FitView'] = {
  over: 100,
  fits: true,
  sentence: '1:40 over 10 minutes.',
  steps: [step('Rests shorter.', 60, 640), step('One set less of Clam.', 50, 590)],
  offer: null,
  movedOn: null,
  stations: null,
  fill: null,
  waits: [],
};

describe('fitting a session to its minutes', () => {
  it('takes all steps with the key it opens on, or only the first ones', () => {
    const onTake = vi.fn();
    render(<FitDialog fit={fit} target="10:00" onClose={() => {}} onTake={onTake} />);
    const all = screen.getByRole('button', { name: /Take all 2/ });
    expect(all).toHaveFocus();
    fireEvent.click(all);
    expect(onTake).toHaveBeenLastCalledWith(fit.steps[1]?.blocks, 2);
    fireEvent.click(screen.getByRole('button', { name: 'only this' }));
    expect(onTake).toHaveBeenLastCalledWith(fit.steps[0]?.blocks, 1);
  });

  it('says why each step is the one, and leaves the session alone on request', () => {
    const onClose = vi.fn();
    render(<FitDialog fit={fit} target="10:00" onClose={onClose} onTake={() => {}} />);
    expect(screen.getAllByText('hip is furthest above its share')).toHaveLength(2);
    expect(screen.queryByText('60 s')).not.toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /Leave it/ }));
    expect(onClose).toHaveBeenCalled();
  });

  it('offers nothing to take where nothing can go', () => {
    render(
      <FitDialog
        fit={{ ...fit, steps: [], fits: false, sentence: 'Nothing can go.' }}
        target="10:00"
        onClose={() => {}}
        onTake={() => {}}
      />,
    );
    expect(screen.getByText('Nothing can go.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /Take/ })).not.toBeInTheDocument();
  });
});

describe('a warning with its key', () => {
  it('repairs on one press, and stands without a key where nothing can be done', () => {
    const onRepair = vi.fn();
    const warning = {
      reason: reason('20 s is shorter than the change-over.'),
      repair: { label: 'Make the gap 30 s', edits: [] },
    };
    const { rerender } = render(<RepairCard warning={warning} hotkey={1} tone="watch" onRepair={onRepair} />);
    fireEvent.click(screen.getByRole('button', { name: /Make the gap 30 s/ }));
    expect(onRepair).toHaveBeenCalledOnce();
    rerender(<RepairCard warning={{ ...warning, repair: null }} hotkey={null} tone="watch" onRepair={onRepair} />);
    expect(screen.queryByRole('button', { name: /Make/ })).not.toBeInTheDocument();
    expect(screen.getByText(/shorter than/)).toBeInTheDocument();
  });
});

describe('a session changed in two places', () => {
  it('shows both versions and marks what differs', () => {
    const onMine = vi.fn();
    const onTheirs = vi.fn();
    render(
      <ConflictDialog
        mine={{ title: 'Monday', lines: ['Clam: 2x10', 'Plank: 2x20s'] }}
        theirs={{ title: 'Monday, late', lines: ['Clam: 2x10', 'Plank: 2x30s'] }}
        onMine={onMine}
        onTheirs={onTheirs}
      />,
    );
    const dialog = within(screen.getByRole('dialog'));
    expect(dialog.getByText('Monday, late')).toBeInTheDocument();
    expect(dialog.getByText('Plank: 2x30s')).toHaveClass('text-rowan');
    expect(dialog.getAllByText('Clam: 2x10').every((line) => !line.classList.contains('text-rowan'))).toBe(true);
    fireEvent.click(dialog.getByRole('button', { name: 'Save mine over it' }));
    fireEvent.click(dialog.getByRole('button', { name: 'Take theirs' }));
    expect([onMine.mock.calls.length, onTheirs.mock.calls.length]).toEqual([1, 1]);
  });
});
