import { useId, useState } from 'react';
import { CLOCK } from './limits';
import type { Squad } from './useSquad';

type Name = keyof typeof CLOCK;

/** The one clock of everybody, and how long it comes to. */
export function ClockFields({
  squad,
  length,
  onChange,
}: {
  squad: Squad;
  length: string;
  onChange: (change: Partial<Squad>, typing: string) => void;
}) {
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2 rounded-lg border border-hairline bg-sheet px-4 py-2">
      {(Object.keys(CLOCK) as Name[]).map((name) => (
        <NumberField key={name} name={name} value={squad[name]} onChange={(value) => onChange({ [name]: value }, name)} />
      ))}
      <p className="ml-auto text-right">
        <span className="block text-sm text-ink2">In all</span>
        <span className="font-mono text-2xl font-bold">{length}</span>
      </p>
    </div>
  );
}

/** A whole number inside its bounds; what is none of them stays in the field, and says so. */
function NumberField({ name, value, onChange }: { name: Name; value: number; onChange: (value: number) => void }) {
  const id = useId();
  const { label, unit, least, most, step } = CLOCK[name];
  const [typed, setTyped] = useState<{ text: string; over: number } | null>(null);
  // What came from elsewhere, such as an undo, stands over what was typed before it.
  const text = typed && typed.over === value ? typed.text : String(value);
  const isWrong = !/^\d{1,3}$/.test(text) || Number(text) < least || Number(text) > most;
  const type = (next: string) => {
    const number = Number(next);
    const isRight = /^\d{1,3}$/.test(next) && number >= least && number <= most;
    setTyped({ text: next, over: isRight ? number : value });
    if (isRight && number !== value) onChange(number);
  };
  return (
    <div className="grid gap-0.5">
      <label htmlFor={id} className="text-sm text-ink2">
        {label}
      </label>
      <span className="flex items-baseline gap-1.5">
        <input
          id={id}
          type="number"
          inputMode="numeric"
          min={least}
          max={most}
          step={step}
          value={text}
          aria-invalid={isWrong || undefined}
          aria-describedby={isWrong ? `${id}-problem` : undefined}
          onChange={(event) => type(event.target.value)}
          className="field min-h-10 w-20! font-mono"
        />
        {unit && <span className="text-ink2">{unit}</span>}
      </span>
      {isWrong && (
        <span id={`${id}-problem`} role="alert" className="text-sm font-semibold text-rowan">
          {least} to {most}
        </span>
      )}
    </div>
  );
}
