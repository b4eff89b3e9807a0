import { lazy, Suspense, useId, useRef, useState } from 'react';
import { cx } from './cx';
import { Below, described } from './Field';
import { plusDays, typedDate, writtenDate } from './typedDate';
import { today } from './day';

const Calendar = lazy(() => import('./Calendar'));

/**
 * A date, typed freely (`27 11`, `27.11.`, `+3`, `fri`), walked by the arrow keys, or picked from a calendar that begins on
 * Monday. What cannot be read stays as it was typed, and is said.
 */
export function DateField({
  label,
  value,
  onChange,
  problem,
  hint,
  past = false,
  bare = false,
  className,
}: {
  label: string;
  /** iso; empty for none */
  value: string;
  onChange: (value: string) => void;
  problem?: string | undefined;
  hint?: string;
  /** dates of the past are asked for: one without a year, and a day of the week, lie behind */
  past?: boolean;
  /** in the middle of a line: its label stands beside it */
  bare?: boolean;
  className?: string;
}) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const calendar = useRef<HTMLDivElement>(null);
  const [opened, setOpened] = useState(false);
  const read = typed === null ? null : typedDate(typed, today(), past);
  const unread = typed !== null && typed.trim() !== '' && read === null;
  const said = problem ?? (unread ? `“${typed}” is no date: write the day, then the month, such as 27 11.` : undefined);

  const type = (text: string) => {
    setTyped(text);
    const date = text.trim() === '' ? '' : typedDate(text, today(), past);
    if (date !== null && date !== value) onChange(date);
  };
  const walk = (days: number) => {
    setTyped(null);
    onChange(value === '' ? today() : plusDays(value, days));
  };
  return (
    <div className={cx(bare ? 'flex min-w-0 flex-wrap items-center gap-1.5' : 'grid content-start gap-1', className)}>
      <label htmlFor={id} className={bare ? undefined : 'font-semibold'}>
        {label}
      </label>
      <span className="flex min-w-0">
        <input
          id={id}
          inputMode="text"
          autoComplete="off"
          placeholder="27 11, +3, fri"
          value={typed ?? writtenDate(value)}
          {...described(id, said, hint)}
          className={cx('field min-w-0 rounded-r-none', bare && 'min-h-9 w-44 py-1')}
          onFocus={(event) => event.currentTarget.select()}
          onChange={(event) => type(event.target.value)}
          onBlur={() => !unread && setTyped(null)}
          onKeyDown={(event) => {
            const days = { ArrowUp: 1, ArrowDown: -1, PageUp: 7, PageDown: -7 }[event.key];
            if (days === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
            event.preventDefault();
            walk(days);
          }}
        />
        <button
          type="button"
          aria-label={`${label}: calendar`}
          popoverTarget={`${id}-calendar`}
          onClick={() => setOpened(true)}
          className="min-w-10 rounded-r-md border border-l-0 border-rung-edge bg-paper hover:bg-sheet"
        >
          <svg viewBox="0 0 16 16" className="mx-auto size-4 fill-none stroke-current" strokeWidth="1.4" aria-hidden="true">
            <path d="M2 4.5h12v9H2zM2 7.5h12M5 2.5v3M11 2.5v3" />
          </svg>
        </button>
      </span>
      <div
        ref={calendar}
        id={`${id}-calendar`}
        popover="auto"
        className="[inset:0] inset-auto m-auto rounded-lg border border-rail bg-sheet p-3 text-ink"
      >
        {opened && (
          <Suspense fallback={<p>Opening …</p>}>
            <Calendar
              label={label}
              value={value === '' ? today() : value}
              onPick={(date) => {
                setTyped(null);
                onChange(date);
                calendar.current?.hidePopover();
              }}
            />
          </Suspense>
        )}
      </div>
      <Below id={id} hint={hint} problem={said} />
    </div>
  );
}
