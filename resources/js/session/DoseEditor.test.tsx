import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { DoseEditor } from './DoseEditor';

const item: Schemas['ItemView'] = {
  id: 'a',
  rung: 'press-out/standing',
  name: 'Press-out, standing',
  heightText: '4.0',
  demand: 'anti-rotation',
  dose: '2x10/side',
  doseText: '2 × 10 each side',
  fields: {
    kind: 'reps',
    sets: 2,
    count: 10,
    seconds: 0,
    gapSeconds: 0,
    perSide: true,
    tempo: null,
    restSeconds: null,
    kilograms: null,
  },
  totals: null,
  problem: null,
  problemPosition: null,
  restText: '45 s rest',
  tempoText: '',
  warnings: [],
  swap: null,
};

describe('the dose of an exercise', () => {
  it('is one line that can be typed', () => {
    const onChange = vi.fn();
    render(<DoseEditor item={item} value="2x10/side" onChange={onChange} onSettle={() => {}} />);
    fireEvent.change(screen.getByLabelText('Dose of Press-out, standing'), { target: { value: '3x10/side r60' } });
    expect(onChange).toHaveBeenCalledWith('3x10/side r60');
  });

  it('says beside the field what cannot be read', () => {
    render(
      <DoseEditor
        item={{ ...item, fields: null, problem: 'The third part of the tempo is “x1”.' }}
        value="2x10/side 3-1-x1-9"
        onChange={() => {}}
        onSettle={() => {}}
      />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent('third part');
    expect(screen.getByLabelText('Dose of Press-out, standing')).toHaveAccessibleDescription(/third part/);
    expect(screen.getByRole('button')).toBeDisabled();
  });

  it('can be edited by fields, which write the same line', () => {
    const onChange = vi.fn();
    render(<DoseEditor item={item} value="2x10/side" onChange={onChange} onSettle={() => {}} />);
    fireEvent.click(screen.getByRole('button', { name: /Fields/ }));
    const reps = screen.getByLabelText(/Repetitions each side/);
    fireEvent.change(reps, { target: { value: '12' } });
    expect(onChange).toHaveBeenLastCalledWith('2x12/side');
    fireEvent.change(screen.getByLabelText(/Rest between sets/), { target: { value: '60' } });
    expect(onChange).toHaveBeenLastCalledWith('2x12/side r60');
    expect(reps).toBeInTheDocument();
  });
});
