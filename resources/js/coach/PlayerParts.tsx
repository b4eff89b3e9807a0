import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { TextField } from '@/ui/Field';
import type { KeptLog } from './log';
import type { Press, repetition } from './player';

/** Back, start or pause, and skip. */
export function PlayerKeys({
  press,
  running,
  toggle,
  started,
}: {
  press: (key: Press) => void;
  running: boolean;
  toggle: () => void;
  started: boolean;
}) {
  return (
    // In reach on every screen, however much stands above.
    <div className="sticky bottom-0 z-10 mt-auto grid grid-cols-4 gap-2 bg-ground py-2">
      <Button look="floor" className="px-1" onClick={() => press({ do: 'back' })}>
        Back
      </Button>
      <Button look={running ? 'floor' : 'floor-next'} className="col-span-2" onClick={toggle}>
        {running ? 'Pause' : started ? 'Go on' : 'Start'}
      </Button>
      <Button look="floor" className="px-1" onClick={() => press({ do: 'skip' })}>
        Skip
      </Button>
    </div>
  );
}

/** Set-up, cues, what to watch for and the easier way of the exercise at hand. */
export function HowTo({ item }: { item: Schemas['CueItemView'] }) {
  return (
    <div className="grid gap-1 border-l-4 border-rung-edge bg-sheet p-3">
      {item.setUp && <p className="font-semibold">{item.setUp}</p>}
      <p>{item.cues.join(' ')}</p>
      <p className="text-ink2">
        Watch: {item.faults[0]?.seen} {item.faults[0]?.fix}
      </p>
      <p className="text-ink2">Easier now: {item.fallback}</p>
    </div>
  );
}

/** Undo, end here, and the sheet. */
export function Afterwards({
  log,
  undoSet,
  press,
  cues,
  person,
  sheet,
}: {
  log: KeptLog;
  undoSet: () => void;
  press: (key: Press) => void;
  cues: Schemas['Cue'][];
  person: string;
  sheet: Schemas['CueSheetView'];
}) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 text-sm text-ink2">
      <Button look="quiet" className="min-h-11" disabled={log.sets.length === 0} onClick={undoSet}>
        undo the last set
      </Button>
      <Button look="quiet" className="min-h-11" onClick={() => press({ do: 'go', at: cues.length })}>
        end here
      </Button>
      <Link to={`/people/${person}/sheet?s=${sheet.session}`} className="min-h-11 content-center underline underline-offset-4">
        sheet
      </Link>
    </div>
  );
}

/** All sets are through: the log is saved, or taken back a set. */
export function Done({
  log,
  planned,
  problem,
  saving,
  odd,
  other,
  send,
  settle,
  undoSet,
  press,
}: {
  log: KeptLog;
  planned: number;
  problem: string | null;
  saving: boolean;
  /** saved, and its time is asked about */
  odd: Schemas['LogView'] | null;
  /** an earlier sending arrived after all, and says something else */
  other: { keepTheirs: () => Promise<void>; keepBoth: () => Promise<void> } | null;
  send: () => Promise<void>;
  settle: (seconds: number | null) => Promise<void>;
  undoSet: () => void;
  press: (key: Press) => void;
}) {
  if (odd?.odd) return <OddTime log={odd} problem={problem} saving={saving} settle={settle} />;
  return (
    <section className="grid gap-4 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-2xl">Done</h1>
      <p>
        {log.sets.length} of {planned} sets logged. What was not logged counts as missing, never as zero.
      </p>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {other ? (
        <div className="grid gap-2">
          <p>This log arrived once already, before it was changed here. Which one holds?</p>
          <Button look="next" className="min-h-14" disabled={saving} onClick={() => void other.keepTheirs()}>
            The one that arrived
          </Button>
          <Button look="floor" className="min-h-11" disabled={saving} onClick={() => void other.keepBoth()}>
            This one too, as a session of its own
          </Button>
        </div>
      ) : (
        <Button look="next" className="min-h-14" disabled={saving || log.sets.length === 0} onClick={() => void send()}>
          {saving ? 'Saving …' : problem ? 'Try again' : 'Save the log, then decide'}
        </Button>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button look="floor" disabled={log.sets.length === 0} onClick={undoSet}>
          Undo the last set
        </Button>
        <Button look="floor" onClick={() => press({ do: 'go', at: 0 })}>
          From the start
        </Button>
      </div>
    </section>
  );
}

/** What was counted as training looks odd beside what was written: asked about, and never changed by itself. */
function OddTime({
  log,
  problem,
  saving,
  settle,
}: {
  log: Schemas['LogView'];
  problem: string | null;
  saving: boolean;
  settle: (seconds: number | null) => Promise<void>;
}) {
  const [minutes, setMinutes] = useState('');
  const seconds = Math.round(Number(minutes.replace(',', '.')) * 60);
  const isTime = minutes.trim() !== '' && seconds > 0 && seconds <= 86_400;
  return (
    <form
      className="grid gap-4 rounded-lg border border-rail bg-sheet p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (isTime) void settle(seconds);
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
        problem={minutes.trim() !== '' && !isTime ? 'Minutes above 0, such as 12 or 12.5.' : (problem ?? undefined)}
      />
      <div className="grid grid-cols-2 gap-2">
        <Button look="floor" disabled={saving} onClick={() => void settle(null)}>
          {log.seconds === null ? 'Nobody knows' : 'It is right so'}
        </Button>
        <Button look="floor-next" type="submit" disabled={saving || !isTime}>
          Save the minutes
        </Button>
      </div>
    </form>
  );
}

/** The word of the moment, its seconds and the repetition. */
export function Count({
  working,
  word,
  checked,
  seconds,
  rep,
  cue,
  item,
}: {
  working: boolean;
  word: string;
  checked: Schemas['CueItemView'] | undefined;
  seconds: number;
  rep: ReturnType<typeof repetition> | null;
  cue: Schemas['Cue'] | undefined;
  item: Schemas['CueItemView'] | undefined;
}) {
  return (
    <div className="grid justify-items-center gap-1" aria-live="off">
      <p className={cx('font-display text-3xl font-[650]', working ? 'text-ink' : 'text-ochre')}>{word}</p>
      <p className={cx('font-mono leading-none font-bold tabular-nums', checked ? 'text-6xl' : 'text-[min(9rem,22dvh)]')}>
        {seconds}
      </p>
      {rep && cue && (
        <p className="font-mono text-2xl">
          <strong>{rep.number}</strong>{' '}
          <span className="text-ink2">
            of {cue.repetitions}
            {item?.sides[cue.set - 1] === 'each' && cue.side === 'both' ? ', sides in turn' : ''}
          </span>
        </p>
      )}
    </div>
  );
}

/** How far the session is, and that the log is kept. */
export function Progress({
  name,
  sheet,
  leftSeconds,
  keptHere,
  started,
  log,
  planned,
}: {
  name: string;
  sheet: Schemas['CueSheetView'];
  leftSeconds: number;
  keptHere: boolean;
  started: boolean;
  log: KeptLog;
  planned: number;
}) {
  return (
    <header className="flex flex-wrap items-baseline justify-between gap-x-4 text-sm text-ink2">
      <span>
        {name.split(' ')[0]} · {sheet.title}
      </span>
      <span className="font-mono">
        {Math.floor(leftSeconds / 60)}:{String(leftSeconds % 60).padStart(2, '0')} left
      </span>
      <span>
        {keptHere
          ? started
            ? `${log.sets.length} of ${planned} sets kept on this device`
            : `${sheet.totalText} in all`
          : 'this device cannot keep the log: save before you leave'}
      </span>
    </header>
  );
}

/** The exercises of the session as a line, each as long as it takes. */
export function TimeLine({
  sheet,
  cues,
  cue,
  at,
}: {
  sheet: Schemas['CueSheetView'];
  cues: Schemas['Cue'][];
  cue: Schemas['Cue'] | undefined;
  at: number;
}) {
  return (
    <div aria-hidden="true" className="flex h-1.5 gap-px">
      {sheet.items.map((one) => {
        const own = cues.filter((other) => other.item === one.id);
        const first = cues.findIndex((other) => other.item === one.id);
        return (
          <span
            key={one.id}
            style={{ flexGrow: own.reduce((sum, other) => sum + other.seconds, 0) }}
            className={cx('rounded-sm', one.id === cue?.item ? 'bg-rowan' : first < at ? 'bg-rung-edge' : 'bg-rung')}
          />
        );
      })}
    </div>
  );
}
