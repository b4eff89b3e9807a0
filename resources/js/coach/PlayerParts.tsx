import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import type { Told } from '@/offline/told';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import type { Key, repetition } from './player';
import { SoundPanel } from './SoundPanel';

/** Back, start or pause, and skip. */
export function PlayerKeys({
  press,
  running,
  toggle,
  started,
}: {
  press: (key: Key) => void;
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
  told,
  undoSet,
  press,
  person,
  sheet,
}: {
  told: Told;
  undoSet: () => void;
  press: (key: Key) => void;
  person: string;
  sheet: Schemas['CueSheetView'];
}) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 text-sm text-ink2">
      <Button look="quiet" className="min-h-11" disabled={told.sets.length === 0} onClick={undoSet}>
        undo the last set
      </Button>
      <Button look="quiet" className="min-h-11" onClick={() => press({ do: 'end' })}>
        end here
      </Button>
      <SoundPanel />
      <Link to={`/people/${person}/sheet?s=${sheet.session}`} className="min-h-11 content-center underline underline-offset-4">
        sheet
      </Link>
    </div>
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
  told,
  planned,
}: {
  name: string;
  sheet: Schemas['CueSheetView'];
  leftSeconds: number;
  keptHere: boolean;
  started: boolean;
  told: Told;
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
            ? `${told.sets.length} of ${planned} sets kept on this device`
            : `${sheet.totalText} in all`
          : 'this device cannot keep the log: leave the page open until it is sent'}
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
