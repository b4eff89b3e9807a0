import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { WeekSection } from './ScorePane';
import { WishBar } from './WishBar';

const because = (sentence: string): Schemas['ReasonView'] => ({
  rule: 'session.up-to-date',
  source: '',
  sentence,
  inputs: [],
  wouldChange: null,
});
const session = (slot: string, change: Partial<Schemas['ProgramSessionView']>): Schemas['ProgramSessionView'] => ({
  slot,
  when: 'Tuesday evening',
  clock: '18:36',
  lines: ['Front plank, forearms and toes, 3 × (3 holds of 10 s, 5 s between)'],
  session: null,
  state: 'none',
  doneOn: null,
  moved: [],
  ...change,
});
const week = (sessions: Schemas['ProgramSessionView'][]): Schemas['ProgramWeekView'] => ({
  monday: '2026-06-08',
  number: 2,
  kind: 'build',
  retests: false,
  phase: '',
  phaseReason: null,
  when: 'now',
  agreement: '',
  clock: '18:36',
  load: 110,
  loadDone: null,
  sessions,
  done: 0,
  notes: [],
  change: '',
  canTakeOut: false,
});
const show = (...sessions: Schemas['ProgramSessionView'][]) =>
  render(
    <MemoryRouter>
      <WeekSection person="p1" week={week(sessions)} holds busy={false} onWrite={vi.fn()} onTakeOut={vi.fn()} />
    </MemoryRouter>,
  );

describe('the sessions of a week', () => {
  it('say what has moved on since they were planned, before they are written', () => {
    show(session('a', { moved: [because('one step on')] }), session('b', {}));
    expect(screen.getByRole('button', { name: 'as of today: one exercise has moved on since it was planned' })).toBeVisible();
    expect(screen.getByRole('button', { name: /Write it into the week/ })).toBeEnabled();
  });

  it('are written anew where the person has moved on since, and told apart from what was changed by hand', () => {
    show(
      session('a', { session: 's1', state: 'differs', moved: [because('a rung down'), because('one step on')] }),
      session('b', { session: 's2', state: 'differs' }),
      session('c', { session: 's3', state: 'written' }),
    );
    expect(screen.getByRole('button', { name: '2 exercises have moved on since it was written' })).toBeVisible();
    expect(screen.getAllByRole('link').map((link) => link.textContent)).toEqual([
      'written before',
      'written, but differs from the plan',
      'written',
    ]);
    expect(screen.getByRole('button', { name: /Write 2 of them anew/ })).toBeEnabled();
  });
});

describe('how long a program is', () => {
  const weeksOf = (weeksBehind: number): string[] => {
    const { container, unmount } = render(
      <WishBar
        wish={{
          start: '2026-06-08',
          weeks: 4,
          seed: 1,
          rateTenths: null,
          slots: [],
          rungs: [],
          doses: [],
          sets: [],
          without: [],
        }}
        view={{ rate: because('Stated.'), hardFrom: 7, weeksBehind }}
        minutes={20}
        onChange={vi.fn()}
      />,
    );
    const options = [...(container.querySelectorAll('select')[0]?.options ?? [])].map((option) => option.textContent ?? '');
    unmount();
    return options;
  };

  it('is four weeks at least, and its rest what is left of them', () => {
    expect(weeksOf(0).slice(0, 2)).toEqual(['4 weeks', '5 weeks']);
    expect(weeksOf(3).slice(0, 2)).toEqual(['1 week more', '2 weeks more']);
    expect(weeksOf(3)).toHaveLength(12);
  });
});
