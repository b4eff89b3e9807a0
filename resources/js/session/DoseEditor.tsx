import { Popover } from 'radix-ui';
import { useId, type Ref } from 'react';
import { cx } from '@/ui/cx';
import type { Schemas } from '@/api/client';
import { hasFields, lineOf, type Fields } from './doseLine';

/** A dose as one typed line, or by fields; both write the same line. */
export function DoseEditor({
  item,
  value,
  onChange,
  onSettle,
  inputRef,
}: {
  item: Schemas['ItemView'];
  /** What is written now; may be ahead of what the server has read. */
  value: string;
  onChange: (line: string) => void;
  onSettle: () => void;
  inputRef?: Ref<HTMLInputElement>;
}) {
  const id = useId();
  const problem = item.problem;
  return (
    <div className="grid gap-1">
      <div className="flex">
        <input
          ref={inputRef}
          aria-label={`Dose of ${item.name}`}
          aria-invalid={problem ? true : undefined}
          aria-describedby={problem ? id : undefined}
          spellCheck={false}
          autoComplete="off"
          value={value}
          onChange={(event) => onChange(event.target.value)}
          onBlur={onSettle}
          onKeyDown={(event) => event.key === 'Enter' && onSettle()}
          className={cx(
            'min-h-9 w-full min-w-0 rounded-l-md border bg-paper px-2.5 font-mono sm:w-56',
            problem ? 'border-rowan' : 'border-rung-edge',
          )}
        />
        <Popover.Root>
          <Popover.Trigger
            disabled={!hasFields(item.fields)}
            aria-label={`Fields of the dose of ${item.name}`}
            title={hasFields(item.fields) ? 'By fields' : 'This kind of dose is written as a line'}
            className="min-h-9 min-w-9 rounded-r-md border border-l-0 border-rung-edge bg-sheet px-2 text-ink2 hover:text-ink disabled:opacity-50"
          >
            <svg viewBox="0 0 16 16" className="size-4" aria-hidden="true">
              <path d="M2 5h12M2 11h12" className="stroke-current" strokeWidth="1.5" />
              <circle cx="6" cy="5" r="2.2" className="fill-current" />
              <circle cx="11" cy="11" r="2.2" className="fill-current" />
            </svg>
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              sideOffset={6}
              align="end"
              aria-label={`Fields of the dose of ${item.name}`}
              className="z-30 w-72 rounded-lg border border-rail bg-sheet p-4 text-ink"
            >
              {hasFields(item.fields) && (
                <FieldsOf key={value} fields={item.fields} onChange={(fields) => onChange(lineOf(fields))} />
              )}
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      </div>
      {problem && (
        <p id={id} role="alert" className="max-w-70 text-sm font-semibold text-rowan">
          {problem}
        </p>
      )}
    </div>
  );
}

function FieldsOf({ fields, onChange }: { fields: Fields; onChange: (fields: Fields) => void }) {
  const side = fields.perSide ? ' each side' : '';
  const number = (label: string, key: 'sets' | 'count' | 'seconds' | 'gapSeconds', unit = '') => (
    <label className="grid gap-1 text-sm">
      {label}
      <span className="flex items-center gap-1">
        <input
          type="number"
          min={0}
          defaultValue={fields[key]}
          onBlur={(event) =>
            Number(event.target.value) !== fields[key] && onChange({ ...fields, [key]: Number(event.target.value) })
          }
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          className="min-h-9 w-full rounded-md border border-rung-edge bg-paper px-2 font-mono"
        />
        {unit}
      </span>
    </label>
  );
  const text = (label: string, key: 'tempo' | 'kilograms', placeholder: string) => (
    <label className="grid gap-1 text-sm">
      {label}
      <input
        defaultValue={fields[key] ?? ''}
        placeholder={placeholder}
        onBlur={(event) =>
          event.target.value !== (fields[key] ?? '') &&
          onChange({ ...fields, [key]: event.target.value === '' ? null : event.target.value })
        }
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        className="min-h-9 w-full rounded-md border border-rung-edge bg-paper px-2 font-mono"
      />
    </label>
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {number('Sets', 'sets')}
      {fields.kind === 'reps' && number(`Repetitions${side}`, 'count')}
      {fields.kind === 'hold' && number(`Holds${side}`, 'count')}
      {fields.kind === 'carry' && number(`Way${side}`, 'count', 'm')}
      {(fields.kind === 'hold' || fields.kind === 'timed') &&
        number(fields.kind === 'hold' ? 'Each hold' : 'Work', 'seconds', 's')}
      {fields.kind === 'hold' && fields.count > 1 && number('Gap between holds', 'gapSeconds', 's')}
      {(fields.kind === 'reps' || fields.kind === 'timed') && text('Tempo', 'tempo', 'default')}
      <label className="grid gap-1 text-sm">
        Rest between sets
        <span className="flex items-center gap-1">
          <input
            type="number"
            min={0}
            defaultValue={fields.restSeconds ?? ''}
            placeholder="default"
            onBlur={(event) => {
              const rest = event.target.value === '' ? null : Number(event.target.value);
              if (rest !== fields.restSeconds) onChange({ ...fields, restSeconds: rest });
            }}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            className="min-h-9 w-full rounded-md border border-rung-edge bg-paper px-2 font-mono"
          />
          s
        </span>
      </label>
      {text('Load, kg', 'kilograms', 'none')}
      <p className="col-span-2 text-sm text-ink3">
        Written as <span className="font-mono">{lineOf(fields)}</span>
      </p>
    </div>
  );
}
