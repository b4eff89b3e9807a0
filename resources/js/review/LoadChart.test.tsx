import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { LoadChart } from './LoadChart';

const reason: Schemas['ReasonView'] = {
  rule: 'load.week',
  source: '',
  sentence: 'Five weeks.',
  inputs: [],
  wouldChange: null,
};
const week = (last: string, days: number[], unknown = 0): Schemas['LoadWeekView'] => ({
  first: last,
  last,
  days,
  total: days.reduce((sum, day) => sum + day, 0),
  monotony: '0.78',
  strain: '459',
  unknown,
  reason,
});

const none = { rise: null, ahead: [], aheadRise: null };

describe('the load of the weeks', () => {
  it('has a bar a day, the highest as high as the chart', () => {
    const { container } = render(
      <LoadChart
        load={{ ...none, weeks: [week('2026-06-07', [200, 0, 100, 0, 0, 0, 0]), week('2026-06-14', [50, 0, 0, 0, 0, 0, 0])] }}
      />,
    );
    const heights = [...container.querySelectorAll('rect')].map((bar) => Number(bar.getAttribute('height')));
    expect(heights).toHaveLength(14);
    expect(heights[2]).toBeCloseTo((heights[0] ?? 0) / 2);
    expect(Math.max(...heights)).toBe(heights[0]);
  });

  it('does not write nought for what nobody told', () => {
    render(<LoadChart load={{ ...none, weeks: [week('2026-06-07', [0, 0, 0, 0, 0, 0, 0], 2)] }} />);
    expect(screen.getByText('–')).toBeInTheDocument();
    expect(screen.getByText(/2 without effort or time/)).toBeInTheDocument();
  });

  it('sets what is planned apart from what was done, on one scale', () => {
    const { container } = render(
      <LoadChart
        load={{
          ...none,
          weeks: [week('2026-06-07', [100, 0, 0, 0, 0, 0, 0])],
          ahead: [week('2026-06-14', [200, 0, 0, 0, 0, 0, 0])],
        }}
      />,
    );
    const bars = [...container.querySelectorAll('rect')];
    expect(Number(bars[0]?.getAttribute('height'))).toBeCloseTo(Number(bars[7]?.getAttribute('height')) / 2);
    expect(bars[7]).toHaveClass('fill-none');
    expect(screen.getByText(/open bars are planned/)).toBeInTheDocument();
  });

  it('notes a steep rise above the chart', () => {
    render(
      <LoadChart
        load={{
          ...none,
          rise: { ...reason, sentence: '25 % above the heaviest.' },
          weeks: [week('2026-06-07', [10, 0, 0, 0, 0, 0, 0])],
        }}
      />,
    );
    expect(screen.getByText(/25 % above the heaviest/)).toBeInTheDocument();
  });
});
