import type { Schemas } from '@/api/client';
import { WhyAsked } from '@/frame/reason';
import { cx } from '@/ui/cx';
import { clock } from '@/ui/day';
import { useSum } from './sums';

const WIDTH = 1000;

/** A time above its mark; the first and the last stay inside the strip. */
const placeOf = (part: number): string => (part === 0 ? '' : part > 0.96 ? '-translate-x-full' : '-translate-x-1/2');
const leftOf = (part: number) => ({ left: `${100 * part}%` });

/** The session to scale: work solid and full, rest light and low, change-over hatched, sides split, circuits bracketed. */
export function TimeStrip({
  preview,
  current,
  onPick,
}: {
  preview: Schemas['PreviewView'];
  current: string | null;
  onPick: (item: string) => void;
}) {
  const askWork = useSum('work');
  const askRest = useSum('rest');
  const askChangeOver = useSum('change-over');
  const total = preview.totals.total;
  if (total === 0)
    return (
      <p className="rounded-md border border-dashed border-rail p-5 text-center text-ink3">
        The time strip shows here once there is an exercise.
      </p>
    );
  const span = Math.max(total, preview.targetSeconds);
  const x = (seconds: number) => (seconds / span) * WIDTH;
  const every = span <= 600 ? 60 : span <= 1500 ? 120 : 300;
  const marks = Array.from({ length: Math.floor(span / every) + 1 }, (_, index) => index * every);

  const segments = preview.segments.reduce<{ segment: Schemas['SegmentView']; from: number }[]>((laid, segment) => {
    const last = laid.at(-1);
    return [...laid, { segment, from: last ? last.from + last.segment.seconds : 0 }];
  }, []);
  const names = new Map(preview.blocks.flatMap((block) => block.items.map((item) => [item.id, item.name])));
  const circuits = preview.blocks
    .filter((block) => block.kind === 'circuit')
    .map((block) => {
      const ids = new Set(block.items.map((item) => item.id));
      const inside = segments.filter(({ segment }) => ids.has(segment.item) && segment.stretch !== 'change-over');
      const lastOne = inside.at(-1);
      return {
        from: inside[0]?.from ?? 0,
        to: lastOne ? lastOne.from + lastOne.segment.seconds : 0,
        rounds: block.rounds,
        name: ids.size === 2 ? 'superset' : 'circuit',
      };
    });

  return (
    <figure aria-label={`Time strip: ${preview.totals.totalText} of ${preview.targetText}`}>
      {/* Scrolled by keys too where the strip is wider than the screen. */}
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
      <div role="group" tabIndex={0} aria-label="The strip" className="overflow-x-auto">
        <div className="relative w-full max-sm:w-170">
          <div aria-hidden="true" className="relative h-5 font-mono text-sm leading-5 text-ink3">
            {marks.map((mark) => (
              <span key={mark} className={cx('absolute', placeOf(mark / span))} style={leftOf(mark / span)}>
                {clock(mark)}
              </span>
            ))}
          </div>
          <svg viewBox={`0 18 ${WIDTH} ${circuits.length > 0 ? 72 : 60}`} className="block w-full" role="presentation">
            <defs>
              <pattern id="strip-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <path d="M0 0v6" className="stroke-rung-edge" strokeWidth="2" />
              </pattern>
            </defs>
            {marks.map((mark) => (
              <path key={mark} d={`M${x(mark)} 20V76`} className="stroke-hairline" />
            ))}
            {segments.map(({ segment, from }, index) => {
              const width = Math.max(0.6, x(segment.seconds) - 0.8);
              const work = segment.stretch === 'work';
              const lifted = current !== null && segment.item === current;
              const y = work ? (segment.side === 'right' ? 47 : 26) : 56;
              const height = work ? (segment.side === 'both' ? 44 : 23) : 14;
              return (
                <rect
                  key={index}
                  x={x(from)}
                  y={y}
                  width={width}
                  height={height}
                  rx="1.5"
                  onClick={() => onPick(segment.item)}
                  className={
                    work
                      ? lifted
                        ? 'fill-rowan'
                        : 'fill-ink'
                      : segment.stretch === 'rest' || segment.stretch === 'gap'
                        ? 'fill-rung'
                        : undefined
                  }
                  fill={segment.stretch === 'change-over' || segment.stretch === 'side-change' ? 'url(#strip-hatch)' : undefined}
                >
                  <title>
                    {names.get(segment.item)}: {segment.stretch.replace('-', ' ')} {segment.seconds} s
                    {segment.side !== 'both' ? `, ${segment.side}` : ''}
                  </title>
                </rect>
              );
            })}
            <path d="M0 70.5H1000" className="stroke-rail" />
            <path d={`M${Math.min(WIDTH - 1, x(preview.targetSeconds))} 18V78`} className="stroke-rowan" strokeWidth="2" />
            {circuits.map((circuit, index) => (
              <g key={index}>
                <path d={`M${x(circuit.from)} 80v8H${x(circuit.to)}v-8`} className="fill-none stroke-ink2" strokeWidth="1.5" />
              </g>
            ))}
          </svg>
          {circuits.length > 0 && (
            <div className="relative h-5 text-sm text-ink2">
              {circuits.map((circuit, index) => (
                <span
                  key={index}
                  className="absolute -translate-x-1/2 whitespace-nowrap"
                  style={{ left: `${(50 * (circuit.from + circuit.to)) / span}%` }}
                >
                  {circuit.name} × {circuit.rounds}
                </span>
              ))}
            </div>
          )}
        </div>
      </div>
      <figcaption className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-sm text-ink2">
        <span className="flex items-center gap-2">
          <span aria-hidden="true" className="size-3 rounded-sm bg-ink" /> work{' '}
          <WhyAsked title="Work" ask={askWork} className="font-mono font-bold text-ink">
            {preview.totals.workText}
          </WhyAsked>
        </span>
        <span className="flex items-center gap-2">
          <span aria-hidden="true" className="size-3 rounded-sm bg-rung" /> rest{' '}
          <WhyAsked title="Rest" ask={askRest} className="font-mono font-bold text-ink">
            {preview.totals.restText}
          </WhyAsked>
        </span>
        <span className="flex items-center gap-2">
          <span aria-hidden="true" className="hatched size-3 rounded-sm" /> change-over{' '}
          <WhyAsked title="Change-over" ask={askChangeOver} className="font-mono font-bold text-ink">
            {preview.totals.changeOverText}
          </WhyAsked>
        </span>
        <span>
          density <strong className="font-mono text-ink">{preview.totals.densityPercent} %</strong>
        </span>
        <span className="ml-auto max-sm:hidden">upper half left, lower half right</span>
      </figcaption>
    </figure>
  );
}
