import { useCallback, useEffect, useMemo, useReducer, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api } from '@/api/client';
import { lasts, cued, play, type Key } from '@/clock/player';
import { SoundPanel } from '@/clock/SoundPanel';
import { useTelling } from '@/clock/following';
import { useClock } from '@/clock/useClock';
import { shelf } from '@/editor/device';
import { useDraft } from '@/editor/useDraft';
import { useShortcuts } from '@/frame/keys';
import { useFloor } from '@/frame/useFloor';
import { useReach } from '@/offline/kept';
import { wakeAudio } from '@/ui/audio';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { clock, today } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { staysLow } from '@/ui/staysLow';
import { Look, Station, type Looked } from './AtStation';
import { cuesOf, type SquadCue } from './course';
import { RoundAndTurn } from './RoundAndTurn';
import { Asking } from './Asking';
import { Telling } from './Telling';
import { asNow, knownToday, type Answers } from './telling';
import type { SquadView } from './useSquad';
import { Wall, type Shown } from './Wall';
import { cueWords } from './words';

/** Where the clock of a squad stands: closing the page or a reload goes on from there, on the same day and with the same clock. */
interface Stand {
  on: string;
  at: number;
  cues: number;
  over: boolean;
}
const answered = shelf<Answers>('squad-answers', (answers) => typeof answers === 'object', [(answers) => answers, asNow, asNow], {
  owned: true,
});
const stands = shelf<Stand>('squad-clock', ({ at, cues }) => at >= 0 && cues > 0, undefined, { owned: true });

/** One clock for a squad: who is where, and what each does there. */
export function Floor() {
  const { squad = '' } = useParams();
  const [search] = useSearchParams();
  if (search.has('wall')) return <Wall squad={squad} />;
  return <Clock squad={squad} />;
}

function Clock({ squad }: { squad: string }) {
  const query = api.useQuery('get', '/api/squads/{squad}', { params: { path: { squad } } });
  const view = query.data;
  if (!view) return <Loading what="Laying out the clock" error={query.error} again={() => void query.refetch()} />;
  const isWritten = view.members.some(({ start, session }) => start !== null && session !== null);
  if (!isWritten || view.turns.length === 0)
    return (
      <main className="grid max-w-xl content-start justify-items-start gap-3 p-6">
        <h1 className="text-2xl">{view.name}</h1>
        <p>Nothing is written for them yet: their sessions are written first, each on their own rungs.</p>
        <Link to={`/squads/${view.id}`} className="look look-next">
          To the squad
        </Link>
      </main>
    );
  return <Running key={view.id} view={view} />;
}

/** What was scrolled at the desk is not scrolled here. */
const fromTheTop = (main: HTMLElement | null) => {
  if (main) window.scrollTo(0, 0);
};

function Running({ view: latest }: { view: SquadView }) {
  // Nobody changes place while the clock runs: what the others do at the desk holds from the next time on.
  const [view] = useState(latest);
  const cues = useMemo(() => cuesOf(view), [view]);
  const [player, dispatch] = useReducer(play(cues), null, () => {
    const stood = stands.of(view.id);
    const isSame = stood?.on === today() && stood.cues === cues.length;
    return isSame ? { ...cued(cues, Math.min(stood.at, cues.length - 1)), at: stood.at, over: stood.over } : cued(cues, 0);
  });
  const press = useCallback((key: Key) => dispatch({ ...key, now: performance.now() }), []);
  const { awayMs, seen } = useClock(cues, player, press);
  const running = player.since !== null;
  const started = player.at > 0 || running;
  const { away } = useReach();
  const answers = useDraft<Answers>(answered, `${view.id} ${today()}`, {});
  const [looked, look] = useState<Looked | null>(null);
  useFloor(true);
  const shown = useMemo((): Shown => ({ view, answers: answers.value }), [view, answers.value]);
  useTelling(view.id, player, shown);
  useEffect(() => {
    // What was begun on another day and never told is not told any more.
    for (const key of answered.keys(view.id)) if (!key.endsWith(today())) answered.keep(key, null);
  }, [view.id]);
  useEffect(() => {
    if (started) stands.keep(view.id, { on: today(), at: player.at, cues: cues.length, over: player.over });
  }, [view.id, cues, started, player.at, player.over]);
  const toggle = () => {
    wakeAudio();
    seen();
    press({ do: running ? 'pause' : 'start' });
  };
  useShortcuts(
    player.over
      ? []
      : [
          { key: ' ', label: 'start, pause', run: toggle },
          { key: 'ArrowRight', label: 'skip', run: () => press({ do: 'skip' }) },
          { key: 'ArrowLeft', label: 'back', run: () => press({ do: 'back' }) },
          { key: 'PageDown', label: 'skip', run: () => press({ do: 'skip' }) },
          { key: 'PageUp', label: 'back', run: () => press({ do: 'back' }) },
          { key: 'b', label: 'start, pause', run: toggle },
        ],
  );
  const cue = cues[player.at];
  const left = cues.slice(player.at + 1).reduce((sum, one) => sum + lasts(one), player.leftMs) / 1000;
  const trained = cues.slice(0, player.at).reduce((sum, one) => sum + (one.kind === 'ready' ? 0 : one.seconds), 0);

  return (
    <main
      ref={fromTheTop}
      data-theme="dark"
      className="relative flex flex-1 flex-col gap-3 bg-ground p-4 pb-0 text-ink max-lg:min-h-dvh lg:overflow-y-auto"
    >
      <header className="flex flex-wrap items-baseline gap-x-4 text-sm text-ink2">
        <Link to={`/squads/${view.id}`} className="-m-2 inline-flex min-h-11 items-center p-2 underline underline-offset-4">
          squad
        </Link>
        <span className="min-w-0 flex-1 truncate">{view.name}</span>
        {away && (
          <span role="status" className="font-semibold text-ochre">
            No network
          </span>
        )}
        {!player.over && <span className="font-mono">{clock(Math.ceil(left))} left</span>}
      </header>
      {player.over || !cue ? (
        <Telling
          view={view}
          cues={cues}
          at={player.at}
          seconds={trained}
          known={knownToday(latest.members)}
          answers={answers.value}
          onAnswer={answers.set}
          onBack={() => press({ do: 'go', at: Math.max(0, Math.min(player.at, cues.length - 1)) })}
          onDone={() => {
            stands.keep(view.id, null);
            answers.clear({});
          }}
        />
      ) : (
        <>
          <Count cue={cue} leftMs={player.leftMs} view={view} />
          {awayMs > 0 && (
            <p role="status" className="text-center text-ochre">
              The page was out of sight for {Math.round(awayMs / 1000)} s; the clock ran on.
            </p>
          )}
          {!started && <Asking view={view} answers={answers.value} onAnswer={answers.set} />}
          <ol className="grid flex-1 [grid-template-columns:repeat(auto-fit,minmax(14rem,1fr))] content-start gap-2">
            {view.stations.map((station, at) => (
              <Station
                key={station.ladder}
                station={station}
                at={at}
                view={view}
                cue={cue}
                leftMs={player.leftMs}
                answers={answers.value}
                onLook={(person) => look({ person, station: at })}
              />
            ))}
          </ol>
          <Look view={view} cue={cue} looked={looked} answers={answers.value} onAnswer={answers.set} onClose={() => look(null)} />
          <div ref={staysLow} className="sticky bottom-0 z-10 mt-auto grid gap-1 bg-ground py-2">
            <div className="mx-auto grid w-full max-w-3xl grid-cols-4 gap-2">
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
            <div className="mx-auto flex w-full max-w-3xl flex-wrap items-center justify-between gap-2 text-sm text-ink2">
              <Button look="quiet" className="min-h-11" disabled={!started} onClick={() => press({ do: 'end' })}>
                end here
              </Button>
              <SoundPanel />
              <a
                href={`/squads/${view.id}/clock?wall`}
                target="_blank"
                rel="noreferrer"
                className="min-h-11 content-center underline underline-offset-4 max-sm:hidden"
              >
                on a wall
              </a>
            </div>
          </div>
        </>
      )}
    </main>
  );
}

/** The word of the moment and its seconds, to be read from far away, and the round. */
function Count({ cue, leftMs, view }: { cue: SquadCue; leftMs: number; view: SquadView }) {
  return (
    <div
      aria-live="off"
      className="sticky top-0 z-10 grid grid-cols-[auto_1fr] items-center gap-x-4 bg-ground py-1 min-[50rem]:static min-[50rem]:grid-cols-1 min-[50rem]:justify-items-center"
    >
      <h1
        className={cx(
          'self-end font-display text-3xl font-[650] max-[50rem]:order-2',
          cue.stretch === 'work' ? 'text-ink' : 'text-ochre',
        )}
      >
        {cueWords[cue.kind]}
      </h1>
      <p className="row-span-2 min-w-[2.2ch] text-center font-mono text-7xl leading-none font-bold tabular-nums max-[50rem]:order-1 min-[50rem]:text-[min(12rem,30dvh)]">
        {Math.ceil(leftMs / 1000)}
      </p>
      <p className="self-start text-xl text-ink2 max-[50rem]:order-3">
        <RoundAndTurn cue={cue} view={view} />
      </p>
    </div>
  );
}
