import { useId } from 'react';
import { cx } from './cx';

/** A clock time, or none: told once it is whole, and once it is emptied. */
export function TimeField({
  label,
  value,
  bare = false,
  onChange,
}: {
  label: string;
  value: string | null | undefined;
  /** The label for screen readers only. */
  bare?: boolean;
  onChange: (time: string | null) => void;
}) {
  const id = useId();
  return (
    <div className={cx('grid gap-1', bare && 'inline-grid')}>
      <label htmlFor={id} className={bare ? 'sr-only' : 'font-semibold'}>
        {label}
      </label>
      <input
        key={value ?? ''}
        id={id}
        type="time"
        defaultValue={value ?? ''}
        onBlur={(event) => {
          const time = event.target.value === '' ? null : event.target.value.slice(0, 5);
          if (time !== (value ?? null)) onChange(time);
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        className="min-h-9 rounded-md border border-rung-edge bg-paper px-2 font-mono text-ink"
      />
    </div>
  );
}
