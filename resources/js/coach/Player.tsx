import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { Link } from 'react-router';
import { newId, type Schemas } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { partAt } from '@/figure/tempo';
import { useShortcuts } from '@/frame/keys';
import { LeftOut } from '@/frame/LeftOut';
import type { SetLog, Told } from '@/offline/told';
import type { Training } from '@/offline/trainings';
import { wakeAudio } from '@/ui/audio';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Done } from './Done';
import { Ended } from './Ended';
import { FormCheck } from './FormCheck';
import { Mornings } from './Mornings';
import { PainBefore } from './PainBefore';
import { cued, play, repetition, type Key, type Player as PlayerState } from './player';
import { Afterwards, Count, HowTo, PlayerKeys, Progress, TimeLine } from './PlayerParts';
import { TempoPath } from './TempoPath';
import type { AtHand } from './atHand';
import { useAsking } from './useAsking';
import { useClock } from './useClock';

/** While the clock runs it is said so this often, in ms: a long cue is no gap in the training. */
const STILL_RUNNING = 60_000;

const sides = { left: 'left', right: 'right', both: '' } as const;

/**
 * Figures are drawn with the near side at work: seen from the side that is the right, face to face it is the
 * person's left. The other side is shown mirrored.
 */
const mirrored = (item: Schemas['CueItemView'], side: string | undefined): boolean =>
  side === (item.figure.view === 'side' ? 'left' : 'right');

/** Steps through the session: seconds and side largest, tempo as a moving bead, a form check after each set. */
export function Player({
  person,
  name,
  sheet,
  training: { opened, told, keptHere, busy, change, say, goOnWith },
}: {
  person: string;
  name: string;
  sheet: Schemas['CueSheetView'];
  training: AtHand;
}) {
  const { cues } = sheet;
  const { training } = opened;
  const items = useMemo(() => new Map(sheet.items.map((item) => [item.id, item])), [sheet.items]);
  const [player, dispatch] = useReducer(play(cues), null, () => ({
    ...cued(cues, Math.min(training.at, training.over ? cues.length : cues.length - 1)),
    over: training.over,
  }));
  const press = useCallback((key: Key) => dispatch({ ...key, now: performance.now() }), []);
  const tick = useCallback(() => press({ do: 'tick' }), [press]);
  const { awayMs, seen } = useClock(cues, player, tick);
  const running = player.since !== null;
  const [mornings, setMornings] = useState(sheet.mornings.length > 0);
  const started = training.moments.length > 0 || told.sets.length > 0 || training.at > 0;
  const asking = useAsking(person, sheet, { opened, say, goOnWith, press });
  const cue = cues[player.at];
  const planned = sheet.items.reduce((sum, one) => sum + one.sets, 0);
  const item = cue ? items.get(cue.item) : undefined;

  useStanding(player, training, change);

  const checking = training.answering ?? dueCheck(cues, player.at, told);

  const seconds = Math.ceil(player.leftMs / 1000);
  const next = cues.slice(player.at + 1).find((other) => other.stretch === 'work');
  const nextItem = next && items.get(next.item);
  const leftSeconds = seconds + cues.slice(player.at + 1).reduce((sum, other) => sum + other.seconds, 0);
  const toggle = () => {
    void change({});
    wakeAudio();
    seen();
    press({ do: running ? 'pause' : 'start' });
  };

  const saveSet = (set: SetLog) => void say({ kind: 'set', item: set.item, number: set.set, set }, { answering: null });
  const undoSet = () => {
    const last = told.sets.at(-1);
    if (last) void say({ kind: 'undone', item: last.item, number: last.set }, { answering: last });
  };
  useKeys(press, toggle, undoSet);

  const rep = cue ? repetition(cue, player.leftMs) : null;
  const shown = cue?.stretch === 'work' ? item : (nextItem ?? item);
  const checked = checking ? items.get(checking.item) : undefined;
  const working = cue?.stretch === 'work';
  const word = cue ? wordOf(cue) : '';

  return (
    <main data-theme="dark" aria-busy={busy} className="relative flex-1 bg-ground p-4 pb-0 text-ink lg:overflow-y-auto">
      <div className="mx-auto flex min-h-full max-w-xl flex-col gap-4 max-lg:min-h-[calc(100dvh-5.5rem)] max-sm:gap-2.5">
        <Progress
          name={name}
          sheet={sheet}
          leftSeconds={leftSeconds}
          keptHere={keptHere}
          started={started}
          told={told}
          planned={planned}
        />
        <TimeLine sheet={sheet} cues={cues} cue={cue} at={player.at} />

        {!started && sheet.activationOnly && (
          <section className="grid gap-2 border-l-4 border-ochre bg-sheet p-3">
            <p className="font-semibold">◇ {sheet.activationOnly.sentence}</p>
            <Link
              to={`/people/${person}/session?s=${newId()}&from=template&template=activation-before-training`}
              className="justify-self-start underline underline-offset-4"
            >
              Write the activation session instead
            </Link>
          </section>
        )}
        {asking && <h1 className="sr-only">{sheet.title}</h1>}
        {asking ??
          (told.ended ? (
            <Ended person={person} sheet={sheet} training={{ opened, say, goOnWith }} />
          ) : !started && mornings ? (
            <Mornings person={person} questions={sheet.mornings} onDone={() => setMornings(false)} />
          ) : player.over && !checked ? (
            <Done
              training={training}
              told={told}
              planned={planned}
              end={() => void say({ kind: 'ended' })}
              setDay={(on) => void change({ on, byHand: true }, { isDone: false })}
              undoSet={undoSet}
              again={() => press({ do: 'go', at: 0 })}
            />
          ) : (
            <>
              <div className={cx('[@media(max-height:28rem)]:sr-only', checked && 'max-sm:sr-only')}>
                <h1 className="text-2xl">{working || !nextItem ? item?.name : `Next: ${nextItem.name}`}</h1>
                <p className="text-ink2">
                  {working || !nextItem ? `${item?.doseText} · set ${cue?.set} of ${item?.sets}` : nextItem.doseText}
                </p>
              </div>
              {!started && (
                <PainBefore
                  places={sheet.painPlaces}
                  told={told.before}
                  onTell={(before) => void say({ kind: 'before', before })}
                />
              )}
              <Count working={working} word={word} checked={checked} seconds={seconds} rep={rep} cue={cue} item={item} />
              {shown && !checked && (
                <Figure
                  figure={shown.figure}
                  label={shown.name}
                  {...(working && { part: rep && cue ? partAt(cue.phases, cue.seconds - player.leftMs / 1000) : 1 })}
                  mirrored={mirrored(shown, working ? cue?.side : next?.side)}
                  className="mx-auto h-[min(7rem,16dvh)] w-full max-w-72 rounded-md bg-sheet"
                />
              )}
              {awayMs > 0 && (
                <p role="status" className="border-l-4 border-ochre pl-3">
                  This page was out of sight for {Math.round(awayMs / 1000)} s; the clock went on.{' '}
                  <Button look="quiet" onClick={seen}>
                    all right
                  </Button>
                </p>
              )}
              {rep && cue && !checked && <TempoPath phases={cue.phases} phase={rep.phase} part={rep.part} />}
              {checked && checking ? (
                <FormCheck
                  key={`${checking.item}-${checking.set}`}
                  item={checked}
                  set={checking.set}
                  painStopsAbove={sheet.painStopsAbove}
                  painPlaces={sheet.painPlaces}
                  painBefore={told.before}
                  start={training.answering}
                  onAnswer={(answering) => void change({ answering })}
                  onSave={saveSet}
                  onPass={() => void say({ kind: 'skipped', item: checking.item, number: checking.set }, { answering: null })}
                />
              ) : (
                shown && <HowTo item={shown} />
              )}
              {!started && <BeforeStart sheet={sheet} />}
              <PlayerKeys press={press} running={running} toggle={toggle} started={started} />
              <Afterwards told={told} undoSet={undoSet} press={press} person={person} sheet={sheet} />
            </>
          ))}
      </div>
    </main>
  );
}

/** Where the player stands is on the device too, however it got there. */
function useStanding(player: PlayerState, training: Training, change: AtHand['change']) {
  const running = player.since !== null;
  const stood = useRef({ at: training.at, over: training.over });
  useEffect(() => {
    if (player.at === stood.current.at && player.over === stood.current.over) return;
    stood.current = { at: player.at, over: player.over };
    void change(stood.current);
  }, [player.at, player.over, change]);
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => void change({}), STILL_RUNNING);
    return () => clearInterval(timer);
  }, [running, change]);
}

/** What keys and clickers do in the player. */
function useKeys(press: (key: Key) => void, toggle: () => void, undoSet: () => void) {
  /** On to the next cue; where a check waits, all clean. */
  const onwards = () => {
    const clean = document.querySelector<HTMLButtonElement>('[data-all-clean]');
    if (clean) clean.click();
    else press({ do: 'skip' });
  };
  useShortcuts([
    { key: ' ', label: 'start, pause', run: toggle },
    { key: 'ArrowRight', label: 'skip', run: () => press({ do: 'skip' }) },
    { key: 'ArrowLeft', label: 'back', run: () => press({ do: 'back' }) },
    { key: 'u', label: 'undo', run: undoSet },
    // What clickers and presenters send.
    { key: 'PageDown', label: 'next, or all clean', run: onwards },
    { key: 'PageUp', label: 'back', run: () => press({ do: 'back' }) },
    { key: 'b', label: 'start, pause', run: toggle },
  ]);
}

/** What the trainer should know before it begins. */
function BeforeStart({ sheet }: { sheet: Schemas['CueSheetView'] }) {
  return (
    <>
      <LeftOut leftOut={sheet.leftOut} />
      {sheet.cautions.map((caution) => (
        <p key={caution} className="border-l-4 border-ochre pl-3">
          {caution}
        </p>
      ))}
    </>
  );
}

/** When a set has ended its check is due, while the rest runs on; only the newest one is asked for. */
function dueCheck(cues: Schemas['Cue'][], at: number, { sets, skipped }: Told): { item: string; set: number } | null {
  const gone = cues.slice(0, at).findLast((other) => other.endsSet);
  if (!gone || skipped.includes(`${gone.item} ${gone.set}`)) return null;
  return sets.some((set) => set.item === gone.item && set.set === gone.set) ? null : { item: gone.item, set: gone.set };
}

function wordOf(cue: Schemas['Cue']): string {
  if (cue.stretch === 'work') return cue.side === 'both' ? 'work' : sides[cue.side];
  return cue.stretch === 'side-change' ? `change to the ${sides[cue.side]}` : cue.stretch.replace('-', ' ');
}
