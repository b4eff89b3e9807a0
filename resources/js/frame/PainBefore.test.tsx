import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { PainBefore } from './PainBefore';

const places = [
  { value: 'low-back', label: 'low back', sided: false },
  { value: 'shoulder', label: 'shoulder', sided: true },
];

describe('pain before the first set', () => {
  it('is none by one press, and unanswered it is not', () => {
    const onTell = vi.fn();
    render(<PainBefore places={places} told={null} onTell={onTell} />);
    expect(screen.getByText('Pain before the first set?')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'None' }));
    expect(onTell).toHaveBeenCalledWith([]);
  });

  it('has a place, a side where the body has two, and a number', () => {
    const onTell = vi.fn();
    render(<PainBefore places={places} told={null} onTell={onTell} />);
    fireEvent.click(screen.getByRole('button', { name: 'there is some' }));
    fireEvent.click(screen.getByRole('button', { name: 'low back' }));
    expect(screen.queryByRole('group', { name: 'Side of the pain before' })).not.toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'shoulder' }));
    fireEvent.click(screen.getByRole('button', { name: 'left' }));
    fireEvent.click(screen.getByRole('button', { name: 'pain before 2' }));
    expect(onTell).toHaveBeenCalledWith([{ place: 'shoulder', side: 'left', pain: 2 }]);
  });

  it('says what was told, and can be asked again', () => {
    const onTell = vi.fn();
    render(<PainBefore places={places} told={[{ place: 'shoulder', side: 'left', pain: 2 }]} onTell={onTell} />);
    expect(screen.getByText('Pain before the first set: left shoulder 2')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'ask again' }));
    expect(onTell).toHaveBeenCalledWith(null);
  });
});
