import { cx } from './cx';

/** A few choices side by side of which one holds. */
export function OneOf<Value extends string>({
  legend,
  options,
  value,
  onChange,
}: {
  legend: string;
  /** what each is called */
  options: Record<Value, string>;
  value: Value;
  onChange: (value: Value) => void;
}) {
  return (
    <fieldset className="flex print:hidden">
      <legend className="sr-only">{legend}</legend>
      {(Object.keys(options) as Value[]).map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={value === one}
          onClick={() => onChange(one)}
          className={cx(
            'min-h-9 border-y border-r border-ink2 px-3 last:rounded-r-md first-of-type:rounded-l-md first-of-type:border-l',
            value === one ? 'bg-ink text-ground' : 'bg-paper',
          )}
        >
          {options[one]}
        </button>
      ))}
    </fieldset>
  );
}
