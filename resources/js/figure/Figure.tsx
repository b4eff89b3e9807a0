import { useMemo } from 'react';
import { cx } from '@/ui/cx';
import { outline, type Piece, type Point, type Skeleton } from './body';
import { motionOf, waysOf, type FigureData } from './motion';
import { Prop } from './Prop';

/** Kit that lies in front of the body; everything else is drawn behind it. */
const IN_FRONT = new Set(['dumbbell', 'kettlebell', 'plate', 'medicine-ball', 'ankle-weight', 'loop', 'barbell']);
const MARGIN = 9;

/**
 * A drawn body in the end position of a rung, its start position behind it in a lighter tone, and arrows along
 * the way of what moves. With `part` it stands at that part of the way and shows nothing else.
 */
export function Figure({
  figure,
  label,
  part,
  mirrored = false,
  plain = false,
  className,
}: {
  figure: FigureData;
  /** What it shows, for screen readers; without it the picture is decoration. */
  label?: string;
  /** From 0 (start) to 1 (end). */
  part?: number;
  /** Shows the other side at work. */
  mirrored?: boolean;
  /** Without start position and arrows: for small pictures. */
  plain?: boolean;
  className?: string;
}) {
  const motion = useMemo(() => motionOf(figure), [figure]);
  const ways = useMemo(() => waysOf(figure), [figure]);
  const box = useMemo(() => boundsOf(motion, figure), [motion, figure]);
  const whole = part === undefined && !plain;
  const body = motion(part ?? (figure.end ? 1 : 0));
  const start = whole && figure.end ? motion(0) : null;
  const props = (front: boolean) =>
    figure.props
      .filter((prop) => IN_FRONT.has(prop.kind) === front)
      .map((prop, index) => <Prop key={`${prop.kind}-${index}`} prop={prop} body={body} top={box.top} />);

  return (
    <svg
      viewBox={`${box.left} ${-box.top - MARGIN} ${box.right - box.left} ${box.top - box.bottom + MARGIN + 8}`}
      className={cx('figure', className)}
      preserveAspectRatio="xMidYMax meet"
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <g transform={mirrored ? `translate(${box.left + box.right} 0) scale(-1 -1)` : 'scale(1 -1)'}>
        {figure.view === 'above' ? (
          <rect
            x={box.left + 4}
            y={box.bottom}
            width={box.right - box.left - 8}
            height={box.top - box.bottom}
            rx="6"
            className="fill-rung/50"
          />
        ) : (
          <path d={`M${box.left + 3} 0H${box.right - 3}`} className="stroke-rail" strokeWidth="1.6" strokeLinecap="round" />
        )}
        {start && <Body pieces={moved(start, body)} tone="fill-figure-start" />}
        {props(false)}
        <Body
          pieces={body.pieces.filter((piece) => piece.part.startsWith('far'))}
          tone={figure.view === 'side' ? 'fill-figure-far' : 'fill-ink'}
        />
        <Body pieces={body.pieces.filter((piece) => !piece.part.startsWith('far'))} tone="fill-ink" />
        {props(true)}
        {whole && ways.map((way, index) => <Arrow key={index} way={way} />)}
      </g>
    </svg>
  );
}

function Body({ pieces, tone }: { pieces: Piece[]; tone: string }) {
  return <path d={pieces.map(outline).join('')} className={tone} />;
}

/** The pieces of the start position that are elsewhere at the end. */
function moved(start: Skeleton, end: Skeleton): Piece[] {
  const far = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y) > 5;
  return start.pieces.filter((piece, index) => far(piece.from, end.pieces[index]!.from) || far(piece.to, end.pieces[index]!.to));
}

function Arrow({ way }: { way: Point[] }) {
  const tip = way.at(-1)!;
  const before = way.at(-3)!;
  const angle = (Math.atan2(tip.y - before.y, tip.x - before.x) * 180) / Math.PI;
  return (
    <g className="fill-none stroke-rowan" strokeLinecap="round" strokeLinejoin="round">
      <path
        d={`M${way.map((point) => `${point.x.toFixed(1)} ${point.y.toFixed(1)}`).join('L')}`}
        strokeWidth="2.4"
        strokeDasharray="1 5"
      />
      <path d="M-9 -5.5L0 0L-9 5.5" strokeWidth="3.2" transform={`translate(${tip.x} ${tip.y}) rotate(${angle})`} />
    </g>
  );
}

/** The frame that holds every position of the way and the kit. */
function boundsOf(motion: (part: number) => Skeleton, figure: FigureData) {
  let [left, right, top, bottom] = [Infinity, -Infinity, -Infinity, 0];
  const take = (point: Point, radius: number) => {
    left = Math.min(left, point.x - radius);
    right = Math.max(right, point.x + radius);
    top = Math.max(top, point.y + radius);
    if (figure.view === 'above') bottom = Math.min(bottom, point.y - radius);
  };
  for (const part of figure.end ? [0, 0.25, 0.5, 0.75, 1] : [0]) {
    const body = motion(part);
    for (const piece of body.pieces) {
      take(piece.from, piece.fromRadius);
      take(piece.to, piece.toRadius);
    }
    for (const prop of figure.props) {
      const at = body[prop.joint];
      if (prop.kind === 'band') {
        const angle = ((prop.direction ?? 180) * Math.PI) / 180;
        take({ x: at.x + Math.cos(angle) * 78, y: at.y + Math.sin(angle) * 78 }, 10);
      } else if (prop.kind === 'corner-bar') take({ x: at.x + 92, y: at.y }, 4);
      else if (prop.kind === 'barbell') take(at, 20);
      else if (['bench', 'step', 'bar', 'wall', 'pillow'].includes(prop.kind)) take(at, 24);
      else if (prop.kind === 'ball') take({ x: at.x, y: 0 }, Math.max(12, (at.y - 6) / 2));
      else if (prop.kind === 'strap') top = Math.max(top, 128, at.y + 44);
    }
  }
  // Small figures are not blown up: the same body stays about the same size from picture to picture.
  const short = Math.max(0, (figure.view === 'above' ? 90 : 150) - (right - left)) / 2;
  return { left: left - MARGIN - short, right: right + MARGIN + short, top: Math.max(top, 84), bottom };
}
