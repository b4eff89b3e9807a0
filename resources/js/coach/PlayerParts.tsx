import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
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
    <div className="mt-auto grid grid-cols-4 gap-2">
      <Button look="floor" className="justify-center px-1" onClick={() => press({ do: 'back' })}>
        Back
      </Button>
      <Button
        look="floor"
        className={cx('col-span-2 justify-center', !running && 'border-rowan bg-rowan text-on-rowan hover:bg-rowan')}
        onClick={toggle}
      >
        {running ? 'Pause' : started ? 'Go on' : 'Start'}
      </Button>
      <Button look="floor" className="justify-center px-1" onClick={() => press({ do: 'skip' })}>
        Skip
      </Button>
    </div>
  );
}

/** Undo, end here, and the sheet. */
export function Afterwards({
  log,
  undoSet,
  setStarted,
  press,
  cues,
  person,
  sheet,
}: {
  log: KeptLog;
  undoSet: () => void;
  setStarted: (value: boolean) => void;
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
      <Button
        look="quiet"
        className="min-h-11"
        onClick={() => {
          setStarted(true);
          press({ do: 'go', at: cues.length });
        }}
      >
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
  send,
  undoSet,
  press,
}: {
  log: KeptLog;
  planned: number;
  problem: string | null;
  saving: boolean;
  send: () => Promise<void>;
  undoSet: () => void;
  press: (key: Press) => void;
}) {
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
      <Button look="next" className="min-h-14" disabled={saving || log.sets.length === 0} onClick={() => void send()}>
        {saving ? 'Saving …' : problem ? 'Try again' : 'Save the log, then decide'}
      </Button>
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
      <p className={cx('font-mono leading-none font-bold tabular-nums', checked ? 'text-6xl' : 'text-[9rem] max-sm:text-[8rem]')}>
        {seconds}
      </p>
      {rep && cue && (
        <p className="font-mono text-2xl">
          <strong>{rep.number}</strong>{' '}
          <span className="text-ink2">
            of {cue.repetitions}
            {item?.perSide && cue.side === 'both' ? ', sides in turn' : ''}
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
