/** A small trunk bar with an arrow for the force it resists. */
export function DemandGlyph({ demand }: { demand: string }) {
  const arrows: Record<string, string> = {
    'anti-extension': 'M17 12h-6m2-2.5L10.5 12l2.5 2.5',
    'anti-flexion': 'M3 12h6m-2-2.5L9.5 12 7 14.5',
    'anti-lateral-flexion': 'M10 3v5m-2-2l2 2.5L12 6',
    'anti-rotation': 'M5 7a6 6 0 0 1 10 0m0-3v3.2h-3.2',
  };
  return (
    <svg viewBox="0 0 20 20" className="inline-block size-5 align-[-4px]" aria-hidden="true">
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
