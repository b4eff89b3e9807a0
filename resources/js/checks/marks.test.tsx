import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { MarkedPicture } from './MarkedPicture';
import { NormBand } from './NormBand';
import { MARKS } from './picture';

describe('a picture with marks', () => {
  const show = (onMark = vi.fn()) => {
    render(
      <MarkedPicture
        width={1000}
        height={500}
        marks={{ ankle: { x: 100, y: 400 }, knee: { x: 300, y: 350 } }}
        names={MARKS.side}
        line={MARKS.side.map(({ key }) => key)}
        chosen="hip"
        onChoose={vi.fn()}
        onMark={onMark}
      >
        <span />
      </MarkedPicture>,
    );
    return onMark;
  };

  it('names each mark and where it lies', () => {
    show();
    expect(screen.getByRole('button', { name: 'ankle, 100 across, 400 down' })).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /hip/ })).toBeNull();
  });

  it('moves a mark with the arrow keys, ten pixels with Shift', () => {
    const onMark = show();
    const knee = screen.getByRole('button', { name: /^knee/ });
    fireEvent.keyDown(knee, { key: 'ArrowUp' });
    fireEvent.keyDown(knee, { key: 'ArrowLeft', shiftKey: true });
    fireEvent.keyDown(knee, { key: 'x' });
    expect(onMark.mock.calls).toEqual([
      ['knee', { x: 300, y: 349 }, false],
      ['knee', { x: 290, y: 350 }, false],
    ]);
  });
});

describe('a hold on its line', () => {
  const side = {
    side: 'both' as const,
    ruledOut: null,
    last: 138,
    best: 150,
    norm: { mean: 146, sd: 51, detectable: 24.5 },
    percentile: 44,
    reason: null,
    change: null,
    history: [],
  };

  it('says in words what it draws', () => {
    render(<NormBand side={side} label="Back extensor hold" />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Back extensor hold: last 138 s, best 150 s; published mean 146 s, standard deviation 51 s',
    );
  });

  it('draws no band where there is no norm', () => {
    const { container } = render(<NormBand side={{ ...side, norm: null, last: null, best: null }} label="Front plank, toes" />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('Front plank, toes: not tested');
    expect(container.querySelectorAll('rect')).toHaveLength(0);
  });
});
