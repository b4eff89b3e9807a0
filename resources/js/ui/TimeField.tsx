import { useId, useState } from 'react';
import { Below, described } from './Field';
import { cx } from './cx';
import { typedTime } from './typedDate';

/** A clock time, or none: read once its field is left. What cannot be read stays, with a sentence. */
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
  const [problem, setProblem] = useState<string>();
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className={bare ? 'sr-only' : 'font-semibold'}>
        {label}
      </label>
      <input
        // What is kept elsewhere, such as by undo, takes the place of what was typed.
        key={value ?? ''}
        id={id}
        defaultValue={value ?? ''}
        placeholder="–:–"
        inputMode="numeric"
        autoComplete="off"
        onBlur={(event) => {
          const typed = event.target.value.trim();
          const time = typed === '' ? null : typedTime(typed);
          setProblem(time === undefined ? 'A clock time is written as 17:30.' : undefined);
          if (time !== undefined && time !== (value ?? null)) onChange(time);
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        {...described(id, problem)}
        className={cx(
          'min-h-9 w-full rounded-md border bg-paper px-2 font-mono text-ink',
          bare && 'max-w-20',
          problem ? 'border-rowan' : 'border-rung-edge',
        )}
      />
      <Below id={id} problem={problem} />
    </div>
  );
}
