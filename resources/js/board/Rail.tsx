import { memo, useRef, useState, type PointerEvent } from 'react';
import { cx } from '@/ui/cx';
import { labelPlaces, labelsApart, yOf } from './geometry';
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
  return `${ladder.name}, ${working ? `stands on ${working.shortName}, ${working.heightText}${isClosed(working) ? ', ruled out' : ''}` : 'no working rung'}`;
}

/** What can be done on a rail; stable, so that a key moves one rail and leaves the others as they are drawn. */
export interface RailHands {
  onOpen: (ladder: string) => void;
  onFocus: (ladder: string, rung: string) => void;
  onDrop: (rung: string, side: Stand['side']) => void;
  /** Where the label of a rung stands, for the keyboard. */
  label: (rung: string, element: HTMLDivElement | null) => void;
}

/** A ladder at true height: narrow, where a press opens it, or open with the names of its rungs and a marker to drag. */
export const Rail = memo(function Rail({
  ladder,
  length,
  opened,
  focus,
  onOpen,
  onFocus,
  onDrop,
  label,
}: {
  ladder: BoardLadder;
  length: number;
  opened: boolean;
  /** The rung that takes the keyboard. */
  focus: string;
} & RailHands) {
  const [over, setOver] = useState<string | null>(null);
  const drawing = useRef<SVGGElement>(null);
  // What was open once keeps its names, out of sight and laid out: a walk to and fro makes no rail anew.
  const [wasOpened, setWasOpened] = useState(opened);
  if (opened && !wasOpened) setWasOpened(true);
  const height = length + 2 * RAIL_MARGIN;

  /** The open rung nearest to a height on the screen. */
  const nearest = (clientY: number, side: Stand['side']): BoardRung | undefined => {
    const top = drawing.current?.getBoundingClientRect().top ?? 0;
    const origin = drawing.current ? clientY - top + yOf(ladder.rungs.at(-1)!.height + 2, length) : 0;
    const open = ladder.rungs.filter((rung) => (side === 'left' || rung.openRight) && (side === 'right' || rung.openLeft));
    return open.sort((a, b) => Math.abs(yOf(a.height, length) - origin) - Math.abs(yOf(b.height, length) - origin))[0];
  };

  return (
    <div
      {...(opened && { role: 'listbox', 'aria-label': ladder.name, 'aria-orientation': 'vertical' as const })}
      className={cx(
        'relative shrink-0',
        opened ? 'rounded-md bg-paper/70 ring-1 ring-ink ring-inset' : 'rounded-sm hover:bg-paper/60',
      )}
      style={{ width: opened ? WIDTH.opened : WIDTH.rail, height }}
    >
      {!opened && (
        <button
          type="button"
          tabIndex={-1}
          aria-label={`Open ${railSummary(ladder)}`}
          onClick={() => onOpen(ladder.slug)}
          className="absolute inset-0 rounded-sm"
        />
      )}
      <svg
        width={RUNG}
        height={height}
        className={cx('absolute top-0 overflow-visible', !opened && 'pointer-events-none')}
        style={{ left: opened ? 20 : (WIDTH.rail - RUNG) / 2 }}
        aria-hidden="true"
      >
        <g transform={`translate(0 ${RAIL_MARGIN})`}>
          <g ref={drawing}>
            <Drawing ladder={ladder} length={length} />
          </g>
          {opened && <Leads ladder={ladder} length={length} lit={over ?? focus} />}
          {ladder.stands.map((stand) => (
            <Marker
              key={stand.placement + stand.side}
              ladder={ladder}
              stand={stand}
              length={length}
              {...(opened && {
                onDrag: (event: PointerEvent) => setOver(nearest(event.clientY, stand.side)?.slug ?? null),
                onDrop: (event: PointerEvent) => {
                  const rung = nearest(event.clientY, stand.side);
                  setOver(null);
                  if (rung && rung.slug !== stand.rung) onDrop(rung.slug, stand.side);
                },
              })}
            />
          ))}
        </g>
      </svg>
      {wasOpened && (
        <div className={cx('pointer-events-none absolute inset-px', !opened && '[content-visibility:hidden]')}>
          <Labels ladder={ladder} length={length} focus={focus} over={over} onFocus={onFocus} label={label} />
        </div>
      )}
    </div>
  );
});

/** Lines from the rungs to their names, the one at hand in rowan. */
function Leads({ ladder, length, lit }: { ladder: BoardLadder; length: number; lit: string }) {
  const places = labelPlaces(ladder.rungs, length, labelsApart(ladder.rungs.length, length));
  const leads = ladder.rungs.map(({ height, slug }, index) => ({
    slug,
    d: `M${RUNG + 5} ${yOf(height, length)}H${LABEL_LEFT - 34}L${LABEL_LEFT - 24} ${places[index]!}`,
  }));
  const others = leads.filter(({ slug }) => slug !== lit);
  return (
    <>
      <path d={others.map(({ d }) => d).join('')} className="fill-none stroke-hairline" />
      <path d={leads.find(({ slug }) => slug === lit)?.d ?? ''} className="fill-none stroke-rowan" strokeWidth="1.8" />
    </>
  );
}

/** The names of the rungs, which the keyboard walks. */
const Labels = memo(function Labels({
  ladder,
  length,
  focus,
  over,
  onFocus,
  label,
}: { ladder: BoardLadder; length: number; focus: string; over: string | null } & Pick<RailHands, 'onFocus' | 'label'>) {
  const apart = labelsApart(ladder.rungs.length, length);
  const places = labelPlaces(ladder.rungs, length, apart);
  return ladder.rungs.map((rung, index) => {
    const stand = ladder.stands.find((other) => other.rung === rung.slug);
    return (
      <div
        key={rung.slug}
        ref={(element) => label(rung.slug, element)}
        role="option"
        aria-selected={Boolean(stand)}
        aria-label={`${rung.shortName}: ${rung.name}, height ${rung.heightText}${stand ? `, stands here${stand.side === 'both' ? '' : `, ${stand.side}`}` : ''}${isClosed(rung) ? `, ${rung.putAway ? 'put away by the method' : 'ruled out'}` : ''}`}
        tabIndex={rung.slug === focus ? 0 : -1}
        onFocus={() => onFocus(ladder.slug, rung.slug)}
        onClick={(event) => event.currentTarget.focus()}
        onKeyDown={() => undefined}
        className={cx(
          'pointer-events-auto absolute right-0.5 flex cursor-pointer items-center truncate rounded-sm px-1 text-sm leading-none',
          isClosed(rung) ? 'text-ink3 line-through decoration-rung-edge' : stand ? 'font-bold' : 'text-ink2 hover:text-ink',
          rung.slug === focus && 'bg-paper text-ink',
          rung.slug === over && 'bg-rung text-ink',
        )}
        style={{ top: places[index]! + RAIL_MARGIN - apart / 2, left: LABEL_LEFT - 2, height: apart }}
      >
        <span className="truncate leading-5">{rung.shortName}</span>
      </div>
    );
  });
});

/** Rungs as rounded bars, all in one path: a board has some 250, and as shapes of their own they are slow to style and lay out. */
const bars = (rungs: BoardRung[], length: number): string =>
  rungs
    .map(({ branch, height }) => {
      const [x, width] = branch ? [-5, 10] : [0, RUNG];
      return `M${x + 2} ${yOf(height, length) - 2.5}h${width - 4}q2 0 2 2v1q0 2-2 2h${4 - width}q-2 0-2-2v-1q0-2 2-2z`;
    })
    .join('');

/** Rails, rungs, branches, signposts and the ghost of four weeks ago. */
function Drawing({ ladder, length }: { ladder: BoardLadder; length: number }) {
  const head = yOf((ladder.rungs.at(-1)?.height ?? 100) + 2, length);
  const closed = bars(ladder.rungs.filter(isClosed), length);
  return (
    <>
      <path d={`M3.5 ${head}V${length + 8}M${RUNG - 3.5} ${head}V${length + 8}`} className="stroke-rail" strokeWidth="2" />
      <path
        d={bars(
          ladder.rungs.filter((rung) => !isClosed(rung)),
          length,
        )}
        className="fill-rung stroke-rung-edge"
      />
      <path d={closed} className="fill-ground stroke-rung-edge" />
      <path d={closed} fill="url(#ruled-out)" />
      <path
        d={ladder.signposts.map((rung) => `M0 ${yOf(rung.height, length)}h${RUNG}`).join('')}
        className="stroke-rung-edge"
        strokeWidth="2.5"
        strokeDasharray="3 2"
      />
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
  const isOutlined = stand.stopped || isClosed(rung);
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
          className={isOutlined ? 'fill-ground stroke-ink' : stand.gate.open ? 'fill-fern' : 'fill-ink'}
          strokeWidth="2"
        />
        {(half || isOutlined) && (
          <text
            x={x + width / 2}
            y={y + 4}
            textAnchor="middle"
            className={cx('font-mono text-[11px] font-bold', isOutlined ? 'fill-ink' : 'fill-ground')}
          >
            {stand.stopped ? '■' : half ? (stand.side === 'left' ? 'L' : 'R') : '◇'}
          </text>
        )}
      </g>
    </>
  );
}
