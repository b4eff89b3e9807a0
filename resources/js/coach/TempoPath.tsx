import type { Schemas } from '@/api/client';

/** One repetition as a path to scale with a bead on it: slopes move, flats hold. */
export function TempoPath({ phases, phase, part }: { phases: Schemas['CuePhase'][]; phase: number; part: number }) {
  const total = phases.reduce((sum, one) => sum + one.seconds, 0);
  const points = phases.reduce<{ x: number; y: number }[]>(
    (laid, one) => {
      const last = laid.at(-1) ?? { x: 8, y: 62 };
      return [...laid, { x: last.x + (one.seconds / total) * 344, y: one.isPause ? last.y : last.y === 62 ? 18 : 62 }];
    },
    [{ x: 8, y: 62 }],
  );
  const from = points[phase] ?? { x: 8, y: 62 };
  const to = points[phase + 1] ?? from;
  const bead = { x: from.x + (to.x - from.x) * part, y: from.y + (to.y - from.y) * part };
  const path = (upTo: { x: number; y: number }[]) =>
    upTo.map((point, index) => `${index === 0 ? 'M' : 'L'}${point.x} ${point.y}`).join('');
  return (
    <svg
      viewBox="0 0 360 96"
      className="w-full"
      role="img"
      aria-label={phases.map((one) => `${one.word} ${one.seconds}`).join(', ')}
    >
      <path d={path(points)} className="fill-none stroke-rung" strokeWidth="12" strokeLinecap="round" strokeLinejoin="round" />
      <path
        d={path([...points.slice(0, phase + 1), bead])}
        className="fill-none stroke-rung-edge"
        strokeWidth="12"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <circle cx={bead.x} cy={bead.y} r="10" className="fill-rowan" />
      {phases.map((one, index) => {
        const a = points[index] ?? bead;
        const b = points[index + 1] ?? a;
        return (
          <text
            key={index}
            x={(a.x + b.x) / 2}
            y="92"
            textAnchor="middle"
            className={`text-[14px] ${index === phase ? 'fill-ink font-bold' : 'fill-ink2'}`}
          >
            {one.word} {one.seconds}
          </text>
        );
      })}
    </svg>
  );
}
