import { render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { StartDialog } from './StartDialog';

const session = (id: string, title: string, own: boolean, changedAt: string): Schemas['EarlierSessionView'] => ({
  id,
  title,
  own,
  person: 'Perrin Vask',
  changedAt,
});

vi.mock('@/api/client', () => ({
  api: {
    useQuery: () => ({
      data: {
        templates: [],
        sessions: [
          session('a', 'Core session', true, '2026-11-28T12:00:00Z'),
          session('b', 'Core session', true, '2026-11-21T12:00:00Z'),
          session('c', 'Evening', true, '2026-11-20T12:00:00Z'),
          session('d', 'Evening', false, '2026-11-19T12:00:00Z'),
        ],
      },
    }),
  },
}));

it('tells sessions of one name apart by their day, and those of others by their person', () => {
  render(<StartDialog person="p" open onClose={vi.fn()} onStart={vi.fn()} />);

  expect(screen.getAllByRole('button', { name: /Core|Evening/ }).map((button) => button.textContent)).toEqual([
    'Core session · 28 Nov',
    'Core session · 21 Nov',
    'Evening',
    'Evening · Perrin Vask',
  ]);
});
