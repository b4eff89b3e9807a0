import { useId, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, type TextareaHTMLAttributes } from 'react';
import { cx } from './cx';

type Shared = { label: string; hint?: ReactNode; problem?: string | undefined; wide?: boolean };

/** What is wrong with a field, else what helps to fill it in. */
export function Below({ id, hint, problem }: { id: string; hint?: ReactNode; problem?: string | undefined }) {
  if (problem)
    return (
      <p id={`${id}-problem`} role="alert" className="text-sm font-semibold text-rowan">
        {problem}
      </p>
    );
  return hint ? (
    <p id={`${id}-hint`} className="text-sm text-ink3">
      {hint}
    </p>
  ) : null;
}

function Frame({ id, label, hint, problem, wide, children }: Shared & { id: string; children: ReactNode }) {
  return (
    <div className={cx('grid content-start gap-1', wide && 'col-span-full')}>
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      {children}
      <Below id={id} hint={hint} problem={problem} />
    </div>
  );
}

export const described = (id: string, problem?: string, hint?: ReactNode) => ({
  'aria-invalid': problem ? true : undefined,
  'aria-describedby': problem ? `${id}-problem` : hint ? `${id}-hint` : undefined,
});

/** A line of text with its label, hint and problem. */
export function TextField({ label, hint, problem, wide, className, ...rest }: Shared & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId();
  return (
    <Frame {...{ id, label, hint, problem, wide }}>
      <input id={id} className={cx('field', className)} {...described(id, problem, hint)} {...rest} />
    </Frame>
  );
}

export function TextArea({
  label,
  hint,
  problem,
  wide,
  className,
  ...rest
}: Shared & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  const id = useId();
  return (
    <Frame {...{ id, label, hint, problem, wide }}>
      <textarea id={id} rows={2} className={cx('field', className)} {...described(id, problem, hint)} {...rest} />
    </Frame>
  );
}

export function SelectField({
  label,
  hint,
  problem,
  wide,
  className,
  children,
  ...rest
}: Shared & SelectHTMLAttributes<HTMLSelectElement>) {
  const id = useId();
  return (
    <Frame {...{ id, label, hint, problem, wide }}>
      <select id={id} className={cx('field', className)} {...described(id, problem, hint)} {...rest}>
        {children}
      </select>
    </Frame>
  );
}

/** Several choices that can be on at once, as keys to press. */
export function Choices<Value extends string | number>({
  legend,
  options,
  chosen,
  onChange,
  problem,
}: {
  legend: string;
  options: { value: Value; label: string }[];
  chosen: Value[];
  onChange: (chosen: Value[]) => void;
  problem?: string | undefined;
}) {
  return (
    <fieldset className="col-span-full grid gap-1.5">
      <legend className="mb-1 font-semibold">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map(({ value, label }) => {
          const on = chosen.includes(value);
          return (
            <button
              key={value}
              type="button"
              aria-pressed={on}
              onClick={() => onChange(on ? chosen.filter((other) => other !== value) : [...chosen, value])}
              className={cx(
                'min-h-8 rounded-md border px-2.5 py-1 text-sm',
                on ? 'border-ink bg-ink text-ground' : 'border-rung-edge bg-paper hover:border-ink',
              )}
            >
              {label}
            </button>
          );
        })}
      </div>
      {problem && (
        <p role="alert" className="text-sm font-semibold text-rowan">
          {problem}
        </p>
      )}
    </fieldset>
  );
}
