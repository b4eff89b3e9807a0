import { FaultPicture } from '@/figure/FaultPicture';
import { useIsFetching } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import type { Told } from '@/offline/told';
import { useReach } from '@/offline/kept';
import { counted } from '@/ui/counted';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { clock } from '@/ui/day';
import { staysLow } from '@/ui/staysLow';
import { useAlone } from './alone';
import type { StrungCue, Way } from './course';
import { runFor, type Key, type repetition } from '@/clock/player';
import { SoundPanel } from '@/clock/SoundPanel';
import { thenOf } from './words';

/** Back, start or pause, and skip. */
export function PlayerKeys({
  press,
  running,
  toggle,
  started,
  cue,
}: {
  press: (key: Key) => void;
  running: boolean;
  toggle: () => void;
  started: boolean;
  cue: StrungCue | undefined;
}) {
  // An open set goes on until somebody ends it: that is what comes next then.
  const isOpen = running && cue?.until != null;
  return (
    // In reach on every screen, however much stands above.
    <div ref={staysLow} className="sticky bottom-0 z-10 mt-auto grid grid-cols-4 gap-2 bg-ground py-2">
      <Button look="floor" className="px-1" onClick={() => press({ do: 'back' })}>
        Back
      </Button>
      <Button look={running ? 'floor' : 'floor-next'} className={isOpen ? undefined : 'col-span-2'} onClick={toggle}>
        {running ? 'Pause' : started ? 'Go on' : 'Start'}
      </Button>
      <Button
        look={isOpen ? 'floor-next' : 'floor'}
        className={cx('px-1', isOpen && 'col-span-2')}
        onClick={() => press({ do: 'skip' })}
      >
        {isOpen ? 'That was it' : 'Skip'}
      </Button>
    </div>
  );
}

/** Set-up, cues, what to watch for and the easier way of the exercise at hand. */
export function HowTo({ item, mirrored }: { item: Way; mirrored: boolean }) {
  // A sheet kept by an earlier version has no picture of a fault.
  const watch = item.fault ?? item.faults[0];
  return (
    <div className="grid gap-1 border-l-4 border-rung-edge bg-sheet p-3">
      {item.setUp && <p className="font-semibold">{item.setUp}</p>}
      <p>{item.cues.join(' ')}</p>
      {/* A sheet kept by an earlier version has none. */}
      {item.check && <p className="text-ink2">Check: {item.check}</p>}
      <div className="flex items-start gap-3">
        <p className="flex-1 text-ink2">
          Watch: {watch?.seen} {watch?.fix}
        </p>
        {item.fault && (
          <div className="w-28 flex-none max-sm:w-24">
            <FaultPicture fault={item.fault} mirrored={mirrored} className="h-14" />
          </div>
        )}
      </div>
      <p className="text-ink2">Easier in the set: {item.fallback}</p>
    </div>
  );
}

/** Undo, end here, the sounds and the sheet. */
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
  const alone = useAlone();
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 text-sm text-ink2">
      <Button look="quiet" className="min-h-11" disabled={told.sets.length === 0} onClick={undoSet}>
        undo the last set
      </Button>
      <Button look="quiet" className="min-h-11" onClick={() => press({ do: 'end' })}>
        end here
      </Button>
      <SoundPanel />
      {!alone && (
        <>
          <Link
            to={`/people/${person}/sheet?s=${sheet.session}`}
            className="min-h-11 content-center underline underline-offset-4"
          >
            sheet
          </Link>
          <a
            href={`/people/${person}/coach?s=${sheet.session}&wall`}
            target="_blank"
            rel="noreferrer"
            className="min-h-11 content-center underline underline-offset-4 max-sm:hidden"
          >
            on a wall
          </a>
        </>
      )}
    </div>
  );
}

/** The word of the moment, its seconds and the repetition; an open set is counted up. */
export function Count({
  sheet,
  cues,
  at,
  working,
  word,
  checked,
  leftMs,
  rep,
  cue,
  item,
}: {
  sheet: Schemas['CueSheetView'];
  cues: StrungCue[];
  at: number;
  working: boolean;
  word: string;
  checked: Way | undefined;
  leftMs: number;
  rep: ReturnType<typeof repetition> | null;
  cue: StrungCue | undefined;
  item: Way | undefined;
}) {
  const run = runFor(cue, leftMs);
  const inTurn = item?.sides[(cue?.set ?? 1) - 1] === 'each' && cue?.side === 'both';
  return (
    <div className="grid justify-items-center gap-1" aria-live="off">
      <p className={cx('font-display text-3xl font-[650]', working ? 'text-ink' : 'text-ochre')}>{word}</p>
      <p
        className={cx(
          'font-mono leading-none font-bold tabular-nums',
          'min-[50rem]:text-[min(14rem,30dvh)]',
          checked ? 'text-6xl' : 'text-[min(9rem,22dvh)]',
        )}
      >
        {run === null ? Math.ceil(leftMs / 1000) : Math.floor(run / 1000)}
      </p>
      {rep && cue && (
        <p className="font-mono text-2xl">
          <strong>{rep.number}</strong>{' '}
          <span className="text-ink2">
            {run === null ? `of ${cue.repetitions}` : 'as many as are clean'}
            {inTurn ? ', sides in turn' : ''}
          </span>
        </p>
      )}
      {run !== null && !rep && <p className="text-xl text-ink2">as long as it is clean, about {cue?.seconds} s</p>}
      {cue && <p className={cx('text-center font-semibold text-ink2', !checked && 'text-xl')}>{thenOf(sheet, cues, at)}</p>}
    </div>
  );
}

/** Whose session it is and how far it has come, that the log is kept, whether there is a network, and the way out. */
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
  const { shownFrom, away } = useReach();
  const reads = useIsFetching() > 0;
  const alone = useAlone();
  return (
    <header aria-busy={reads} className="flex flex-wrap items-baseline gap-x-4 text-sm text-ink2">
      <Link to={alone ? '/home' : '/'} className="-m-2 inline-flex min-h-11 items-center p-2 underline underline-offset-4">
        {alone ? 'back' : 'bench'}
      </Link>
      <span className="min-w-0 flex-1 truncate">
        {name.split(' ')[0]} · {sheet.title}
      </span>
      {(away || shownFrom !== null) && (
        <span role="status" className="font-semibold text-ochre">
          No network
        </span>
      )}
      <span className="font-mono">{clock(leftSeconds)} left</span>
      <span className="max-sm:basis-full max-sm:text-right">
        {keptHere
          ? started
            ? `${told.sets.length} of ${counted(planned, 'set')} kept on this device`
            : `${planned} ${planned === 1 ? 'set' : 'sets'} in all`
          : 'this device cannot keep the log: leave the page open until it is sent'}
      </span>
    </header>
  );
}

/** The exercises of the session as a line, each as long as it takes. */
export function TimeLine({ cues, at }: { cues: StrungCue[]; at: number }) {
  const now = cues[at]?.item;
  const items = [...new Set(cues.map(({ item }) => item))];
  return (
    <div aria-hidden="true" className="flex h-1.5 gap-px">
      {items.map((item) => {
        const own = cues.filter((other) => other.item === item);
        const last = cues.findLastIndex((other) => other.item === item);
        return (
          <span
            key={item}
            style={{ flexGrow: own.reduce((sum, other) => sum + other.seconds, 0) }}
            className={cx('rounded-sm', item === now ? 'bg-rowan' : last < at ? 'bg-rung-edge' : 'bg-rung')}
          />
        );
      })}
    </div>
  );
}
