import { Popover } from 'radix-ui';
import { useId, useState, type Ref } from 'react';
import { cx } from '@/ui/cx';
import type { Schemas } from '@/api/client';

type Fields = Schemas['DoseFields'];

/** A dose as one typed line, or by fields: the server writes the same line from both, and says what could stand next. */
export function DoseEditor({
  item,
  value,
  current,
  onChange,
  onFields,
  onSettle,
  onNext,
  inputRef,
}: {
  item: Schemas['ItemView'];
  /** What is written now; may be ahead of what the server has read. */
  value: string;
  /** Whether the server has read what is written now. */
  current: boolean;
  onChange: (line: string) => void;
  onFields: (fields: Fields) => void;
  onSettle: () => void;
  /** On to the next dose. */
  onNext: () => void;
  inputRef?: Ref<HTMLInputElement>;
}) {
  const id = useId();
  // The fields as they were when they were opened: a half-typed number must not close them.
  const [start, setStart] = useState<Fields | null>(null);
  const problem = item.problem;
  // Completions show while the line is being typed; the arrows walk them, Tab or Enter takes one.
  const [typing, setTyping] = useState(false);
  const [at, setAt] = useState(-1);
  const offers = typing && current ? item.completions : [];
  const chosen = offers[at];
  const take = (line: string) => {
    onChange(line);
    setAt(-1);
  };
  return (
    <div className="relative grid gap-1">
      <div className="flex">
        <input
          ref={inputRef}
          role="combobox"
          aria-expanded={offers.length > 0}
          aria-controls={offers.length > 0 ? `${id}-offers` : undefined}
          aria-activedescendant={chosen === undefined ? undefined : `${id}-${at}`}
          aria-autocomplete="list"
          aria-label={`Dose of ${item.name}`}
          aria-invalid={problem ? true : undefined}
          aria-describedby={problem ? id : undefined}
          spellCheck={false}
          autoComplete="off"
          value={value}
          onChange={(event) => {
            setTyping(true);
            setAt(-1);
            onChange(event.target.value);
          }}
          onBlur={() => {
            setTyping(false);
            onSettle();
          }}
          onKeyDown={(event) => {
            if (event.altKey) return;
            if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
              event.preventDefault();
              if (!typing) setTyping(true);
              else setAt(Math.max(-1, Math.min(offers.length - 1, at + (event.key === 'ArrowDown' ? 1 : -1))));
            } else if ((event.key === 'Enter' || event.key === 'Tab') && chosen !== undefined) {
              event.preventDefault();
              take(chosen);
            } else if (event.key === 'Escape' && typing) {
              event.stopPropagation();
              setTyping(false);
            } else if (event.key === 'Enter') {
              event.preventDefault();
              setTyping(false);
              onSettle();
              onNext();
            }
          }}
          className={cx(
            'min-h-9 w-full min-w-0 rounded-l-md border bg-paper px-2.5 font-mono sm:w-48',
            // A long line stays whole in its field.
            value.length > 17 && 'text-sm',
            problem ? 'border-rowan' : 'border-rung-edge',
          )}
        />
        <Popover.Root open={start !== null} onOpenChange={(open) => setStart(open ? item.fields : null)}>
          <Popover.Trigger
            disabled={item.fields === null}
            aria-label={`Fields of the dose of ${item.name}`}
            title="By fields"
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
              {start && <FieldsOf start={start} line={item.dose} ranges={item.ranges} pulled={item.pulled} onChange={onFields} />}
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      </div>
      {offers.length > 0 && (
        <div
          id={`${id}-offers`}
          role="listbox"
          aria-label="Lines that could stand here"
          className="absolute top-full left-0 z-20 mt-1 grid w-max min-w-full rounded-md border border-rail bg-sheet p-1"
        >
          {offers.map((offer, index) => (
            // Reached by the arrows from the field; the pointer may take one too.
            // oxlint-disable-next-line jsx-a11y/click-events-have-key-events
            <div
              key={offer}
              id={`${id}-${index}`}
              role="option"
              tabIndex={-1}
              aria-selected={index === at}
              onPointerDown={(event) => event.preventDefault()}
              onClick={() => take(offer)}
              className={cx('cursor-pointer rounded-sm px-2 py-0.5 font-mono text-sm', index === at && 'bg-ink text-ground')}
            >
              {offer}
            </div>
          ))}
        </div>
      )}
      {problem && (
        <p id={id} role="alert" className="max-w-70 text-sm font-semibold text-rowan">
          {item.problemPosition !== null && item.problemPosition < value.length && item.dose === value && (
            <span className="font-mono font-normal">
              {value.slice(0, item.problemPosition)}
              <mark className="bg-rowan text-on-rowan">{value.slice(item.problemPosition)}</mark>{' '}
            </span>
          )}
          {problem}
        </p>
      )}
    </div>
  );
}

/** Starts from the dose as read; from then on the fields lead, and the server writes the line of each change. */
function FieldsOf({
  start,
  line,
  ranges,
  pulled,
  onChange,
}: {
  start: Fields;
  line: string;
  /** of the rung, smallest first */
  ranges: string[];
  /** A band or cable can be what resists. */
  pulled: boolean;
  onChange: (fields: Fields) => void;
}) {
  const [fields, setFields] = useState(start);
  const alone = fields.works === 'both' ? '' : `, ${fields.works} side`;
  const eachSide = { '/side': ' each side', ' pairs': ', pairs', ' moves': ', movements of both sides' }[fields.suffix];
  const side = alone || (fields.perSide ? eachSide : '');
  const sided = fields.perSide || fields.works !== 'both';
  const change = (part: Partial<Fields>) => {
    const next = { ...fields, ...part };
    setFields(next);
    onChange(next);
  };
  const number = (
    label: string,
    key: 'sets' | 'count' | 'seconds' | 'gapSeconds' | 'restSeconds' | 'optionalSets' | 'extraSets' | 'cap',
    unit = '',
  ) => (
    <label className="grid gap-1 text-sm">
      {label}
      <span className="flex items-center gap-1">
        <input
          type="number"
          min={0}
          value={
            fields[key] === 0 && key !== 'gapSeconds' && key !== 'optionalSets' && key !== 'extraSets' ? '' : (fields[key] ?? '')
          }
          placeholder={key === 'restSeconds' ? 'default' : key === 'cap' ? 'none' : undefined}
          onChange={(event) =>
            change({
              [key]: event.target.value === '' && (key === 'restSeconds' || key === 'cap') ? null : Number(event.target.value),
            })
          }
          className="min-h-9 w-full rounded-md border border-rung-edge bg-paper px-2 font-mono"
        />
        {unit}
      </span>
    </label>
  );
  const text = (label: string, key: 'tempo' | 'kilograms' | 'pull' | 'counts', placeholder: string) => (
    <label className="grid gap-1 text-sm">
      {label}
      <input
        value={fields[key] ?? ''}
        placeholder={placeholder}
        onChange={(event) => change({ [key]: event.target.value === '' && key !== 'counts' ? null : event.target.value })}
        className="min-h-9 w-full rounded-md border border-rung-edge bg-paper px-2 font-mono"
      />
    </label>
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {fields.kind !== 'falling' && number('Sets', 'sets')}
      {fields.kind === 'reps' && number(`Repetitions${side}`, 'count')}
      {fields.kind === 'hold' && number(`Holds${side}`, 'count')}
      {fields.kind === 'falling' && text('Holds, set by set', 'counts', '6-5-4')}
      {fields.kind === 'gathered' && number('In all', 'count', 's')}
      {fields.kind === 'open' && number(fields.forTime ? 'About' : `About${side}`, 'count', fields.forTime ? 's' : '')}
      {fields.kind === 'open' && number('At most', 'cap', fields.forTime ? 's' : '')}
      {fields.kind === 'carry' && number(`Way${side}`, 'count', 'm')}
      {['hold', 'falling', 'timed', 'gathered'].includes(fields.kind) &&
        number({ timed: 'Work', gathered: 'Each bout' }[fields.kind as string] ?? 'Each hold', 'seconds', 's')}
      {(['falling', 'gathered'].includes(fields.kind) || (fields.kind === 'hold' && fields.count > 1)) &&
        number(fields.kind === 'gathered' ? 'Gap between bouts' : 'Gap between holds', 'gapSeconds', 's')}
      {(fields.kind === 'reps' || fields.kind === 'timed') && text('Tempo', 'tempo', 'default')}
      {number('Rest between sets', 'restSeconds', 's')}
      {!(pulled && fields.pull) && text('Load, kg', 'kilograms', 'none')}
      {pulled && !fields.kilograms && text('Band, or newtons', 'pull', 'light, strong, 80N')}
      {ranges.length > 0 && (
        <Pick
          label="Range"
          value={fields.range ?? ranges[0] ?? ''}
          options={Object.fromEntries(ranges.map((range) => [range, range.replace(/cm$/, ' cm')]))}
          onChange={(range) => change({ range })}
        />
      )}
      {number('More sets if clean', 'optionalSets')}
      {sided && (
        <Pick
          label="Who works"
          value={fields.works}
          options={{ both: 'left and right', left: 'left only', right: 'right only' }}
          onChange={(works) => change({ works: works as Fields['works'], extraSets: 0, extraSide: null })}
        />
      )}
      {sided && fields.works === 'both' && (
        <>
          {number('Extra sets of one side', 'extraSets')}
          {fields.extraSets > 0 && (
            <Pick
              label="Of"
              value={fields.extraSide ?? 'left'}
              options={{ left: 'left side', right: 'right side' }}
              onChange={(extraSide) => change({ extraSide: extraSide as Fields['extraSide'] })}
            />
          )}
        </>
      )}
      <p className="col-span-2 text-sm text-ink3">
        Written as <span className="font-mono">{line}</span>
      </p>
    </div>
  );
}

function Pick({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: Record<string, string>;
  onChange: (value: string) => void;
}) {
  return (
    <label className="grid gap-1 text-sm">
      {label}
      <select
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="min-h-9 w-full rounded-md border border-rung-edge bg-paper px-2"
      >
        {Object.entries(options).map(([name, words]) => (
          <option key={name} value={name}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
