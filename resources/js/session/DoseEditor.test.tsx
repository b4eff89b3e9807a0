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
  sided: true,
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
    counts: '',
    cap: null,
    forTime: false,
    optionalSets: 0,
    suffix: '/side',
    works: 'both',
    extraSets: 0,
    extraSide: null,
    range: null,
    pull: null,
  },
  totals: null,
  problem: null,
  problemPosition: null,
  restText: '45 s rest',
  tempoText: '',
  completions: [],
  ranges: [],
  pulled: false,
  leftOut: null,
  reasons: [],
  mayBeAllowed: false,
  warnings: [],
  qualities: [],
};

describe('the dose of an exercise', () => {
  it('is one line that can be typed', () => {
    const onChange = vi.fn();
    render(
      <DoseEditor
        item={item}
        value="2x10/side"
        onChange={onChange}
        current
        onFields={() => {}}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    fireEvent.change(screen.getByLabelText('Dose of Press-out, standing'), { target: { value: '3x10/side r60' } });
    expect(onChange).toHaveBeenCalledWith('3x10/side r60');
  });

  it('says beside the field what cannot be read', () => {
    render(
      <DoseEditor
        item={{ ...item, fields: null, problem: 'The third part of the tempo is “x1”.' }}
        value="2x10/side 3-1-x1-9"
        onChange={() => {}}
        current
        onFields={() => {}}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent('third part');
    expect(screen.getByLabelText('Dose of Press-out, standing')).toHaveAccessibleDescription(/third part/);
    expect(screen.getByRole('button')).toBeDisabled();
  });

  it('can be edited by fields, whose line the server writes', () => {
    const onFields = vi.fn();
    render(
      <DoseEditor
        item={item}
        value="2x10/side"
        onChange={() => {}}
        current
        onFields={onFields}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: /Fields/ }));
    const reps = screen.getByLabelText(/Repetitions each side/);
    fireEvent.change(reps, { target: { value: '12' } });
    expect(onFields).toHaveBeenLastCalledWith({ ...item.fields, count: 12 });
    fireEvent.change(screen.getByLabelText(/Rest between sets/), { target: { value: '60' } });
    expect(onFields).toHaveBeenLastCalledWith({ ...item.fields, count: 12, restSeconds: 60 });
    expect(reps).toBeInTheDocument();
  });

  it('takes the pull of a band where a load would stand', () => {
    const onFields = vi.fn();
    render(
      <DoseEditor
        item={{ ...item, pulled: true }}
        value={item.dose}
        current
        onChange={vi.fn()}
        onFields={onFields}
        onSettle={vi.fn()}
        onNext={vi.fn()}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: /^Fields of the dose/ }));
    fireEvent.change(screen.getByLabelText('Band, or newtons'), { target: { value: 'light' } });

    expect(onFields).toHaveBeenLastCalledWith(expect.objectContaining({ pull: 'light', kilograms: null }));
    expect(screen.queryByLabelText('Load, kg')).toBeNull();
  });

  it('completes the line: the arrows walk, Tab takes', () => {
    const onChange = vi.fn();
    const completions = ['2x9s', '2x9/side', '2x9 +1'];
    const { rerender } = render(
      <DoseEditor
        item={item}
        value="2x8"
        onChange={onChange}
        current
        onFields={() => {}}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    const field = screen.getByLabelText('Dose of Press-out, standing');
    fireEvent.change(field, { target: { value: '2x9' } });
    rerender(
      <DoseEditor
        item={{ ...item, completions }}
        value="2x9"
        onChange={onChange}
        current
        onFields={() => {}}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    expect(screen.getAllByRole('option')[1]).toHaveTextContent('2x9/side');
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    fireEvent.keyDown(field, { key: 'Tab' });
    expect(onChange).toHaveBeenLastCalledWith('2x9/side');
  });

  it('marks the place where reading stopped', () => {
    render(
      <DoseEditor
        item={{ ...item, dose: '2x10/side 12kg', fields: null, problem: 'A load is written @12kg.', problemPosition: 10 }}
        value="2x10/side 12kg"
        onChange={() => {}}
        current
        onFields={() => {}}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    expect(screen.getByText('12kg', { selector: 'mark' })).toBeInTheDocument();
  });

  it('counts movements where the method does', () => {
    const onFields = vi.fn();
    const moves = { ...item, fields: { ...item.fields, count: 20, suffix: ' moves' } as Schemas['DoseFields'] };
    render(
      <DoseEditor
        item={moves}
        value="2x20 moves"
        onChange={() => {}}
        current
        onFields={onFields}
        onSettle={() => {}}
        onNext={() => {}}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: /Fields/ }));
    fireEvent.change(screen.getByLabelText(/movements of both sides/), { target: { value: '16' } });
    expect(onFields).toHaveBeenLastCalledWith({ ...moves.fields, count: 16 });
    fireEvent.change(screen.getByLabelText(/More sets if clean/), { target: { value: '1' } });
    expect(onFields).toHaveBeenLastCalledWith({ ...moves.fields, count: 16, optionalSets: 1 });
  });

  it('has fields for falling, gathered and open sets too', () => {
    const onFields = vi.fn();
    const show = (fields: Partial<Schemas['DoseFields']>) => {
      const { unmount } = render(
        <DoseEditor
          item={{ ...item, fields: { ...(item.fields as Schemas['DoseFields']), perSide: false, ...fields } }}
          value=""
          onChange={() => {}}
          current
          onFields={onFields}
          onSettle={() => {}}
          onNext={() => {}}
        />,
      );
      fireEvent.click(screen.getByRole('button', { name: /Fields/ }));
      return unmount;
    };
    let close = show({ kind: 'falling', counts: '6-5-4', seconds: 10, gapSeconds: 5 });
    fireEvent.change(screen.getByLabelText(/Holds, set by set/), { target: { value: '5-4-3' } });
    expect(onFields).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'falling', counts: '5-4-3', seconds: 10 }));
    close();
    close = show({ kind: 'gathered', sets: 1, count: 120, seconds: 45, gapSeconds: 30 });
    fireEvent.change(screen.getByLabelText(/Each bout/), { target: { value: '60' } });
    expect(onFields).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'gathered', count: 120, seconds: 60 }));
    close();
    show({ kind: 'open', sets: 2, count: 40, cap: null, forTime: true });
    fireEvent.change(screen.getByLabelText(/At most/), { target: { value: '60' } });
    expect(onFields).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'open', count: 40, cap: 60 }));
  });
});
