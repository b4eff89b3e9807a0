import { cx } from './cx';

/** A small trunk bar with an arrow for the force it resists. */
export function DemandGlyph({ demand, className = 'size-5' }: { demand: string; className?: string }) {
  const arrows: Record<string, string> = {
    'anti-extension': 'M17 12h-6m2-2.5L10.5 12l2.5 2.5',
    'anti-flexion': 'M3 12h6m-2-2.5L9.5 12 7 14.5',
    'anti-lateral-flexion': 'M10 3v5m-2-2l2 2.5L12 6',
    'anti-rotation': 'M5 7a6 6 0 0 1 10 0m0-3v3.2h-3.2',
    'hip-stability': 'M10 13L6 18M10 13l4 5',
    'shoulder-girdle-stability': 'M4.5 6.5h11m-11 0v2m11-2v2',
    activation: 'M4 10a6 6 0 0 1 3-5m9 5a6 6 0 0 0-3-5',
    'integrated-lift': 'M4 5h12M4 3v4m12-4v4',
    'trunk-flexion': 'M14 4c3 3 3 7 1 10m-.4-3.4l-.2 3.6 3.4-.6',
  };
  return (
    <svg viewBox="0 0 20 20" className={cx('inline-block align-[-4px]', className)} aria-hidden="true">
      <rect
        x="8.6"
        y={demand === 'anti-lateral-flexion' ? 9 : 3}
        width="2.8"
        height={demand === 'anti-lateral-flexion' ? 9 : 14}
        rx="1.4"
        className="fill-ink"
        transform={demand === 'anti-rotation' ? 'translate(0 3) scale(1 .8)' : undefined}
      />
      <path
        d={arrows[demand] ?? ''}
        className="fill-none stroke-rowan"
        strokeWidth="1.6"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
