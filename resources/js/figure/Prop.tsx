import type { Joint, Point, Skeleton } from './body';

export interface PropData {
  kind: string;
  joint: Joint;
  direction: number | null;
}

const line = 'fill-none stroke-rail';
const solid = 'fill-rung stroke-rung-edge';
const ray = (from: Point, degrees: number, length: number): Point => ({
  x: from.x + Math.cos((degrees * Math.PI) / 180) * length,
  y: from.y + Math.sin((degrees * Math.PI) / 180) * length,
});

/** A box from the ground up to just under a joint. */
function Box({ at, wide, legs }: { at: Point; wide: number; legs?: boolean }) {
  const top = at.y - 5;
  return legs ? (
    <>
      <path d={`M${at.x - wide / 2 + 6} 0V${top}M${at.x + wide / 2 - 6} 0V${top}`} className={line} strokeWidth="3" />
      <rect x={at.x - wide / 2} y={top - 6} width={wide} height="6" rx="2" className={solid} />
    </>
  ) : (
    <rect x={at.x - wide / 2} y="0" width={wide} height={Math.max(3, top)} rx="2" className={solid} />
  );
}

/** A piece of kit, drawn relative to the joint it is tied to. */
export function Prop({ prop, body, top }: { prop: PropData; body: Skeleton; top: number }) {
  const at = body[prop.joint];
  switch (prop.kind) {
    case 'wall': {
      const away = Math.sign(at.x - body.waist.x) || 1;
      return <rect x={at.x + away * 4 - (away < 0 ? 6 : 0)} y="0" width="6" height={top} className={solid} />;
    }
    case 'bench':
      return <Box at={at} wide={48} legs />;
    case 'step':
      return <Box at={at} wide={44} />;
    case 'blocks':
      return <Box at={at} wide={20} />;
    case 'pillow':
      return <rect x={at.x - 17} y={Math.max(0, at.y - 19)} width="34" height="9" rx="4.5" className={solid} />;
    case 'towel':
      return <rect x={at.x - 9} y={at.y - 9} width="18" height="6" rx="3" className={solid} />;
    case 'pad':
      return <rect x={at.x - 15} y={0} width="30" height="4" rx="2" className={solid} />;
    case 'slider':
      return <rect x={at.x - 12} y={0} width="24" height="3" rx="1.5" className="fill-slate" />;
    case 'band': {
      const anchor = ray(at, prop.direction ?? 180, 78);
      const tick = (prop.direction ?? 180) + 90;
      const [a, b] = [ray(anchor, tick, 9), ray(anchor, tick, -9)];
      return (
        <>
          <path d={`M${at.x} ${at.y}L${anchor.x} ${anchor.y}`} className="fill-none stroke-slate" strokeWidth="2.6" />
          <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} className={line} strokeWidth="5" strokeLinecap="round" />
        </>
      );
    }
    case 'loop': {
      const other = prop.joint === 'ankle' ? body['far-ankle'] : prop.joint === 'toe' ? body['far-toe'] : body['far-knee'];
      const wide = Math.hypot(other.x - at.x, other.y - at.y) > 12;
      return wide ? (
        <path
          d={`M${at.x} ${at.y}L${other.x} ${other.y}`}
          className="fill-none stroke-slate"
          strokeWidth="4"
          strokeLinecap="round"
        />
      ) : (
        <ellipse cx={at.x} cy={at.y} rx="8" ry="8" className="fill-none stroke-slate" strokeWidth="3.4" />
      );
    }
    case 'dumbbell':
      return <rect x={at.x - 9} y={at.y - 5} width="18" height="10" rx="3" className="fill-slate stroke-paper" />;
    case 'kettlebell':
      return (
        <>
          <path
            d={`M${at.x - 6} ${at.y - 8}Q${at.x} ${at.y + 7} ${at.x + 6} ${at.y - 8}`}
            className="fill-none stroke-slate"
            strokeWidth="3"
          />
          <circle cx={at.x} cy={at.y - 13} r="9" className="fill-slate stroke-paper" />
        </>
      );
    case 'plate':
      return (
        <>
          <circle cx={at.x} cy={at.y} r="12" className="fill-slate stroke-paper" />
          <circle cx={at.x} cy={at.y} r="3.4" className="fill-paper" />
        </>
      );
    case 'medicine-ball':
      return <circle cx={at.x} cy={at.y} r="11" className="fill-slate stroke-paper" />;
    case 'barbell':
      return (
        <>
          <circle cx={at.x} cy={at.y} r="19" className="fill-slate/55 stroke-slate" strokeWidth="2" />
          <circle cx={at.x} cy={at.y} r="3.4" className="fill-paper stroke-slate" />
        </>
      );
    case 'corner-bar':
      return <path d={`M${at.x} ${at.y}L${at.x + 92} 3`} className="stroke-slate" strokeWidth="4.5" strokeLinecap="round" />;
    case 'ankle-weight':
      return <circle cx={at.x} cy={at.y} r="7" className="fill-slate stroke-paper" />;
    case 'ball': {
      const radius = Math.max(12, (at.y - 6) / 2);
      return <circle cx={at.x} cy={radius} r={radius} className={solid} strokeWidth="1.5" />;
    }
    case 'wheel':
      return (
        <>
          <circle cx={at.x} cy={at.y} r="11" className={solid} strokeWidth="2.4" />
          <circle cx={at.x} cy={at.y} r="2.6" className="fill-rung-edge" />
        </>
      );
    case 'strap': {
      const direction = prop.direction ?? 90;
      const length = (top - at.y) / Math.max(0.35, Math.sin((direction * Math.PI) / 180));
      const anchor = ray(at, direction, length);
      return (
        <>
          <path d={`M${at.x} ${at.y}L${anchor.x} ${anchor.y}`} className="fill-none stroke-slate" strokeWidth="2.4" />
          <path d={`M${anchor.x - 10} ${anchor.y}h20`} className={line} strokeWidth="4" strokeLinecap="round" />
        </>
      );
    }
    case 'bar':
      return <path d={`M${at.x - 34} ${at.y}h68`} className="stroke-rung-edge" strokeWidth="5" strokeLinecap="round" />;
    case 'dowel': {
      // Without a direction of its own it lies along the trunk.
      const along = (Math.atan2(body.shoulder.y - body.hip.y, body.shoulder.x - body.hip.x) * 180) / Math.PI;
      const [a, b] = [ray(at, prop.direction ?? along, 48), ray(at, prop.direction ?? along, -48)];
      return <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} className="stroke-rung-edge" strokeWidth="3.4" strokeLinecap="round" />;
    }
    default:
      return null;
  }
}
