import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { Mornings } from './Mornings';

const places: Schemas['PainPlaceView'][] = [
  { value: 'low-back', label: 'low back', sided: false },
  { value: 'shoulder', label: 'shoulder', sided: true },
];

describe('the morning after', () => {
  const show = () => {
    const onTell = vi.fn<(pains: Schemas['MorningPain'][]) => void>();
    render(
      <Mornings
        question={{ log: 'l1', doneOn: '2026-06-01', pain: 2 }}
        places={places}
        onTell={onTell}
        onPass={() => undefined}
      />,
    );
    return onTell;
  };
  const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

  it('is one question: nothing is chosen beforehand, and nothing anywhere is one press', () => {
    const onTell = show();
    expect(screen.queryAllByRole('button', { pressed: true })).toEqual([]);
    press('Nothing anywhere');
    expect(onTell).toHaveBeenCalledWith([]);
  });

  it('asks where and how much, each place once', () => {
    const onTell = show();
    press('low back');
    expect(screen.queryByRole('button', { name: 'Nothing anywhere' })).toBeNull();
    press('pain 3');
    press('pain 4');
    press('shoulder');
    press('left');
    press('pain 2');
    fireEvent.click(screen.getByRole('checkbox'));
    press('Save the morning');
    expect(onTell).toHaveBeenCalledWith([
      { place: 'low-back', side: null, pain: 4, worse: false },
      { place: 'shoulder', side: 'left', pain: 2, worse: true },
    ]);
  });

  it('takes a place back with 0', () => {
    const onTell = show();
    press('low back');
    press('pain 3');
    press('pain 0');
    expect(screen.queryByRole('button', { name: 'Save the morning' })).toBeNull();
    expect(onTell).not.toHaveBeenCalled();
  });

  it('asks how much where it is worse', () => {
    const onTell = show();
    press('low back');
    fireEvent.click(screen.getByRole('checkbox'));
    press('Save the morning');
    expect(screen.getByRole('alert')).toHaveTextContent('The low back is worse than before: say how much');
    expect(onTell).not.toHaveBeenCalled();
  });
});
