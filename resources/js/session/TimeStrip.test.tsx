import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { TimeStrip } from './TimeStrip';

const totals = (total: number) => ({
  work: total,
  rest: 0,
  changeOver: 0,
  total,
  totalText: '1:00',
  workText: '1:00',
  restText: '0:00',
  changeOverText: '0:00',
  densityPercent: 100,
});
const reason: Schemas['ReasonView'] = {
  rule: 'dose.clock',
  source: '',
  sentence: '',
  inputs: [],
  wouldChange: null,
};
const preview = (segments: Schemas['SegmentView'][], total: number, target: number): Schemas['PreviewView'] => ({
  complete: true,
  blocks: [],
  totals: totals(total),
  lengthText: '1:30',
  isOver: false,
  targetSeconds: target,
  targetText: '2:00',
  segments,
  shares: [],
  agreement: 0,
  sharesReason: reason,
  clockReason: reason,
  mix: [],
  reachesText: '',
  optionalText: '',
  warnings: [],
  qualities: [],
  kinds: null,
});
const segment = (stretch: Schemas['SegmentView']['stretch'], seconds: number, side: Schemas['SegmentView']['side'] = 'both') => ({
  stretch,
  seconds,
  item: 'a',
  side,
});

describe('the time strip', () => {
  it('is to scale: a stretch of half the time is half as wide, and lies where it begins', () => {
    const { container } = render(
      <TimeStrip
        preview={preview([segment('work', 60), segment('rest', 30), segment('work', 30)], 120, 120)}
        current={null}
        onPick={() => {}}
      />,
    );
    const bars = [...container.querySelectorAll('rect[rx="1.5"]')].map((bar) => [
      Number(bar.getAttribute('x')),
      Math.round(Number(bar.getAttribute('width')) + 0.8),
    ]);
    expect(bars).toEqual([
      [0, 500],
      [500, 250],
      [750, 250],
    ]);
  });

  it('splits the sides: left above, right below', () => {
    const { container } = render(
      <TimeStrip
        preview={preview([segment('work', 20, 'left'), segment('side-change', 5, 'right'), segment('work', 20, 'right')], 45, 60)}
        current={null}
        onPick={() => {}}
      />,
    );
    const [left, , right] = [...container.querySelectorAll('rect[rx="1.5"]')].map((bar) => Number(bar.getAttribute('y')));
    expect(left).toBeLessThan(right ?? 0);
  });

  it('teaches while there is nothing to show', () => {
    render(<TimeStrip preview={preview([], 0, 60)} current={null} onPick={() => {}} />);
    expect(screen.getByText(/once there is an exercise/)).toBeInTheDocument();
  });
});
