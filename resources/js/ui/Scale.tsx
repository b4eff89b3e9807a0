import { cx } from './cx';

/** Eleven keys from 0 to 10, large enough for the floor. */
export function Scale({ name, value, onChange }: { name: string; value: number | null; onChange: (value: number) => void }) {
  return (
    <div className="grid grid-cols-11 gap-1">
      {Array.from({ length: 11 }, (_, number) => (
        <button
          key={number}
          type="button"
          aria-label={`${name} ${number}`}
          aria-pressed={value === number}
          onClick={() => onChange(number)}
          className={cx('h-11 rounded-md border font-mono', value === number ? 'border-ink bg-ink text-ground' : 'border-rail')}
        >
          {number}
        </button>
      ))}
    </div>
  );
}
