import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { Alone } from './alone';
import { LeaveLoaded } from './LeaveLoaded';
import { way } from './way.fixture';

const plank = way({ id: 'plank', name: 'Front plank', loads: ['low-back', 'shoulder', 'elsewhere'] });
const bridge = way({ id: 'bridge', name: 'Bridge', loads: ['low-back', 'elsewhere'] });
const sheet = {
  ways: [plank, bridge],
  blocks: [{ items: ['plank'] }, { items: ['bridge'] }],
  painStopsAbove: 5,
} as unknown as Schemas['CueSheetView'];
const pain = (place: Schemas['StartPain']['place'], much: number): Schemas['StartPain'] => ({ place, side: null, pain: much });
const shown = (before: Schemas['StartPain'][] | null, left: string[] = [], onLeave = vi.fn(), alone = false) => (
  <MemoryRouter>
    <Alone value={alone}>
      <LeaveLoaded person="1" sheet={sheet} before={before} left={left} onLeave={onLeave} />
    </Alone>
  </MemoryRouter>
);

it('says nothing of pain that may be trained with', () => {
  const { container } = render(shown([pain('shoulder', 5)]));
  expect(container.textContent).toBe('');
});

it('says so where nothing loads the place', () => {
  render(shown([pain('wrist', 8)]));
  expect(screen.getByRole('status').textContent).toBe('Nothing of this session loads the place that hurts.');
});

it('leaves out what loads the place that hurts, and takes it in again', () => {
  const onLeave = vi.fn();
  const { rerender } = render(shown([pain('shoulder', 6)], [], onLeave));
  expect(screen.getByRole('alert').textContent).toContain('what loads its place waits for another day. “Front plank”.');
  fireEvent.click(screen.getByRole('button', { name: 'Leave it out today' }));
  expect(onLeave).toHaveBeenCalledWith(['plank']);

  rerender(shown([pain('shoulder', 6)], ['plank'], onLeave));
  expect(screen.getByRole('status').textContent).toContain('Left out today: “Front plank”.');
  fireEvent.click(screen.getByRole('button', { name: 'with it all the same' }));
  expect(onLeave).toHaveBeenLastCalledWith([]);
});

it('names nothing that is not part of the session any more', () => {
  const { container, rerender } = render(shown(null, ['carry']));
  expect(container.textContent).toBe('');

  rerender(shown(null, ['carry', 'bridge']));
  expect(screen.getByRole('status').textContent).toContain('Left out today: “Bridge”.');
});

it('counts what a sheet kept by an earlier version does not say', () => {
  const { loads: _, ...former } = plank;
  render(
    <MemoryRouter>
      <LeaveLoaded
        person="1"
        sheet={{ ...sheet, ways: [former, bridge] } as typeof sheet}
        before={[pain('wrist', 7)]}
        left={[]}
        onLeave={vi.fn()}
      />
    </MemoryRouter>,
  );
  expect(screen.getByRole('alert').textContent).toContain('“Front plank”.');
});

it('where all of it loads what hurts, the session is left, at home and at the desk', () => {
  const { rerender } = render(shown([pain('low-back', 7)]));
  expect(screen.getByRole('alert').textContent).toContain('leave this session today.');
  expect(screen.getByRole('link', { name: 'Ask the danger signs' })).toBeTruthy();
  rerender(shown([pain('low-back', 7)], [], vi.fn(), true));
  expect(screen.getByRole('alert').textContent).toContain('Tell your practice.');
});
