import type { RefObject } from 'react';
import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { labelPlaces, yOf } from './geometry';

type Ladder = Schemas['LadderView'];
type Rung = Schemas['RungView'];

const RAIL_LEFT = 18;
const RAIL_WIDTH = 26;
const LABEL_LEFT = 72;

/** One ladder at true height: rungs as bars, names beside them, the working rung solid, the gate filling the gap above it. */
export function Rail({
  ladder,
  length,
  focus,
  active,
  onFocus,
  rungRef,
}: {
  ladder: Ladder;
  length: number;
  /** The rung that takes the keyboard on this rail. */
  focus: string;
  /** Whether the keyboard is on this rail. */
  active: boolean;
  onFocus: (slug: string) => void;
  rungRef: (slug: string) => RefObject<HTMLDivElement | null> | ((element: HTMLDivElement | null) => void);
}) {
  const places = labelPlaces(ladder.rungs, length, 24);
  const closed = (rung: Rung) => !rung.openLeft && !rung.openRight;

  return (
    <div role="listbox" aria-label={ladder.name} aria-orientation="vertical" className="relative" style={{ height: length + 28 }}>
      <svg width="100%" height={length + 28} className="absolute inset-0 overflow-visible" aria-hidden="true">
        <defs>
          <pattern id={`hatch-${ladder.slug}`} width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0v4" className="stroke-rung-edge" strokeWidth="1.6" />
          </pattern>
        </defs>
        <g transform="translate(0 14)">
          <path
            d={`M${RAIL_LEFT + 4} ${yOf((ladder.rungs.at(-1)?.height ?? 100) + 2, length)}V${length + 8}M${RAIL_LEFT + RAIL_WIDTH - 4} ${yOf((ladder.rungs.at(-1)?.height ?? 100) + 2, length)}V${length + 8}`}
            className="stroke-rail"
            strokeWidth="2"
          />
          {ladder.rungs.map((rung, index) => {
            const y = yOf(rung.height, length);
            const x = rung.branch ? 2 : RAIL_LEFT;
            const width = rung.branch ? 14 : RAIL_WIDTH;
            return (
              <g key={rung.slug}>
                {rung.branch && <path d={`M${x + width} ${y}H${RAIL_LEFT + 4}`} className="stroke-rail" strokeWidth="1.2" />}
                <path
                  d={`M${RAIL_LEFT + RAIL_WIDTH + 6} ${y}H${LABEL_LEFT - 18}L${LABEL_LEFT - 6} ${places[index]!}`}
                  className={cx('fill-none', active && rung.slug === focus ? 'stroke-rowan' : 'stroke-hairline')}
                  strokeWidth={active && rung.slug === focus ? 1.6 : 1}
                />
                <rect
                  x={x}
                  y={y - 3}
                  width={width}
                  height="6"
                  rx="2"
                  className={cx('stroke-rung-edge', closed(rung) ? 'fill-ground' : 'fill-rung')}
                />
                {closed(rung) && <rect x={x} y={y - 3} width={width} height="6" rx="2" fill={`url(#hatch-${ladder.slug})`} />}
              </g>
            );
          })}
          {ladder.stands.map((stand) => {
            const rung = ladder.rungs.find((other) => other.slug === stand.rung);
            if (!rung) return null;
            const above = ladder.rungs.find((other) => !other.branch && other.height > rung.height);
            const y = yOf(rung.height, length);
            const gap = above ? y - yOf(above.height, length) : 0;
            const half = stand.side !== 'both';
            const x = stand.side === 'right' ? RAIL_LEFT + RAIL_WIDTH / 2 + 1 : half ? RAIL_LEFT - 9 : RAIL_LEFT - 4;
            const width = half ? RAIL_WIDTH / 2 + 8 : RAIL_WIDTH + 8;
            return (
              <g key={stand.placement}>
                {!stand.stopped && (
                  <rect
                    x={x + width / 2 - 3}
                    y={y - (gap * stand.gate.progressPercent) / 100}
                    width="6"
                    height={(gap * stand.gate.progressPercent) / 100}
                    className="fill-fern"
                  />
                )}
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
                    {stand.stopped ? 'stop' : stand.side === 'left' ? 'L' : 'R'}
                  </text>
                )}
              </g>
            );
          })}
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
            aria-label={`${rung.shortName}: ${rung.name}, height ${rung.heightText}${stand ? `, stands here${stand.side === 'both' ? '' : `, ${stand.side}`}` : ''}${closed(rung) ? ', ruled out' : ''}`}
            tabIndex={rung.slug === focus ? 0 : -1}
            onFocus={() => onFocus(rung.slug)}
            onClick={(event) => event.currentTarget.focus()}
            onKeyDown={() => undefined}
            className={cx(
              'absolute right-0 flex h-6 cursor-pointer items-center gap-1.5 truncate rounded-sm px-1 text-sm leading-6',
              closed(rung) ? 'text-ink3 line-through decoration-rung-edge' : stand ? 'font-bold' : 'text-ink2 hover:text-ink',
              active && rung.slug === focus && 'bg-paper text-ink',
            )}
            style={{ top: places[index]! + 2, left: LABEL_LEFT - 4 }}
          >
            <span className="truncate">{rung.shortName}</span>
          </div>
        );
      })}
    </div>
  );
}
