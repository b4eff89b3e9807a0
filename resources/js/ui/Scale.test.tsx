import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import { Scale } from './Scale';

function Asked({ onTell, last }: { onTell: (value: number) => void; last?: number }) {
  const [value, set] = useState<number | null>(null);
  return (
    <Scale
      name="effort"
      value={value}
      last={last}
      onChange={(told) => {
        set(told);
        onTell(told);
      }}
    />
  );
}
const key = (pressed: string) => fireEvent.keyDown(document.activeElement ?? document.body, { key: pressed });
const stops = () => screen.getAllByRole('button').filter((button) => button.tabIndex === 0);

it('is one stop of the keyboard, at what was told, else at what was said last', () => {
  render(<Asked onTell={vi.fn()} last={6} />);
  expect(stops()).toEqual([screen.getByRole('button', { name: 'effort 6' })]);
  fireEvent.click(screen.getByRole('button', { name: 'effort 3' }));
  expect(stops()).toEqual([screen.getByRole('button', { name: 'effort 3' })]);
});

it('takes a digit as the answer, 1 and 0 as ten, and keeps both from the view', () => {
  const onTell = vi.fn();
  const ofView = vi.fn();
  window.addEventListener('keydown', ofView);
  render(<Asked onTell={onTell} />);
  screen.getByRole('button', { name: 'effort 0' }).focus();
  for (const digit of ['7', '1', '0', '0']) key(digit);
  expect(onTell.mock.calls.flat()).toEqual([7, 1, 10, 0]);
  expect(ofView).not.toHaveBeenCalled();
  window.removeEventListener('keydown', ofView);
});

it('is walked by arrows, which tell nothing', () => {
  const onTell = vi.fn();
  render(<Asked onTell={onTell} last={9} />);
  stops()[0]?.focus();
  for (const arrow of ['ArrowRight', 'ArrowRight', 'ArrowLeft']) key(arrow);
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'effort 9' }));
  expect(onTell).not.toHaveBeenCalled();
  key('1');
  key('ArrowLeft');
  key('0');
  expect(onTell.mock.calls.flat(), 'an arrow between them: no ten').toEqual([1, 0]);
});
