import { useRef, useState, type PointerEvent, type Ref } from 'react';
import { cx } from '@/ui/cx';
import { labelPlaces, yOf } from './geometry';
import { WIDTH } from './layout';
import { isClosed, workingRung, type BoardLadder, type BoardRung } from '@/frame/boardModel';

type Stand = BoardLadder['stands'][number];

const RUNG = 22;
const LABEL_LEFT = 64;
/** Room above the highest and below the lowest height. */
export const RAIL_MARGIN = 14;

/** What a rail says of itself in one line. */
function railSummary(ladder: BoardLadder): string {
  const working = workingRung(ladder);
  return `${ladder.name}, ${working ? `stands on ${working.shortName}, ${working.heightText}` : 'no working rung'}`;
}

/** A ladder at true height, narrow: a press opens it. */
export function ClosedRail({ ladder, length, onOpen }: { ladder: BoardLadder; length: number; onOpen: () => void }) {
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={`Open ${railSummary(ladder)}`}
      onClick={onOpen}
      className="relative block shrink-0 rounded-sm hover:bg-paper/60"
      style={{ width: WIDTH.rail, height: length + 2 * RAIL_MARGIN }}
    >
      <svg width={WIDTH.rail} height={length + 2 * RAIL_MARGIN} className="absolute inset-0 overflow-visible" aria-hidden="true">
        <g transform={`translate(${(WIDTH.rail - RUNG) / 2} ${RAIL_MARGIN})`}>
          <Drawing ladder={ladder} length={length} />
          {ladder.stands.map((stand) => (
            <Marker key={stand.placement + stand.side} ladder={ladder} stand={stand} length={length} />
          ))}
        </g>
      </svg>
    </button>
  );
}

/** A ladder at true height with the names of its rungs; the working rung can be dragged. */
export function OpenRail({
  ladder,
  length,
  focus,
  onFocus,
  onDrop,
  rungRef,
}: {
  ladder: BoardLadder;
  length: number;
  /** The rung that takes the keyboard. */
  focus: string;
  onFocus: (slug: string) => void;
  onDrop: (slug: string, side: Stand['side']) => void;
  rungRef: (slug: string) => Ref<HTMLDivElement>;
}) {
  const places = labelPlaces(ladder.rungs, length, 24);
  const [over, setOver] = useState<string | null>(null);
  const drawing = useRef<SVGGElement>(null);

  /** The open rung nearest to a height on the screen. */
  const nearest = (clientY: number, side: Stand['side']): BoardRung | undefined => {
    const top = drawing.current?.getBoundingClientRect().top ?? 0;
    const origin = drawing.current ? clientY - top + yOf(ladder.rungs.at(-1)!.height + 2, length) : 0;
    const open = ladder.rungs.filter((rung) => (side === 'left' || rung.openRight) && (side === 'right' || rung.openLeft));
    return open.sort((a, b) => Math.abs(yOf(a.height, length) - origin) - Math.abs(yOf(b.height, length) - origin))[0];
  };

  return (
    <div
      role="listbox"
      aria-label={ladder.name}
      aria-orientation="vertical"
      className="relative shrink-0 rounded-md border border-ink bg-paper/70"
      style={{ width: WIDTH.opened, height: length + 2 * RAIL_MARGIN }}
    >
      <svg width="100%" height={length + 2 * RAIL_MARGIN} className="absolute -inset-px overflow-visible" aria-hidden="true">
        <g transform={`translate(20 ${RAIL_MARGIN})`}>
          <g ref={drawing}>
            <Drawing ladder={ladder} length={length} />
          </g>
          {ladder.rungs.map((rung, index) => {
            const y = yOf(rung.height, length);
            const lit = rung.slug === (over ?? focus);
            return (
              <path
                key={rung.slug}
                d={`M${rung.branch ? -16 : RUNG + 5} ${y}${rung.branch ? `M${RUNG + 5} ${y}` : ''}H${LABEL_LEFT - 34}L${LABEL_LEFT - 24} ${places[index]!}`}
                className={cx('fill-none', lit ? 'stroke-rowan' : 'stroke-hairline')}
                strokeWidth={lit ? 1.8 : 1}
              />
            );
          })}
          {ladder.stands.map((stand) => (
            <Marker
              key={stand.placement + stand.side}
              ladder={ladder}
              stand={stand}
              length={length}
              onDrag={(event) => setOver(nearest(event.clientY, stand.side)?.slug ?? null)}
              onDrop={(event) => {
                const rung = nearest(event.clientY, stand.side);
                setOver(null);
                if (rung && rung.slug !== stand.rung) onDrop(rung.slug, stand.side);
              }}
            />
          ))}
        </g>
      </svg>
      {ladder.rungs.map((rung, index) => {
        const stand = ladder.stands.find((other) => other.rung === rung.slug);
        return (
          <div
            key={rung.slug}
            ref={rungRef(rung.slug)}
            role="option"
            aria-selected={Boolean(stand)}
            aria-label={`${rung.shortName}: ${rung.name}, height ${rung.heightText}${stand ? `, stands here${stand.side === 'both' ? '' : `, ${stand.side}`}` : ''}${isClosed(rung) ? `, ${rung.putAway ? 'put away by the method' : 'ruled out'}` : ''}`}
            tabIndex={rung.slug === focus ? 0 : -1}
            onFocus={() => onFocus(rung.slug)}
            onClick={(event) => event.currentTarget.focus()}
            onKeyDown={() => undefined}
            className={cx(
              'absolute right-0.5 flex h-6 cursor-pointer items-center truncate rounded-sm px-1 text-sm leading-6',
              isClosed(rung) ? 'text-ink3 line-through decoration-rung-edge' : stand ? 'font-bold' : 'text-ink2 hover:text-ink',
              rung.slug === focus && 'bg-paper text-ink',
              rung.slug === over && 'bg-rung text-ink',
            )}
            style={{ top: places[index]! + 2, left: LABEL_LEFT - 2 }}
          >
            <span className="truncate">{rung.shortName}</span>
          </div>
        );
      })}
    </div>
  );
}

/** Rails, rungs, branches, signposts and the ghost of four weeks ago. */
function Drawing({ ladder, length }: { ladder: BoardLadder; length: number }) {
  const head = yOf((ladder.rungs.at(-1)?.height ?? 100) + 2, length);
  return (
    <>
      <path d={`M3.5 ${head}V${length + 8}M${RUNG - 3.5} ${head}V${length + 8}`} className="stroke-rail" strokeWidth="2" />
      {ladder.rungs.map((rung) => {
        const y = yOf(rung.height, length);
        const [x, width] = rung.branch ? [-5, 10] : [0, RUNG];
        return (
          <g key={rung.slug}>
            <rect
              x={x}
              y={y - 2.5}
              width={width}
              height="5"
              rx="2"
              className={cx('stroke-rung-edge', isClosed(rung) ? 'fill-ground' : 'fill-rung')}
            />
            {isClosed(rung) && <rect x={x} y={y - 2.5} width={width} height="5" rx="2" fill="url(#ruled-out)" />}
          </g>
        );
      })}
      {ladder.signposts.map((rung) => (
        <path
          key={rung.slug}
          d={`M0 ${yOf(rung.height, length)}h${RUNG}`}
          className="stroke-rung-edge"
          strokeWidth="2.5"
          strokeDasharray="3 2"
        />
      ))}
      {ladder.ghosts.map((ghost) => {
        const rung = ladder.rungs.find((other) => other.slug === ghost.rung);
        return (
          rung && (
            <rect
              key={ghost.side}
              x={ghost.side === 'right' ? RUNG / 2 : -4}
              y={yOf(rung.height, length) - 5.5}
              width={ghost.side === 'both' ? RUNG + 8 : RUNG / 2 + 4}
              height="11"
              rx="3"
              className="fill-none stroke-ink2"
              strokeDasharray="2.5 2"
            />
          )
        );
      })}
    </>
  );
}

/** Where the person stands, with the gate's progress above it. Dragging moves it without drawing anything anew. */
function Marker({
  ladder,
  stand,
  length,
  onDrag,
  onDrop,
}: {
  ladder: BoardLadder;
  stand: Stand;
  length: number;
  onDrag?: (event: PointerEvent) => void;
  onDrop?: (event: PointerEvent) => void;
}) {
  const from = useRef<number | null>(null);
  const rung = ladder.rungs.find((other) => other.slug === stand.rung);
  if (!rung) return null;
  const above = ladder.rungs.find((other) => other.slug === stand.next);
  const y = yOf(rung.height, length);
  // A method can lead to a rung that is no higher: the gate then has no way to fill.
  const gap = above ? Math.max(0, y - yOf(above.height, length)) : 0;
  const half = stand.side !== 'both';
  const x = stand.side === 'right' ? RUNG / 2 + 0.5 : -4;
  const width = half ? RUNG / 2 + 3.5 : RUNG + 8;
  const release = (event: PointerEvent<SVGGElement>) => {
    if (from.current === null) return;
    const moved = Math.abs(event.clientY - from.current) > 4;
    from.current = null;
    event.currentTarget.style.transform = '';
    if (moved) onDrop?.(event);
  };
  return (
    <>
      {!stand.stopped && (
        <rect
          x={x + width / 2 - 3}
          y={y - (gap * stand.gate.progressPercent) / 100}
          width="6"
          height={(gap * stand.gate.progressPercent) / 100}
          className="fill-fern"
        />
      )}
      <g
        className={onDrop && 'cursor-grab touch-none active:cursor-grabbing'}
        {...(onDrop && {
          'data-drag': stand.rung,
          onPointerDown: (event: PointerEvent<SVGGElement>) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            from.current = event.clientY;
          },
          onPointerMove: (event: PointerEvent<SVGGElement>) => {
            if (from.current === null) return;
            event.currentTarget.style.transform = `translateY(${event.clientY - from.current}px)`;
            onDrag?.(event);
          },
          onPointerUp: release,
          onPointerCancel: release,
        })}
      >
        {onDrop && <rect x={x - 2} y={y - 12} width={width + 4} height="24" className="fill-transparent" />}
        <rect
          x={x}
          y={y - 6}
          width={width}
          height="12"
          rx="3"
          className={stand.stopped ? 'fill-ground stroke-ink' : stand.gate.open ? 'fill-fern' : 'fill-ink'}
          strokeWidth="2"
        />
        {(half || stand.stopped) && (
          <text
            x={x + width / 2}
            y={y + 4}
            textAnchor="middle"
            className={cx('font-mono text-[11px] font-bold', stand.stopped ? 'fill-ink' : 'fill-ground')}
          >
            {stand.stopped ? '■' : stand.side === 'left' ? 'L' : 'R'}
          </text>
        )}
      </g>
    </>
  );
}
