import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { Score } from './Score';

const week = (monday: string, number: number, change: Partial<Schemas['ProgramWeekView']> = {}): Schemas['ProgramWeekView'] => ({
  monday,
  number,
  kind: 'build',
  retests: false,
  phase: 'held 54 %',
  phaseReason: null,
  when: 'ahead',
  agreement: '96 %',
  clock: '41:20',
  load: 240,
  loadDone: null,
  sessions: [],
  done: 0,
  notes: [],
  change: '',
  canTakeOut: false,
  ...change,
});
const cell = (monday: string, number: number, change: Partial<Schemas['ProgramCellView']> = {}): Schemas['ProgramCellView'] => ({
  monday,
  week: number,
  rung: 'front-plank/forearms-toes',
  rungName: 'Front plank, forearms and toes',
  shortName: 'forearms, toes',
  tenths: 40,
  dose: '3x(4x10s/5)',
  oneSet: '4x10s/5',
  doseWords: '3 × (4 holds of 10 s, 5 s between)',
  sets: 6,
  locked: false,
  climbs: false,
  change: '',
  setsDone: null,
  doneOn: null,
  reason: null,
  whySets: null,
  ...change,
});
const program: Schemas['ProgramView'] = {
  weeks: [
    week('2026-06-01', 1, { when: 'past', done: 2 }),
    week('2026-06-08', 2, { when: 'now' }),
    week('2026-06-15', 3, { kind: 'easier', retests: true, change: '1 ladder differs' }),
  ],
  staves: [
    {
      ladder: 'front-plank',
      name: 'Plank',
      demand: 'anti-extension',
      demandName: 'front',
      cells: [
        cell('2026-06-01', 0, { setsDone: 5 }),
        cell('2026-06-08', 1, { sets: 0, setsDone: 2 }),
        cell('2026-06-15', 2, {
          rung: 'front-plank/tight-plank',
          shortName: 'tight',
          tenths: 50,
          climbs: true,
          locked: true,
          change: '“A” becomes “B”.',
        }),
      ],
      gates: [],
      rungs: [],
    },
  ],
  notes: [],
  mondays: ['2026-06-15'],
};
const at = (key: string): HTMLElement => document.querySelector<HTMLElement>(`[data-cell="${key}"]`) ?? document.body;

describe('the score sheet', () => {
  it('says what was done beside what was planned, and what is different', () => {
    render(<Score program={program} chosen={null} onChoose={() => undefined} />);

    expect(at('front-plank 2026-06-01')).toHaveTextContent('5 of 6 sets');
    expect(at('front-plank 2026-06-08')).toHaveTextContent('4x10s/5');
    expect(at('front-plank 2026-06-08')).toHaveTextContent('2 unplanned');
    expect(at('front-plank 2026-06-15')).toHaveTextContent('6 sets, fixed, different: “A” becomes “B”.');
    expect(at(' 2026-06-15')).toHaveTextContent('easier, re-test');
    expect(screen.getByText('1 ladder differs')).toBeInTheDocument();
  });

  it('sets the note of a higher rung on a higher line', () => {
    render(<Score program={program} chosen={null} onChoose={() => undefined} />);
    const top = (key: string): number => Number.parseFloat(at(key).querySelector<HTMLElement>('.h-2\\.5')?.style.top ?? '');

    expect(top('front-plank 2026-06-15')).toBeLessThan(top('front-plank 2026-06-08'));
  });

  it('is walked with the arrow keys, from the weeks down to the ladders', () => {
    const choose = vi.fn();
    render(<Score program={program} chosen={{ ladder: null, monday: '2026-06-08' }} onChoose={choose} />);

    fireEvent.keyDown(at(' 2026-06-08'), { key: 'ArrowDown' });
    expect(at('front-plank 2026-06-08')).toHaveFocus();
    expect(choose).toHaveBeenLastCalledWith({ ladder: 'front-plank', monday: '2026-06-08' });
    fireEvent.keyDown(at(' 2026-06-08'), { key: 'ArrowLeft' });
    expect(at(' 2026-06-01')).toHaveFocus();
  });

  it('is entered at its first week where this version lacks the ladder that was chosen', () => {
    render(<Score program={program} chosen={{ ladder: 'rollout', monday: '2026-06-08' }} onChoose={() => undefined} />);

    expect([...document.querySelectorAll('[tabindex="0"]')]).toEqual([at(' 2026-06-01')]);
  });
});
