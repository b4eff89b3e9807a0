import { memo, useCallback, useLayoutEffect, useRef, type KeyboardEvent } from 'react';
import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { shortDay } from '@/ui/day';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { setsInWords } from './sets';

type Program = Schemas['ProgramView'];
type Week = Schemas['ProgramWeekView'];
type Stave = Schemas['StaveView'];
type Cell = Schemas['ProgramCellView'];

export type Chosen = { ladder: string | null; monday: string };

const COLUMN = 104;
const HEAD = 112;

/** Ladders as staves, weeks as bars, rung and dose as notes on the line of their rung. */
export function Score({
  program,
  chosen,
  onChoose,
}: {
  program: Program;
  chosen: Chosen | null;
  onChoose: (chosen: Chosen) => void;
}) {
  const root = useRef<HTMLDivElement>(null);
  const now = program.weeks.findIndex((week) => week.when !== 'past');
  // The week at hand is in sight, one of those behind it too.
  useLayoutEffect(() => {
    if (root.current) root.current.scrollLeft = Math.max(0, now - 1) * COLUMN;
  }, [now]);
  // Stable, so that a key draws the two rows anew that it leaves and enters, and no other.
  const onMove = useCallback(
    (event: KeyboardEvent<HTMLElement>) => {
      const by = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
      const [ladder = '', monday] = (event.currentTarget.dataset.cell ?? '').split(' ');
      if (!by || !monday) return;
      event.preventDefault();
      const rows = ['', ...program.staves.map((stave) => stave.ladder)];
      const row = rows[rows.indexOf(ladder) + (by[0] ?? 0)];
      const to = program.weeks[program.weeks.findIndex((week) => week.monday === monday) + (by[1] ?? 0)];
      if (row === undefined || !to) return;
      const next = root.current?.querySelector<HTMLElement>(`[data-cell="${row} ${to.monday}"]`);
      next?.focus();
      next?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    },
    [program],
  );
  // Another version may not have the ladder or the week that was chosen: then the keyboard enters at the first week.
  const has =
    chosen !== null &&
    program.weeks.some((week) => week.monday === chosen.monday) &&
    (chosen.ladder === null || program.staves.some((stave) => stave.ladder === chosen.ladder));
  const enters = has ? chosen : { ladder: null, monday: program.weeks[0]?.monday ?? null };
  /** Of a row: the week that is chosen in it, and the one where the keyboard enters. */
  const inRow = (ladder: string | null) => ({
    chosen: chosen?.ladder === ladder ? chosen.monday : null,
    enters: enters.ladder === ladder ? enters.monday : null,
  });
  const hands = { onChoose, onMove };
  return (
    <div
      ref={root}
      className="relative max-h-[max(22rem,calc(100dvh-15rem))] [scroll-padding:7rem_0_0_7rem] overflow-auto rounded-lg border border-hairline bg-sheet print:max-h-none print:[zoom:0.62] print:overflow-visible"
    >
      <div className="relative" style={{ width: HEAD + COLUMN * program.weeks.length }}>
        <div className="sticky top-0 z-30 flex border-b border-rail bg-sheet">
          <div className="sticky left-0 z-20 flex shrink-0 items-end bg-sheet p-2 text-sm text-ink3" style={{ width: HEAD }}>
            ladder
          </div>
          <WeekHeads weeks={program.weeks} {...inRow(null)} {...hands} />
        </div>
        {program.staves.map((stave) => (
          <StaveRow key={stave.ladder} stave={stave} weeks={program.weeks} {...inRow(stave.ladder)} {...hands} />
        ))}
      </div>
    </div>
  );
}

interface RowState {
  chosen: string | null;
  enters: string | null;
  onChoose: (chosen: Chosen) => void;
  onMove: (event: KeyboardEvent<HTMLElement>) => void;
}

/** What makes a button a cell of the score: found, chosen and walked. */
const cell = (ladder: string | null, monday: string, { chosen, enters, onChoose, onMove }: RowState) => ({
  'data-cell': `${ladder ?? ''} ${monday}`,
  tabIndex: enters === monday ? 0 : -1,
  'aria-current': chosen === monday ? ('true' as const) : undefined,
  onFocus: () => onChoose({ ladder, monday }),
  onClick: () => onChoose({ ladder, monday }),
  onKeyDown: onMove,
});

/** Easier weeks are shaded, this week is underlined, a re-test closes its bar with a double line. */
const column = (week: Week): string =>
  cx(
    'relative shrink-0 border-r border-hairline',
    week.kind === 'easier' && 'bg-rung',
    week.kind === 'away' && 'bg-[repeating-linear-gradient(135deg,transparent_0_6px,var(--hairline)_6px_7px)]',
    week.retests && 'border-r-[5px] border-double border-r-ink',
  );

const WeekHeads = memo(function WeekHeads({ weeks, ...row }: { weeks: Week[] } & RowState) {
  return weeks.map((week) => (
    <button
      key={week.monday}
      type="button"
      {...cell(null, week.monday, row)}
      style={{ width: COLUMN }}
      className={cx(
        column(week),
        'grid content-start gap-0.5 p-2 text-left text-sm aria-[current]:outline-2 aria-[current]:-outline-offset-2 aria-[current]:outline-rowan',
        week.when === 'now' && 'border-b-3 border-b-rowan',
      )}
    >
      <span className="flex items-baseline justify-between gap-1">
        <span className="font-display text-lg leading-none font-semibold">
          <span className="sr-only">week </span>
          {week.kind === 'away' ? 'away' : week.number > 0 ? week.number : week.when === 'past' ? 'past' : 'as it was'}
        </span>
        <span className="whitespace-nowrap text-ink2">{shortDay(week.monday)}</span>
      </span>
      {week.kind !== 'away' && (
        <>
          <span className="flex justify-between font-mono">
            <span>{week.clock}</span>
            <span>{week.agreement}</span>
          </span>
          <span className="whitespace-nowrap text-ink2">
            {week.when === 'past' ? `${week.done} of ${week.sessions.length} done` : week.phase}
          </span>
          {(week.kind === 'easier' || week.retests) && (
            <span className="font-semibold">
              {[week.kind === 'easier' ? 'easier' : '', week.retests ? 're-test' : ''].filter(Boolean).join(', ')}
            </span>
          )}
        </>
      )}
      {week.change !== '' && <span className="leading-tight font-semibold text-rowan">{week.change}</span>}
    </button>
  ));
});

const StaveRow = memo(function StaveRow({ stave, weeks, ...row }: { stave: Stave; weeks: Week[] } & RowState) {
  // A line for every rung that is played, the highest on top.
  const lines = [...new Map(stave.cells.map((one) => [one.rung, one.tenths])).entries()]
    .sort((a, b) => b[1] - a[1])
    .map(([rung]) => rung);
  const line = lines.length > 4 ? 12 : 15;
  const height = Math.max(1, lines.length) * line + 58;
  const y = (rung: string): number => 22 + lines.indexOf(rung) * line;
  return (
    <div className="relative isolate flex border-b border-hairline" style={{ minHeight: height }}>
      <div
        className="sticky left-0 z-20 grid shrink-0 content-center gap-0.5 border-r border-rail bg-sheet px-2 py-1"
        style={{ width: HEAD }}
      >
        <span className="leading-tight font-semibold">{stave.name}</span>
        <span className="text-sm text-ink2">
          <DemandGlyph demand={stave.demand} /> {stave.demandName}
        </span>
      </div>
      {weeks.map((week) => {
        const here = stave.cells.find((one) => one.monday === week.monday);
        const first = here !== undefined && (here.climbs || stave.cells[0] === here);
        return (
          <button
            key={week.monday}
            type="button"
            {...cell(stave.ladder, week.monday, row)}
            style={{ width: COLUMN, minHeight: height }}
            className={cx(
              column(week),
              'block text-left align-top text-sm aria-[current]:outline-2 aria-[current]:-outline-offset-2 aria-[current]:outline-rowan',
            )}
          >
            <span className="sr-only">
              {stave.name}, week of {shortDay(week.monday)}:{' '}
            </span>
            {lines.map((rung) => (
              <span key={rung} className="absolute inset-x-0 border-t border-hairline" style={{ top: y(rung) + 4 }} />
            ))}
            {here ? (
              <Note here={here} first={first} past={week.when === 'past'} top={y(here.rung)} />
            ) : (
              <span className="sr-only">nothing</span>
            )}
          </button>
        );
      })}
      <Bands stave={stave} weeks={weeks} lines={lines} y={y} />
    </div>
  );
});

function Note({ here, first, past, top }: { here: Cell; first: boolean; past: boolean; top: number }) {
  const done = here.setsDone !== null && here.setsDone > 0;
  const missed = past && !done;
  const size = here.sets === 0 ? 10 : 22 + Math.min(10, here.sets) * 6;
  return (
    <>
      {first ? (
        <span className="absolute left-1.5 max-w-24 truncate text-sm leading-none font-semibold" style={{ top: top - 13 }}>
          {here.shortName}
        </span>
      ) : (
        <span className="sr-only">{here.rungName}</span>
      )}
      <span
        className={cx(
          'absolute left-1.5 h-2.5 rounded-sm border',
          here.sets === 0 || missed ? 'border-rung-edge bg-transparent' : done ? 'border-fern bg-fern' : 'border-ink bg-ink',
          here.climbs && here.sets > 0 && !done && !past && 'border-rowan bg-rowan',
        )}
        style={{ top, width: size }}
      />
      {here.locked && (
        <svg viewBox="0 0 10 12" className="absolute right-1.5 h-3 w-2.5" style={{ top: top - 1 }} aria-hidden="true">
          <path d="M2.5 5V3.5a2.5 2.5 0 0 1 5 0V5" className="fill-none stroke-ink" strokeWidth="1.4" />
          <rect x="1" y="5" width="8" height="6" rx="1" className="fill-ink" />
        </svg>
      )}
      <span className="absolute right-1 bottom-1 left-1.5 grid leading-tight">
        <span title={here.oneSet} className={cx('truncate font-mono text-sm', here.change !== '' && 'font-bold text-rowan')}>
          {here.oneSet}
        </span>
        <span className="text-sm text-ink2">
          {setsInWords(here, done || past)}
          {here.locked && <span className="sr-only">, fixed</span>}
          {here.change !== '' && <span className="sr-only">, different: {here.change}</span>}
        </span>
      </span>
    </>
  );
}

/** When the next gates are likely reached: a band over weeks on the line of the rung, the likely week marked. */
function Bands({ stave, weeks, lines, y }: { stave: Stave; weeks: Week[]; lines: string[]; y: (rung: string) => number }) {
  const at = (monday: string): number => {
    const index = weeks.findIndex((week) => week.monday >= monday);
    return index < 0 ? weeks.length : index;
  };
  return (
    <>
      {stave.gates
        .filter((gate) => lines.includes(gate.to) && at(gate.earliest) < weeks.length)
        .map((gate) => {
          const from = at(gate.earliest);
          const to = Math.min(weeks.length, at(gate.latest) + 1);
          return (
            <span
              key={gate.to}
              aria-hidden="true"
              className="pointer-events-none absolute z-10 h-3.5 rounded-sm border-x border-rowan bg-band"
              style={{ top: y(gate.to) - 2, left: HEAD + from * COLUMN, width: (to - from) * COLUMN }}
            >
              {at(gate.likely) < weeks.length && (
                <span
                  className="absolute inset-y-0 border-l-2 border-rowan"
                  style={{ left: (at(gate.likely) - from) * COLUMN + COLUMN / 2 }}
                />
              )}
            </span>
          );
        })}
    </>
  );
}
