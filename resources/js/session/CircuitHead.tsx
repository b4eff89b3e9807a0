import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';

/** Whole seconds of a rest in a circuit. */
export function RestField({
  label,
  seconds,
  onChange,
  className,
}: {
  label: string;
  seconds: number;
  onChange: (seconds: number) => void;
  className?: string;
}) {
  return (
    <label className={cx('flex items-center gap-2 text-sm text-ink2', className)}>
      {label}
      <input
        type="number"
        min={0}
        max={600}
        value={seconds}
        onChange={(event) => onChange(Math.round(Number(event.target.value)))}
        className="min-h-8 w-18 rounded-md border border-rung-edge bg-paper px-2 font-mono text-ink"
      />
      s
    </label>
  );
}

/** What a circuit is, over its stations. */
export function CircuitHead({
  view,
  stations,
  roundRest,
  onRoundRest,
}: {
  view: Schemas['BlockView'] | undefined;
  stations: number;
  roundRest: number;
  onRoundRest: (seconds: number) => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <strong>
        {stations === 2 ? 'Superset' : 'Circuit'}, {view?.rounds ?? 1} {view?.rounds === 1 ? 'round' : 'rounds'}
      </strong>
      <RestField label="between rounds" seconds={roundRest} onChange={onRoundRest} />
      <span className="ml-auto font-mono">{view?.totals?.totalText}</span>
    </div>
  );
}
