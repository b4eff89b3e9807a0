import { useState } from 'react';
import { Link } from 'react-router';
import { askToSignIn, type Schemas } from '@/api/client';
import type { Outbox } from '@/offline/outbox';
import type { Told } from '@/offline/told';
import type { Training } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { TextField } from '@/ui/Field';

/** All sets are through: the training is ended, or taken back a set. */
export function Done({
  training,
  told,
  planned,
  end,
  setDay,
  undoSet,
  again,
}: {
  training: Training;
  told: Told;
  planned: number;
  end: () => void;
  setDay: (on: string) => void;
  undoSet: () => void;
  /** from the first cue on */
  again: () => void;
}) {
  return (
    <section className="grid gap-4 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-2xl">Done</h1>
      <p>
        {told.sets.length} of {planned} sets logged. What was not logged counts as missing, never as zero.
      </p>
      <DateField
        label="Day of training"
        past
        value={training.on}
        onChange={setDay}
        {...(training.asked?.clock != null && { hint: training.asked.clock })}
      />
      <Button look="next" className="min-h-14 justify-center text-lg" disabled={told.sets.length === 0} onClick={end}>
        Save the log, then decide
      </Button>
      <div className="grid grid-cols-2 gap-2">
        <Button look="floor" disabled={told.sets.length === 0} onClick={undoSet}>
          Undo the last set
        </Button>
        <Button look="floor" onClick={again}>
          From the start
        </Button>
      </div>
    </section>
  );
}

/** It has ended and lies on this device: what hinders it from being sent, and that nothing has to be done about it. */
export function OnItsWay({ person, outbox, send }: { person: string; outbox: Outbox; send: () => Promise<unknown> }) {
  const { hindered, busy } = outbox;
  return (
    <section className="grid gap-4 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-2xl">{hindered ? 'Kept on this device' : 'Saving …'}</h1>
      {hindered && (
        <>
          <p role="alert">
            {hindered.code === 'offline'
              ? 'The server cannot be reached. The log stays on this device and is sent by itself when it can be; you can leave this page.'
              : hindered.code === 'signed-out'
                ? 'You have been signed out. The log stays on this device and is sent once you have signed in again.'
                : `${hindered.sentence} The log stays on this device.`}
          </p>
          <Button
            look="next"
            className="min-h-14 justify-center text-lg"
            disabled={busy}
            onClick={() =>
              void (hindered.code === 'signed-out' ? askToSignIn().then((isIn) => (isIn ? send() : undefined)) : send())
            }
          >
            {busy ? 'Sending …' : hindered.code === 'signed-out' ? 'Sign in and send it' : 'Try again'}
          </Button>
          <div className="grid grid-cols-2 gap-2">
            <Link to="/" className="look look-floor justify-center">
              To the bench
            </Link>
            <Link to={`/people/${person}/review`} className="look look-floor justify-center">
              To the review
            </Link>
          </div>
        </>
      )}
    </section>
  );
}

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
      className="grid gap-4 rounded-lg border border-rail bg-sheet p-4"
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
