import type { Schemas } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { longDay } from '@/ui/day';

type View = Schemas['HomeView'];

/** How far somebody has come: said by fact. */
export function Progress({ home: { climbs, evenness } }: { home: View }) {
  if (climbs.length === 0 && !evenness) return null;
  return (
    <section aria-labelledby="climbs" className="grid gap-2">
      <h2 id="climbs" className="text-xl">
        {climbs.length > 0 ? 'You have climbed' : 'Where you stand'}
      </h2>
      <ul className="grid gap-1.5">
        {climbs.map((climb) => (
          <li
            key={`${climb.on} ${climb.name}`}
            className="grid grid-cols-[5rem_1fr] items-center gap-4 rounded-md bg-sheet px-4 py-2"
          >
            <Figure figure={climb.figure} label={climb.name} className="h-12 w-20" />
            <span>
              <span className="block font-semibold">{climb.name}</span>
              <span className="text-base text-ink2">{longDay(climb.on)}</span>
            </span>
          </li>
        ))}
      </ul>
      {evenness && <EvennessLine evenness={evenness} />}
    </section>
  );
}

const WIDTH = 300;
const HIGH = 56;

/** How far apart lowest and highest rung stood, week by week: the lower, the more even. */
function EvennessLine({ evenness: { weeks, sentence } }: { evenness: NonNullable<View['evenness']> }) {
  const most = Math.max(10, ...weeks);
  const at = (tenths: number, index: number) =>
    `${weeks.length === 1 ? WIDTH : (index * (WIDTH - 12)) / (weeks.length - 1) + 6} ${HIGH - 6 - (tenths / most) * (HIGH - 12)}`;
  const [x, y] = at(weeks.at(-1) ?? 0, weeks.length - 1).split(' ');
  return (
    <figure className="grid gap-1 rounded-md bg-sheet px-4 py-3">
      {weeks.length > 1 && (
        <svg viewBox={`0 0 ${WIDTH} ${HIGH}`} aria-hidden="true" className="h-14 w-full">
          <path d={`M6 ${HIGH - 6}H${WIDTH - 6}`} className="stroke-rail" strokeWidth="1" />
          <path d={`M${weeks.map(at).join('L')}`} fill="none" className="stroke-ink" strokeWidth="2" />
          <circle cx={x} cy={y} r="4" className="fill-ink" />
        </svg>
      )}
      <figcaption className="text-base">{sentence} The closer, the more even your strength.</figcaption>
    </figure>
  );
}
