import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { SessionsToPlace } from './SessionsToPlace';

function show(programWaits: boolean, placed: number) {
  // Of a week only these are read where no session is to be placed.
  const view = { sessions: [], programWaits } as unknown as Schemas['WeekView'];
  const nothing = () => undefined;
  render(
    <MemoryRouter>
      <SessionsToPlace person="p" view={view} empty placed={placed} onOlder={nothing} onShape={nothing} onPlace={nothing} />
    </MemoryRouter>,
  );
  return screen.queryAllByRole('link').map((link) => `${link.textContent ?? ''} → ${link.getAttribute('href') ?? ''}`);
}

it('an empty week leads to the first session', () => {
  expect(show(false, 0)).toEqual(['Write the first session → /people/p/session']);
});

it('an empty week leads to the sessions of the program where it has some', () => {
  expect(show(true, 0)).toEqual(['Write them into the week → /people/p/weeks']);
});

it('a week that the program has written needs no first session', () => {
  expect(show(false, 2)).toEqual([]);
});
