import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { cx } from '@/ui/cx';
import { boundsOf, forceOf, pathOf, piecesAt, startOf, viewOf, waysOf, type FigureData, type Point, type View } from './drawing';

const MARGIN = 6;
/** Degrees that an arrow key turns a figure by, and that a pixel of dragging does. */
const STEP = 15;
const A_PIXEL = 0.6;

/**
 * A body in the end position of a rung, its start position behind it in a pale tone, and arrows along the way of what
 * moves. With `part` it stands at that part of the way and shows nothing else.
 */
export function Figure({
  figure: given,
  label,
  part,
  mirrored = false,
  plain = false,
  turnable = false,
  className,
}: {
  /** Undefined until it is there: the place is kept. */
  figure: FigureData | undefined;
  /** What it shows, for screen readers; without it the picture is decoration. */
  label?: string;
  /** From 0 (start) to 1 (end). */
  part?: number;
  /** Shows the other side at work. */
  mirrored?: boolean;
  /** Without start position and arrows: for small pictures. */
  plain?: boolean;
  /** Can be turned by dragging and with the arrow keys; Home brings back the view in which the demand shows. */
  turnable?: boolean;
  className?: string;
}) {
  // What a device kept before bodies had depth has no frames, and is not drawn any more.
  const figure = Array.isArray(given?.frames) ? given : undefined;
  const [turned, setTurned] = useState<View | null>(null);
  const grip = useRef<{ x: number; y: number; view: View } | null>(null);
  const view = useMemo<View>(() => turned ?? (figure ? viewOf(figure) : [0, 0]), [turned, figure]);
  const box = useMemo(() => figure && boundsOf(figure, view), [figure, view]);
  if (!figure || !box) return <div className={cx('figure', className)} aria-hidden />;
  const sense = mirrored ? -1 : 1;
  const turnTo = (round: number, up: number) =>
    setTurned([((((round + 180) % 360) + 360) % 360) - 180, Math.max(-10, Math.min(80, up))]);
  const whole = part === undefined && !plain;
  const pieces = piecesAt(figure, part ?? 1, view);
  const drawn = whole ? [pieces[0]!, ...startOf(figure, view), ...pieces.slice(1)] : pieces;
  const turning = turnable
    ? {
        tabIndex: 0,
        onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          grip.current = { x: event.clientX, y: event.clientY, view };
        },
        onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
          const from = grip.current;
          if (from)
            turnTo(from.view[0] - sense * A_PIXEL * (event.clientX - from.x), from.view[1] + A_PIXEL * (event.clientY - from.y));
        },
        onPointerUp: () => (grip.current = null),
        onPointerCancel: () => (grip.current = null),
        onDoubleClick: () => setTurned(null),
        onKeyDown: (event: KeyboardEvent) => {
          const by: Record<string, () => void> = {
            ArrowLeft: () => turnTo(view[0] + sense * STEP, view[1]),
            ArrowRight: () => turnTo(view[0] - sense * STEP, view[1]),
            ArrowUp: () => turnTo(view[0], view[1] + STEP),
            ArrowDown: () => turnTo(view[0], view[1] - STEP),
            Home: () => setTurned(null),
          };
          const turn = by[event.key];
          if (!turn) return;
          event.preventDefault();
          event.stopPropagation();
          turn();
        },
      }
    : {};

  return (
    <svg
      viewBox={`${box.left - MARGIN} ${-box.top - MARGIN} ${box.right - box.left + 2 * MARGIN} ${box.top - box.bottom + 2 * MARGIN}`}
      className={cx('figure', turnable && 'cursor-grab touch-none active:cursor-grabbing', className)}
      preserveAspectRatio="xMidYMax meet"
      {...(label
        ? { role: 'img', 'aria-label': turnable ? `${label}. Arrow keys turn it, Home turns it back.` : label }
        : { 'aria-hidden': true })}
      {...turning}
    >
      <g transform={mirrored ? `translate(${box.left + box.right} 0) scale(-1 1)` : undefined}>
        {drawn.map((piece, index) => (
          <path key={index} d={pathOf(piece.outline)} className={`figure-${piece.tone}`} />
        ))}
        {whole && waysOf(figure, view).map((way, index) => <Arrow key={index} way={way} />)}
        {whole && <Force way={forceOf(figure, view)} />}
      </g>
    </svg>
  );
}

/** What is resisted, as the arrow of a demand on the board shows it: solid, and slate. */
function Force({ way: [from, to] }: { way: Point[] }) {
  if (!from || !to) return null;
  const angle = (Math.atan2(from[1] - to[1], to[0] - from[0]) * 180) / Math.PI;
  return (
    <g className="figure-force" strokeLinecap="round" strokeLinejoin="round">
      <path d={pathOf([from, to], false)} />
      <path d="M-9 -6L0 0L-9 6" transform={`translate(${to[0]} ${-to[1]}) rotate(${angle})`} />
    </g>
  );
}

function Arrow({ way }: { way: Point[] }) {
  const tip = way.at(-1)!;
  const before = way.at(-2) ?? tip;
  const angle = (Math.atan2(before[1] - tip[1], tip[0] - before[0]) * 180) / Math.PI;
  return (
    <g className="fill-none stroke-rowan" strokeLinecap="round" strokeLinejoin="round">
      <path d={pathOf(way, false)} strokeWidth="2.4" strokeDasharray="1 5" />
      <path d="M-9 -5.5L0 0L-9 5.5" strokeWidth="3.2" transform={`translate(${tip[0]} ${-tip[1]}) rotate(${angle})`} />
    </g>
  );
}
