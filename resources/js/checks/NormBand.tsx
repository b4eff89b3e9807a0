import type { Schemas } from '@/api/client';

const WIDTH = 240;
const HEIGHT = 24;

/** Last, best and earlier holds on one line; the published middle as a band, one standard deviation each way. */
export function NormBand({ side, label }: { side: Schemas['HoldStandingView']; label: string }) {
  const { norm, last, best } = side;
  const most = Math.max(60, norm ? norm.mean + 2.5 * norm.sd : 0, (best ?? 0) * 1.1);
  const x = (seconds: number) => 1 + (seconds / most) * (WIDTH - 2);
  const said = [
    last === null ? 'not tested' : `last ${last} s, best ${best ?? last} s`,
    norm && `published mean ${norm.mean} s, standard deviation ${norm.sd} s`,
  ]
    .filter(Boolean)
    .join('; ');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`${label}: ${said}`} className="h-8 w-full max-w-72">
      {norm && (
        <>
          <rect
            x={x(Math.max(0, norm.mean - norm.sd))}
            y={6}
            width={x(norm.mean + norm.sd) - x(Math.max(0, norm.mean - norm.sd))}
            height={14}
            className="fill-rung"
          />
          <line x1={x(norm.mean)} x2={x(norm.mean)} y1={4} y2={22} className="stroke-rung-edge" strokeWidth="1.5" />
        </>
      )}
      <line x1={1} x2={WIDTH - 1} y1={20} y2={20} className="stroke-rail" strokeWidth="1.5" />
      {side.history.slice(1).map((hold) => (
        <rect key={hold.id} x={x(hold.seconds) - 1} y={12} width={2} height={8} className="fill-rung-edge" />
      ))}
      {last !== null && <rect x={x(last) - 2.5} y={2} width={5} height={20} rx={1.5} className="fill-ink" />}
    </svg>
  );
}
