import { useRef, useState, type KeyboardEvent } from 'react';
import { cx } from './cx';

const LAST = 10;
const numbers = Array.from({ length: LAST + 1 }, (_, number) => number);

/** Where an arrow leads along the scale; null for every other key. */
function stepped(key: string, from: number): number | null {
  if (key === 'Home') return 0;
  if (key === 'End') return LAST;
  if (key === 'ArrowRight' || key === 'ArrowUp') return Math.min(LAST, from + 1);
  if (key === 'ArrowLeft' || key === 'ArrowDown') return Math.max(0, from - 1);
  return null;
}

/**
 * Eleven keys from 0 to 10, large enough for the floor. What was said last is marked, and never taken for granted. For the
 * keyboard it is one stop: arrows walk along it, a digit is the answer, and 1 with 0 after it is 10.
 */
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
  const [at, walk] = useState<number | null>(null);
  const typed = useRef('');
  const press = (event: KeyboardEvent<HTMLDivElement>) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const isDigit = /^\d$/.test(event.key);
    const goal = isDigit
      ? event.key === '0' && typed.current === '1'
        ? LAST
        : Number(event.key)
      : stepped(event.key, at ?? value ?? last ?? 0);
    typed.current = isDigit ? event.key : '';
    if (goal === null) return;
    event.preventDefault();
    // The view may have other answers on the digits.
    event.stopPropagation();
    event.currentTarget.querySelectorAll('button')[goal]?.focus();
    if (isDigit) onChange(goal);
  };
  return (
    <div
      role="toolbar"
      aria-label={name}
      tabIndex={-1}
      className="grid grid-cols-11 gap-1 outline-none"
      onKeyDown={press}
      onBlur={() => walk(null)}
    >
      {numbers.map((number) => (
        <button
          key={number}
          type="button"
          aria-label={`${name} ${number}`}
          // Of ARIA 1.3, for whatever has a name.
          // oxlint-disable-next-line jsx-a11y/role-supports-aria-props
          aria-description={last === number ? 'as last time' : undefined}
          aria-pressed={value === number}
          tabIndex={number === (at ?? value ?? last ?? 0) ? 0 : -1}
          onFocus={() => walk(number)}
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
