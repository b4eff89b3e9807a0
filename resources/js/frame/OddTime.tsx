import { useState } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';

/** What was counted as training looks odd beside what was written: asked about, and never changed by itself. */
export function OddTime({
  log,
  settle,
}: {
  log: Schemas['LogView'];
  /** null leaves it as counted */
  settle: (seconds: number | null) => void;
}) {
  const [minutes, setMinutes] = useState('');
  const seconds = Math.round(Number(minutes.replace(',', '.')) * 60);
  const isTime = minutes.trim() !== '' && seconds > 0 && seconds <= 86_400;
  return (
    <form
      className="mx-auto grid w-full max-w-2xl gap-4 rounded-lg border border-rail bg-sheet p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (isTime) settle(seconds);
      }}
    >
      <h1 className="text-2xl">Saved. How long was it?</h1>
      <p>{log.odd?.sentence}</p>
      <TextField
        label="Minutes of training"
        inputMode="decimal"
        autoComplete="off"
        value={minutes}
        onChange={(event) => setMinutes(event.target.value)}
        problem={minutes.trim() !== '' && !isTime ? 'Minutes above 0, such as 12 or 12.5.' : undefined}
      />
      <div className="grid grid-cols-2 gap-2">
        <Button look="floor" onClick={() => settle(null)}>
          {log.seconds === null ? 'Nobody knows' : 'It is right so'}
        </Button>
        <Button look="floor-next" type="submit" disabled={!isTime}>
          Save the minutes
        </Button>
      </div>
    </form>
  );
}
