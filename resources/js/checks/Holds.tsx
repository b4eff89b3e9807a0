import type { Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { NormBand } from './NormBand';

type ChecksData = Schemas['ChecksView'];
type HoldTest = Schemas['HoldTestView'];

function HoldLines({ test, onTime, onTakeBack }: { test: HoldTest; onTime: () => void; onTakeBack: (id: string) => void }) {
  // The newest of the sides: its identifier is made from the time.
  const newest = test.sides
    .flatMap((side) => side.history.slice(0, 1).map((row) => row.id))
    .sort()
    .at(-1);
  const open = test.inTurn.length > 0;
  const again = test.sides.some((side) => side.last !== null);
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-x-3 gap-y-1 rounded-md border border-hairline bg-sheet py-1.5 pr-3 pl-4 @lg:grid-cols-[9rem_1fr_auto]">
      <span className="font-semibold">{test.label}</span>
      <div className="order-last col-span-2 grid gap-0.5 @lg:order-none @lg:col-span-1">
        {test.sides.map((side) => (
          <div
            key={side.side}
            className="grid grid-cols-[2.5rem_4.5rem_1fr] items-center gap-x-3 @3xl:grid-cols-[2.5rem_4.5rem_12rem_1fr]"
          >
            <span className="text-sm text-ink2">{side.side === 'both' ? '' : side.side}</span>
            {side.reason && side.last !== null ? (
              <Why
                title={test.label}
                reasons={side.change ? [side.reason, side.change] : side.reason}
                className="text-right font-mono text-lg font-bold"
              >
                {side.last} s
              </Why>
            ) : (
              <span className={cx('text-ink3', side.ruledOut ? 'col-span-2' : 'text-right')}>
                {side.ruledOut ? (
                  <Why title="Not tested" reasons={side.ruledOut} className="text-ochre">
                    {side.ruledOut.inputs[0]?.value}
                  </Why>
                ) : (
                  '–'
                )}
              </span>
            )}
            {side.ruledOut === null && (
              <NormBand side={side} label={`${test.label}${side.side === 'both' ? '' : `, ${side.side}`}`} />
            )}
            <span className="hidden text-sm text-ink2 @3xl:inline">
              {side.percentile !== null
                ? `${side.percentile} of 100 held less`
                : side.norm
                  ? `mean ${side.norm.mean} s`
                  : side.best !== null && side.best !== side.last
                    ? `best ${side.best} s`
                    : side.history[0] && day(side.history[0].testedOn)}
            </span>
          </div>
        ))}
      </div>
      <div className="grid justify-items-end gap-0.5">
        <Button disabled={!open} aria-label={`${again ? 'Again' : 'Time it'}: ${test.label}`} onClick={onTime}>
          {again ? 'Again' : 'Time it'}
        </Button>
        {newest && (
          <Button
            look="quiet"
            className="min-h-6 py-0 text-sm"
            aria-label={`Take back the last: ${test.label}`}
            onClick={() => onTakeBack(newest)}
          >
            take back
          </Button>
        )}
      </div>
    </li>
  );
}

/** The timed holds with what was held, and what stands out among them. */
export function HoldSection({
  next,
  tested,
  time,
  checks,
  onTakeBack,
}: {
  onTakeBack: (id: string) => void;
  next: HoldTest | undefined;
  tested: boolean;
  time: (test: Schemas['HoldTestView']) => void;
  checks: ChecksData;
}) {
  return (
    <section className="grid gap-2" aria-labelledby="holds">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 id="holds" className="text-xl">
          Timed holds
        </h2>
        {next && (
          <Button look={tested ? 'plain' : 'next'} hotkey="T" onClick={() => time(next)}>
            Time: {next.label.toLowerCase()}
          </Button>
        )}
      </div>
      <ul className="@container grid gap-1">
        {checks.holds.map((one) => (
          <HoldLines key={one.kind} test={one} onTime={() => time(one)} onTakeBack={onTakeBack} />
        ))}
      </ul>
      {checks.notes.length > 0 && (
        <div className="grid gap-1.5 border-l-4 border-ochre bg-paper p-3">
          {checks.notes.map((note) => (
            <Why key={note.sentence} title="A note" reasons={note}>
              {note.sentence}
            </Why>
          ))}
        </div>
      )}
      <p className="text-sm text-ink3">
        {checks.holds.some((test) => test.sides.some((side) => side.norm !== null))
          ? 'The band is the published mean with one standard deviation each way, in healthy students of 18 to 35.'
          : 'A band of published times is drawn once the person’s form says whose norms to compare with.'}{' '}
        A hold to the end of form is hard work: warm up first, stop at pain. Local rules and the advice of a licensed professional
        come first.
      </p>
    </section>
  );
}
