import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { Guessed } from './Guessed';
import { yOf } from './geometry';
import { groupWidth, WIDTH } from './layout';
import { Rail, RAIL_MARGIN, type RailHands } from './Rail';
import type { BoardDemand } from '@/frame/boardModel';

const HEADER = 58;
const NAMES = 78;

export const titleOf = (demand: BoardDemand): string => demand.shortName.charAt(0).toUpperCase() + demand.shortName.slice(1);

/** A long name over one or two rails is written smaller rather than cut. */
const headSize = (demand: BoardDemand): string =>
  demand.shortName.length > 9 && demand.ladders.length < 3 ? 'text-sm' : 'text-[15px]';

/** All demands side by side: headings, rails at true height, the spread and a level for each demand. */
export function Rails({
  demands,
  folded,
  active,
  opened,
  length,
  spreadText,
  focusOf,
  onFold,
  hands,
}: {
  demands: BoardDemand[];
  folded: ReadonlySet<string>;
  /** Slug of the opened ladder. */
  active: string;
  /** Slugs of all ladders that stand open. */
  opened: ReadonlySet<string>;
  length: number;
  spreadText: string | null;
  focusOf: (ladder: string) => string;
  onFold: (demand: string) => void;
  hands: RailHands;
}) {
  const compared = demands.flatMap((demand) =>
    demand.height === null || demand.toppedOut || demand.guessed ? [] : [demand.height],
  );
  const [top, bottom] = [Math.max(...compared), Math.min(...compared)];
  const height = length + 2 * RAIL_MARGIN;

  return (
    <div className="relative flex" style={{ gap: WIDTH.gap }}>
      <svg width="0" height="0" className="absolute" aria-hidden="true">
        <pattern id="ruled-out" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0v4" className="stroke-rung-edge" strokeWidth="1.6" />
        </pattern>
      </svg>
      <div
        aria-hidden="true"
        className="relative shrink-0 text-sm text-ink3"
        style={{ width: WIDTH.axis - WIDTH.gap, height, marginTop: HEADER }}
      >
        {[1, 3, 5, 7, 9].map((mark) => (
          <span key={mark} className="absolute right-0 font-mono" style={{ top: yOf(mark * 10, length) + RAIL_MARGIN - 10 }}>
            {mark}
          </span>
        ))}
      </div>
      {compared.length > 1 && top > bottom && (
        <div
          aria-hidden="true"
          className="pointer-events-none absolute right-0 rounded-sm bg-band"
          style={{
            left: WIDTH.axis,
            top: HEADER + RAIL_MARGIN + yOf(top, length),
            height: yOf(bottom, length) - yOf(top, length),
          }}
        />
      )}
      {demands.map((demand) => {
        const level =
          demand.height === null ? null : (
            <span
              aria-hidden="true"
              className="pointer-events-none absolute right-0 left-0 h-0.5 bg-rowan"
              style={{ top: RAIL_MARGIN + yOf(demand.height, length) - 1 }}
            />
          );
        if (folded.has(demand.value)) {
          return (
            <button
              key={demand.value}
              type="button"
              aria-expanded={false}
              onClick={() => hands.onOpen(demand.ladders[0]!.slug)}
              className="relative shrink-0 rounded-sm border border-hairline bg-sheet/60 hover:border-rail hover:bg-paper"
              style={{ width: WIDTH.folded, marginTop: HEADER, height }}
            >
              {level}
              <span className="absolute top-2 left-1/2 -translate-x-1/2 rotate-180 text-sm whitespace-nowrap text-ink2 [writing-mode:vertical-rl]">
                {demand.heightText && <span className="font-mono">{demand.heightText} </span>}
                {titleOf(demand)}
              </span>
            </button>
          );
        }
        return (
          <section
            key={demand.value}
            aria-label={titleOf(demand)}
            className="shrink-0"
            style={{
              width: groupWidth(demand.ladders.length, demand.ladders.filter((ladder) => opened.has(ladder.slug)).length),
            }}
          >
            <button
              type="button"
              onClick={() => onFold(demand.value)}
              aria-expanded={true}
              title={`Fold ${demand.shortName}`}
              className="block w-full rounded-sm text-center hover:bg-paper/60"
              style={{ height: HEADER }}
            >
              <span className={cx('block truncate font-display leading-tight font-[650]', headSize(demand))}>
                {demand.value === 'shoulder-girdle-stability'
                  ? 'Shoulder'
                  : demand.value === 'integrated-lift'
                    ? 'Lifts'
                    : titleOf(demand)}
              </span>
              <span className={cx('block truncate text-sm leading-snug', demand.weakest ? 'font-bold text-rowan' : 'text-ink2')}>
                <DemandGlyph demand={demand.value} />
                {demand.heightText && <span className="font-mono">{demand.heightText}</span>}
                {demand.toppedOut && ' top'}
                {demand.guessed && <Guessed />}
                {demand.nothingFits && 'closed'}
                {demand.weakest && ' ▾'}
              </span>
              {demand.weakest && (
                <span className="block text-sm leading-tight font-bold whitespace-nowrap text-rowan">
                  weakest{spreadText && `, −${spreadText}`}
                </span>
              )}
            </button>
            <div className="relative flex justify-center" style={{ height }}>
              {level}
              {demand.ladders.map((ladder) => (
                <Rail
                  key={ladder.slug}
                  ladder={ladder}
                  length={length}
                  opened={opened.has(ladder.slug)}
                  focus={focusOf(ladder.slug)}
                  {...hands}
                />
              ))}
            </div>
            <LadderNames demand={demand} active={active} opened={opened} />
          </section>
        );
      })}
    </div>
  );
}

/** The names of a demand’s ladders under their rails. */
function LadderNames({ demand, active, opened }: { demand: BoardDemand; active: string; opened: ReadonlySet<string> }) {
  return (
    <div aria-hidden="true" className="flex justify-center pt-1" style={{ height: NAMES }}>
      {demand.ladders.map((ladder) => (
        <span
          key={ladder.slug}
          className={cx(
            'shrink-0 text-center text-sm',
            ladder.slug === active && 'font-bold',
            !opened.has(ladder.slug) && 'rotate-180 text-right leading-none text-ink2 [writing-mode:vertical-rl]',
          )}
          style={
            opened.has(ladder.slug)
              ? { width: WIDTH.opened }
              : {
                  width: WIDTH.rail,
                  paddingInlineStart: 0,
                  display: 'flex',
                  justifyContent: 'flex-end',
                  alignItems: 'center',
                }
          }
        >
          {ladder.shortName}
        </span>
      ))}
    </div>
  );
}
