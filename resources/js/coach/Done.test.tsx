import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { setDone } from '@/offline/set.fixture';
import type { SetLog, Told } from '@/offline/told';
import type { Training } from '@/offline/trainings';
import { Done } from './Done';
import { way } from './way.fixture';

const plank = way({ id: 'plank', key: 'plank', name: 'Front plank' });
const press = way({ key: 'press' });
const sheet = {
  ways: [plank, press],
  endReasons: [
    { value: 'time', label: 'no more time' },
    { value: 'pain', label: 'pain' },
  ],
} as unknown as Schemas['CueSheetView'];
const steps = [
  { item: 'plank', set: 1, way: 'plank' },
  { item: press.id, set: 1, way: 'press' },
];
const shown = (why: 'time' | 'pain' | null, sets: SetLog[], onHurt = vi.fn()) => (
  <MemoryRouter>
    <Done
      sheet={sheet}
      steps={steps}
      training={{ on: '2026-06-01', asked: null } as unknown as Training}
      told={{ sets, skipped: [], before: null, ended: false, why: null, mornings: [] } satisfies Told}
      onTop={null}
      why={why}
      onWhy={vi.fn()}
      onHurt={onHurt}
      end={vi.fn()}
      setDay={vi.fn()}
      undoSet={vi.fn()}
      again={vi.fn()}
      tell={vi.fn()}
    />
  </MemoryRouter>
);
const asked = () => screen.queryByRole('group', { name: 'The set in which it hurt' });

it('asks in which set it hurt where it ended for pain and no set says so', () => {
  const onHurt = vi.fn();
  const plankSet = setDone('plank', 1, 20, { pain: 0 });
  const { rerender } = render(shown('time', [plankSet], onHurt));
  expect(asked()).toBeNull();

  rerender(shown('pain', [plankSet], onHurt));
  fireEvent.click(screen.getByRole('button', { name: `${press.name}, set 1, broken off` }));
  const heard = onHurt.mock.lastCall?.[0] as SetLog;
  expect([heard.item, heard.set, heard.pain, heard.both ?? heard.left]).toEqual([press.id, 1, null, 0]);
  fireEvent.click(screen.getByRole('button', { name: 'Front plank, set 1' }));
  expect(onHurt).toHaveBeenLastCalledWith(plankSet);

  rerender(shown('pain', [{ ...plankSet, pain: 4 }], onHurt));
  expect(asked()).toBeNull();
});
