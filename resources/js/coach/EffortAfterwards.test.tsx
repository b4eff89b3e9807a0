import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { setDone } from '@/offline/set.fixture';
import type { SetLog, Told } from '@/offline/told';
import { EffortAfterwards } from './EffortAfterwards';
import { way } from './way.fixture';

const plank = way({ id: 'plank', key: 'plank', name: 'Front plank', lastEffort: 5 });
const press = way({ key: 'press' });
const sheet = { ways: [plank, press] } as unknown as Schemas['CueSheetView'];
const steps = [1, 2].flatMap((set) => [
  { item: 'plank', set, way: 'plank' },
  { item: 'press', set, way: 'press' },
]);
const told = (...sets: SetLog[]): Told => ({ sets, skipped: [], before: null, ended: false, why: null, mornings: [] });
const shown = (sets: Told, onTell = vi.fn()) => <EffortAfterwards sheet={sheet} steps={steps} told={sets} onTell={onTell} />;

it('asks for the effort nobody told, once for each exercise, and keeps it with the last set', () => {
  const onTell = vi.fn();
  const sets = told(setDone('plank', 1, 20), setDone('plank', 2, 20), setDone('press', 1, 10, { effort: 6 }));
  const { rerender } = render(shown(sets, onTell));
  expect(screen.getByText(/Of 1 of 2 exercises no effort was told/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Tell the effort' }));
  expect(screen.queryByText(/Press-out/)).toBeNull();
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Front plank: effort 5' }));
  expect(screen.getByText(/last 5/)).toBeTruthy();

  fireEvent.click(screen.getByRole('button', { name: 'Front plank: effort 7' }));
  const heard = setDone('plank', 2, 20, { effort: 7 });
  expect(onTell).toHaveBeenCalledWith(heard);

  // Told, it can still be told anew.
  rerender(shown(told(setDone('plank', 1, 20), setDone('press', 1, 10, { effort: 6 }), heard), onTell));
  expect(screen.getByRole('button', { name: 'Front plank: effort 7' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: 'Front plank: effort 6' }));
  expect(onTell).toHaveBeenLastCalledWith({ ...heard, effort: 6 });
});

it('asks nothing where every exercise that was done has its effort', () => {
  const { container } = render(shown(told(setDone('press', 1, 10, { effort: 6 }))));
  expect(container.textContent).toBe('');
});
