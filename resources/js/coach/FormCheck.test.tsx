import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { FormCheck } from './FormCheck';
import type { SetLog } from '@/offline/told';
import { doneAsWritten } from '@/offline/asWritten';
import { way } from './way.fixture';

const item = way();

function open() {
  const onSave = vi.fn<(log: SetLog) => void>();
  const onPass = vi.fn();
  const onAnswer = vi.fn<(log: SetLog) => void>();
  render(
    <FormCheck
      item={item}
      set={1}
      start={null}
      counted={undefined}
      last={{ effort: 7, felt: 'low-back' }}
      painStopsAbove={5}
      painPlaces={[{ value: 'shoulder', label: 'shoulder', sided: true }]}
      feltPlaces={[
        { value: 'right', label: 'where it should be' },
        { value: 'low-back', label: 'low back' },
      ]}
      painBefore={[{ place: 'shoulder', side: 'left', pain: 2 }]}
      onAnswer={onAnswer}
      onSave={onSave}
      onPass={onPass}
    />,
  );
  return { onSave, onPass, onAnswer };
}

describe('the check after a set', () => {
  it('offers what was told last, and never takes it for granted', () => {
    const { onSave } = open();
    const seven = screen.getByRole('button', { name: 'effort 7' });
    expect([seven.getAttribute('aria-description'), seven.getAttribute('aria-pressed')]).toEqual(['as last time', 'false']);
    expect(screen.getByText('last low back')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /All clean/ }));
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ effort: null, felt: 'right' }));
  });

  it('begins with what was counted where the set was open', () => {
    expect(doneAsWritten(way({ unit: 'seconds', sides: ['both'], targets: [40] }), 1, false, { both: 27 }).both).toBe(27);
  });

  it('keeps where it was felt by one press, also when all else was clean', () => {
    const { onSave } = open();
    fireEvent.click(screen.getByRole('button', { name: 'low back' }));
    fireEvent.click(screen.getByRole('button', { name: /All clean but for the place/ }));
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ felt: 'low-back', form: { ribs: true, 'in-control': true } }));
  });

  it('is felt right where one press says that all was clean', () => {
    const { onSave } = open();
    fireEvent.click(screen.getByRole('button', { name: /All clean, no pain/ }));
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ felt: 'right' }));
  });

  it('is one press when all was clean, with the dose as written on both sides', () => {
    const { onSave } = open();
    fireEvent.click(screen.getByRole('button', { name: 'effort 6' }));
    fireEvent.click(screen.getByRole('button', { name: /All clean/ }));
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({ left: 10, right: 10, both: null, pain: 0, effort: 6, form: { ribs: true, 'in-control': true } }),
    );
  });

  it('tells each answer before the set is saved', () => {
    const { onAnswer } = open();
    fireEvent.click(screen.getByRole('button', { name: 'effort 8' }));
    expect(onAnswer).toHaveBeenCalledWith(expect.objectContaining({ item: 'press', set: 1, effort: 8 }));
  });

  it('takes Enter for all clean', () => {
    const { onSave } = open();
    fireEvent.keyDown(window, { key: 'Enter' });
    expect(onSave.mock.calls[0]?.[0].form).toEqual({ ribs: true, 'in-control': true });
  });

  it('keeps what was lost and what was not, and counts a side down', () => {
    const { onSave } = open();
    fireEvent.click(screen.getByRole('button', { name: 'Left: one less' }));
    fireEvent.click(screen.getByRole('button', { name: /Ribs stay down/ }));
    fireEvent.click(screen.getByRole('button', { name: 'Save with what was lost' }));
    expect(onSave.mock.calls[0]?.[0]).toMatchObject({
      left: 9,
      right: 10,
      pain: null,
      form: { ribs: false, 'in-control': true },
    });
  });

  it('says stop when pain goes above 5, and asks whether it travels', () => {
    open();
    expect(screen.queryByText(/Stop this exercise now/)).not.toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'pain 6' }));
    expect(screen.getByText(/Stop this exercise now/)).toBeInTheDocument();
    expect(screen.getByLabelText(/travels down/)).not.toBeChecked();
  });

  it('asks for the place of pain, and says what it began at', () => {
    const { onSave } = open();
    expect(screen.queryByRole('group', { name: 'Place of the pain' })).not.toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'pain 2' }));
    fireEvent.click(screen.getByRole('button', { name: 'shoulder, began at 2' }));
    fireEvent.click(screen.getByRole('button', { name: /All clean but for the pain/ }));
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ pain: 2, painPlace: 'shoulder' }));
  });

  it('asks only for the side that works', () => {
    const only = { ...item, sides: ['right' as const] };
    expect(doneAsWritten(only, 1, true)).toMatchObject({ left: null, right: 10, both: null, painSide: 'right' });
    expect(doneAsWritten({ ...item, sides: ['each' as const, 'left' as const] }, 2, true)).toMatchObject({
      left: 10,
      right: null,
    });
  });

  it('asks on which side the pain is where the exercise has sides', () => {
    const { onSave } = open();
    expect(screen.queryByRole('group', { name: 'Side of the pain' })).not.toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'pain 2' }));
    fireEvent.click(screen.getByRole('button', { name: 'left side' }));
    fireEvent.click(screen.getByRole('button', { name: /All clean but for the pain/ }));
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ pain: 2, painSide: 'left' }));
  });

  it('leaves the effort untold when it was not asked', () => {
    const { onSave } = open();
    fireEvent.click(screen.getByRole('button', { name: /All clean/ }));
    expect(onSave.mock.calls[0]?.[0].effort).toBeNull();
  });

  it('can be passed without saying anything', () => {
    const { onSave, onPass } = open();
    fireEvent.click(screen.getByRole('button', { name: /leave this set unlogged/ }));
    expect(onPass).toHaveBeenCalledOnce();
    expect(onSave).not.toHaveBeenCalled();
  });
});
