import { cx } from './cx';

/** Eleven keys from 0 to 10, large enough for the floor. What was said last is marked, and never taken for granted. */
export function Scale({
  name,
  value,
  last,
  onChange,
}: {
  name: string;
  value: number | null;
  last?: number | null | undefined;
  onChange: (value: number) => void;
}) {
  return (
    <div className="grid grid-cols-11 gap-1">
      {Array.from({ length: 11 }, (_, number) => (
        <button
          key={number}
          type="button"
          aria-label={`${name} ${number}`}
          // Of ARIA 1.3, for whatever has a name.
          // oxlint-disable-next-line jsx-a11y/role-supports-aria-props
          aria-description={last === number ? 'as last time' : undefined}
          aria-pressed={value === number}
          onClick={() => onChange(number)}
          className={cx(
            'h-11 rounded-md border font-mono',
            value === number ? 'border-ink bg-ink text-ground' : 'border-rail',
            last === number && 'outline-2 -outline-offset-4 outline-ochre outline-dashed',
          )}
        >
          {number}
        </button>
      ))}
    </div>
  );
}
