import type { Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';

type Load = Schemas['LoadView'];

const WIDTH = 800;
const HEIGHT = 120;

/** Eight weeks of load and the plan ahead, a bar a day; under each week its total, monotony and strain, which open their sums. */
export function LoadChart({ load }: { load: Load }) {
  const weeks = [...load.weeks, ...load.ahead];
  const behind = load.weeks.length;
  const highest = Math.max(1, ...weeks.flatMap((week) => week.days));
  const week = WIDTH / weeks.length;
  const slot = (week - 12) / 7;
  return (
    <section className="mt-6">
      <h2 className="text-xl">Load, core work only</h2>
      <p className="text-sm text-ink2">
        Effort × minutes of each session; weeks of seven days, the last one up to today
        {load.ahead.length > 0 && '; open bars are planned'}.
      </p>
      {load.rise && (
        <Why title="Weekly rise" reasons={load.rise} className="mt-2 block border-l-4 border-ochre bg-sheet p-2 text-sm">
          ◇ {load.rise.sentence}
        </Why>
      )}
      {load.aheadRise && (
        <Why
          title="Weekly rise ahead"
          reasons={load.aheadRise}
          className="mt-2 block border-l-4 border-ochre bg-sheet p-2 text-sm"
        >
          ◇ {load.aheadRise.sentence}
        </Why>
      )}
      <figure className="mt-3 overflow-x-auto rounded-lg border border-hairline bg-sheet p-4">
        <div className="min-w-160">
          <p aria-hidden="true" className="font-mono text-sm leading-4 text-ink3">
            {highest}
          </p>
          <svg viewBox={`0 0 ${WIDTH} ${HEIGHT + 4}`} className="block w-full" role="presentation">
            <path d={`M0 ${HEIGHT}H${WIDTH}`} className="stroke-rail" />
            {load.ahead.length > 0 && <path d={`M${behind * week - 5} 0V${HEIGHT}`} className="stroke-rail" />}
            <path d={`M0 18H${WIDTH}`} className="stroke-hairline" strokeDasharray="2 4" />
            {weeks.map((each, at) =>
              each.days.map((value, index) => {
                const height = (value / highest) * (HEIGHT - 18);
                return (
                  <rect
                    key={`${each.first} ${index}`}
                    x={at * week + index * slot}
                    y={HEIGHT - height}
                    width={slot - 2}
                    height={height}
                    className={at >= behind ? 'fill-none stroke-ink' : at === behind - 1 ? 'fill-rowan' : 'fill-ink'}
                  />
                );
              }),
            )}
          </svg>
          <ol className="grid text-sm" style={{ gridTemplateColumns: `repeat(${weeks.length}, minmax(0, 1fr))` }}>
            {weeks.map((each, at) => (
              <li
                key={each.first}
                className={cx(
                  'grid content-start pr-3',
                  at === behind - 1 && 'font-semibold',
                  at >= behind && 'border-l border-hairline pl-1 text-ink2',
                )}
              >
                <span className="whitespace-nowrap text-ink3">{day(each.last).replace(/^\w+ /, '')}</span>
                <Why title={`Load, ${day(each.first)} to ${day(each.last)}`} reasons={each.reason} className="font-mono">
                  {each.total === 0 && each.unknown > 0 ? '–' : each.total}
                </Why>
                <span className="font-mono text-ink2">{each.monotony || '–'}</span>
                <span className="font-mono text-ink2">{each.strain || '–'}</span>
                {each.unknown > 0 && <span className="text-ochre">+{each.unknown} without effort or time</span>}
              </li>
            ))}
          </ol>
        </div>
        <figcaption className="mt-2 text-sm text-ink3">Under each week: its last day, its load, monotony and strain.</figcaption>
      </figure>
    </section>
  );
}
