import { useEffect, useRef, useState } from 'react';
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
import type { AtHand } from './atHand';
import { Changes, OnceMore } from './Changes';
import { moreLeft, wayAt, type StrungCue, type Way } from './course';
import { Done } from './Done';
import { Ended } from './Ended';
import { FormCheck } from './FormCheck';
import { Mornings } from './Mornings';
import { PainBefore } from './PainBefore';
import { lasts, repetition, type Key, type Player as PlayerState } from './player';
import { Afterwards, Count, HowTo, PlayerKeys, Progress, TimeLine } from './PlayerParts';
import { TempoPath } from './TempoPath';
import { useAsking } from './useAsking';
import { useClock } from './useClock';
import { useCourse } from './useCourse';
import { useTelling } from './wall';
import { mirrored, wordOf } from './words';

/** While the clock runs it is said so this often, in ms: a long cue is no gap in the training. */
const STILL_RUNNING = 60_000;

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
  const { training } = opened;
  const course = useCourse(sheet, training, change);
  const { cues, player, cue, press, steps } = course;
  const { awayMs, seen } = useClock(cues, player, press);
  const running = player.since !== null;
  const [isPassed, passMorning] = useState(false);
  const [isLater, setLater] = useState(false);
  const morning =
    isPassed || !sheet.morning || told.mornings.some(({ log }) => log === sheet.morning?.log) ? null : sheet.morning;
  const started = training.moments.length > 0 || told.sets.length > 0 || training.at > 0;
  const asking = useAsking(person, sheet, { opened, say, goOnWith, press, cues });
  const item = cue && wayAt(sheet, cue);

  useStanding(player, training, change);
  useTelling(sheet.session, player);

  const checking = training.answering ?? dueCheck(cues, player.at, told);

  const nextItem = wayOfNext(sheet, cues, player.at);
  const toggle = () => {
    void change({});
    wakeAudio();
    seen();
    press({ do: running ? 'pause' : 'start' });
  };

  const { undoSet, redoSet } = useSets(told, say, course);
  useKeys(press, toggle, undoSet);

  const rep = cue ? repetition(cue, player.leftMs) : null;
  const working = cue?.stretch === 'work';
  // A gap and a change of sides are inside the set.
  const inSet = working || cue?.stretch === 'gap' || cue?.stretch === 'side-change';
  const shown = inSet ? item : (nextItem ?? item);
  const checked = checking ? wayOfSet(sheet, cues, checking) : undefined;
  const onTop = checking ? null : setOnTop(sheet, course, told);

  const card =
    asking ??
    (told.ended ? (
      <Ended person={person} sheet={sheet} then={isLater ? 'bench' : 'review'} training={{ opened, say, goOnWith }} />
    ) : !started && morning ? (
      <Mornings
        question={morning}
        places={sheet.painPlaces}
        onTell={(pains) => void say({ kind: 'morning', other: morning.log, pains })}
        onPass={() => passMorning(true)}
      />
    ) : player.over && !checked ? (
      <Done
        sheet={sheet}
        steps={steps}
        training={training}
        told={told}
        onTop={onTop && <OnceMore sheet={sheet} {...onTop} onTake={() => void course.onceMore(onTop.item)} />}
        end={(why, decide) => {
          setLater(decide === 'later');
          void say({ kind: 'ended', ...(why && { why }) });
        }}
        setDay={(on) => void change({ on, byHand: true }, { isDone: false })}
        undoSet={undoSet}
        again={() => press({ do: 'go', at: 0 })}
      />
    ) : null);

  return (
    <main
      // Once it has begun nothing of the desk is on the screen.
      data-player={started || running || told.ended ? '' : undefined}
      data-theme="dark"
      aria-busy={busy}
      className="relative flex-1 bg-ground p-4 pb-0 text-ink lg:overflow-y-auto"
    >
      <div className="mx-auto flex min-h-full max-w-xl flex-col gap-4 max-lg:min-h-[calc(100dvh-1rem)] max-sm:gap-2.5 min-[50rem]:max-w-5xl">
        <Progress
          name={name}
          sheet={sheet}
          leftSeconds={secondsLeft(cues, player)}
          keptHere={keptHere}
          started={started}
          told={told}
          planned={steps.length}
        />
        <TimeLine cues={cues} at={player.at} />

        {!started && sheet.activationOnly && <OnlyActivation person={person} why={sheet.activationOnly} />}
        {!started && <BadMorning person={person} told={told} painStopsAbove={sheet.painStopsAbove} />}
        {asking && <h1 className="sr-only">{sheet.title}</h1>}
        {card ?? (
          <div className="grid flex-1 content-start gap-x-8 gap-y-4 max-sm:gap-y-2.5 min-[50rem]:grid-cols-2">
            <div className="flex flex-col gap-4 self-start max-sm:gap-2.5 min-[50rem]:sticky min-[50rem]:top-4">
              <Heading sheet={sheet} item={item} nextItem={nextItem} working={inSet} cue={cue} small={checked !== undefined} />
              {!started && (
                <PainBefore
                  places={sheet.painPlaces}
                  told={told.before}
                  onTell={(before) => void say({ kind: 'before', before })}
                />
              )}
              <Count
                sheet={sheet}
                cues={cues}
                at={player.at}
                working={working}
                word={cue ? wordOf(cue) : ''}
                checked={checked}
                leftMs={player.leftMs}
                rep={rep}
                cue={cue}
                item={item}
              />
              <Away ms={awayMs} seen={seen} />
              {rep && cue && !checked && <TempoPath phases={cue.phases} phase={rep.phase} part={rep.part} />}
              {onTop && <OnceMore sheet={sheet} {...onTop} onTake={() => void course.onceMore(onTop.item)} />}
              {started && <Changes sheet={sheet} course={course} redoSet={redoSet} />}
            </div>
            <div className="flex flex-col gap-4 max-sm:gap-2.5">
              {shown && !checked && (
                <Figure
                  figure={shown.figure}
                  label={shown.name}
                  {...(working && { part: rep && cue ? partAt(cue.phases, (lasts(cue) - player.leftMs) / 1000) : 1 })}
                  mirrored={mirrored(shown, working ? cue?.side : nextSide(cues, player.at))}
                  className="mx-auto h-[min(7rem,16dvh)] w-full max-w-72 rounded-md bg-sheet min-[50rem]:h-[min(14rem,34dvh)] min-[50rem]:max-w-none"
                />
              )}
              {checked && checking ? (
                <Check sheet={sheet} way={checked} checking={checking} training={{ opened, told, change, say }} />
              ) : (
                shown && <HowTo item={shown} />
              )}
              {!started && <BeforeStart person={person} sheet={sheet} />}
            </div>
          </div>
        )}
        {!card && (
          <>
            <PlayerKeys press={press} running={running} toggle={toggle} started={started} cue={cue} />
            <Afterwards told={told} undoSet={undoSet} press={press} person={person} sheet={sheet} />
          </>
        )}
      </div>
    </main>
  );
}

/** The check of a set, kept answer by answer. */
function Check({
  sheet,
  way,
  checking,
  training: { opened, told, change, say },
}: {
  sheet: Schemas['CueSheetView'];
  way: Way;
  checking: { item: string; set: number };
  training: Pick<AtHand, 'opened' | 'told' | 'change' | 'say'>;
}) {
  const { item, set } = checking;
  const { training } = opened;
  const counted = training.counted?.[`${item} ${set}`];
  return (
    <FormCheck
      // What was counted is on the device a moment after the press.
      key={`${item}-${set}-${counted ? 'counted' : ''}`}
      item={way}
      set={set}
      counted={counted}
      last={lastTold(way, told)}
      painStopsAbove={sheet.painStopsAbove}
      painPlaces={sheet.painPlaces}
      painBefore={told.before}
      start={training.answering}
      onAnswer={(answering) => void change({ answering })}
      onSave={(log) => void say({ kind: 'set', item, number: set, set: log }, { answering: null })}
      onPass={() => void say({ kind: 'skipped', item, number: set }, { answering: null })}
    />
  );
}

/** What is done now, or comes next, and in which part of the session. */
function Heading({
  sheet,
  item,
  nextItem,
  working,
  cue,
  small,
}: {
  sheet: Schemas['CueSheetView'];
  item: Way | undefined;
  nextItem: Way | undefined;
  working: boolean;
  cue: StrungCue | undefined;
  /** read aloud only, where there is little room */
  small: boolean;
}) {
  const shown = working || !nextItem ? item : nextItem;
  const part = sheet.blocks.find(({ items }) => shown && items.includes(shown.id))?.part;
  const which = cue && shown && (cue.set <= shown.sets ? `set ${cue.set} of ${shown.sets}` : 'one set on top');
  return (
    <div className={cx('[@media(max-height:28rem)]:sr-only', small && 'max-sm:sr-only')}>
      {part && part !== 'main' && <p className="font-semibold text-ochre">{part === 'primer' ? 'Primer' : 'Finisher'}</p>}
      <h1 className="text-2xl">{working || !nextItem ? shown?.name : `Next: ${nextItem.name}`}</h1>
      <p className="text-ink2">
        {shown?.easier && <strong className="text-ink">easier version · </strong>}
        {shown?.doseText}
        {(working || !nextItem) && ` · ${which}`}
      </p>
    </div>
  );
}

/** The page was out of sight while the clock went on. */
function Away({ ms, seen }: { ms: number; seen: () => void }) {
  if (ms === 0) return null;
  return (
    <p role="status" className="border-l-4 border-ochre pl-3">
      This page was out of sight for {Math.round(ms / 1000)} s; the clock went on.{' '}
      <Button look="quiet" onClick={seen}>
        all right
      </Button>
    </p>
  );
}

/** A morning that stops something was told just now: looked at before the same is trained again. */
function BadMorning({ person, told, painStopsAbove }: { person: string; told: Told; painStopsAbove: number }) {
  const isBad = told.mornings.some(({ pains }) => pains.some(({ pain, worse }) => worse || pain > painStopsAbove));
  if (!isBad) return null;
  return (
    <p role="alert" className="border-l-4 border-ink bg-sheet p-3">
      <strong>Worse the next morning: the rules stop what was loaded.</strong>{' '}
      <Link to={`/people/${person}/review`} className="underline underline-offset-4">
        Decide first
      </Link>
      , before the same is trained again. Local rules and the advice of a licensed professional come first.
    </p>
  );
}

/** A sore trunk: only activation today. */
function OnlyActivation({ person, why }: { person: string; why: Schemas['ReasonView'] }) {
  return (
    <section className="grid gap-2 border-l-4 border-ochre bg-sheet p-3">
      <p className="font-semibold">◇ {why.sentence}</p>
      <Link
        to={`/people/${person}/session?s=${newId()}&from=template&template=activation-before-training`}
        className="justify-self-start underline underline-offset-4"
      >
        Write the activation session instead
      </Link>
    </section>
  );
}

const nextWork = (cues: StrungCue[], at: number) => cues.slice(at + 1).find((other) => other.stretch === 'work');
const nextSide = (cues: StrungCue[], at: number) => nextWork(cues, at)?.side;
const wayOfNext = (sheet: Schemas['CueSheetView'], cues: StrungCue[], at: number): Way | undefined => {
  const next = nextWork(cues, at);
  return next && wayAt(sheet, next);
};

/** The way a set was done in. */
function wayOfSet(
  sheet: Schemas['CueSheetView'],
  cues: StrungCue[],
  { item, set, rung, dose }: { item: string; set: number } & Partial<SetLog>,
) {
  // A set that is taken up again says itself what it was.
  const told = rung && dose ? `${rung} ${dose}` : undefined;
  const cue = cues.find((one) => one.item === item && one.set === set && one.stretch === 'work');
  return wayAt(sheet, { item, way: told ?? cue?.way ?? '' });
}

const secondsLeft = (cues: StrungCue[], { at, leftMs }: PlayerState): number => {
  const cue = cues[at];
  const here = cue?.until == null ? leftMs / 1000 : cue.seconds - (cue.until - leftMs / 1000);
  return Math.ceil(Math.max(0, here)) + cues.slice(at + 1).reduce((sum, other) => sum + other.seconds, 0);
};

/** What was told of an exercise last: in this training, else the last time it was done. */
function lastTold(way: Way, told: Told): Pick<SetLog, 'effort' | 'felt'> {
  const sets = told.sets.filter(({ item, rung }) => item === way.id && rung === way.rung);
  return {
    effort: sets.findLast(({ effort }) => effort !== null)?.effort ?? way.lastEffort,
    felt: sets.findLast(({ felt }) => felt !== null)?.felt ?? way.lastFelt,
  };
}

/** The exercise done last, where its last set was clean and another one is written for that. */
function setOnTop(
  sheet: Schemas['CueSheetView'],
  { steps, next, player }: ReturnType<typeof useCourse>,
  { sets }: Told,
): { item: string; left: number } | null {
  const done = steps[(player.over ? steps.length : next) - 1];
  if (!done || steps.slice(next).some(({ item }) => item === done.item)) return null;
  const log = sets.find(({ item, set }) => item === done.item && set === done.set);
  const isClean = log && log.pain === 0 && Object.values(log.form).every(Boolean) && (log.felt === null || log.felt === 'right');
  const left = moreLeft(sheet, steps, done.item);
  return isClean && left > 0 ? { item: done.item, left } : null;
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

/** A set taken back, to be told anew or done once more. */
function useSets(told: Told, say: AtHand['say'], course: ReturnType<typeof useCourse>) {
  const undoSet = () => {
    const last = told.sets.at(-1);
    if (last) void say({ kind: 'undone', item: last.item, number: last.set }, { answering: last });
  };
  const redoSet = () => {
    const again = course.steps[course.redo()];
    const logged = again && told.sets.find(({ item: of, set }) => of === again.item && set === again.set);
    if (logged) void say({ kind: 'undone', item: logged.item, number: logged.set }, { answering: null });
  };
  return { undoSet, redoSet };
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
function BeforeStart({ person, sheet }: { person: string; sheet: Schemas['CueSheetView'] }) {
  return (
    <>
      <LeftOut leftOut={sheet.leftOut} />
      {sheet.cautions.map((caution) => (
        <p key={caution} className="border-l-4 border-ochre pl-3">
          {caution}
        </p>
      ))}
      <Link
        to={`/people/${person}/coach?s=${sheet.session}&afterwards`}
        className="inline-flex min-h-11 items-center self-start underline underline-offset-4"
      >
        Trained without the device: log it afterwards
      </Link>
    </>
  );
}

/** When a set has ended its check is due, while the rest runs on; only the newest one is asked for. */
function dueCheck(cues: Schemas['Cue'][], at: number, { sets, skipped }: Told): { item: string; set: number } | null {
  const gone = cues.slice(0, at).findLast((other) => other.endsSet);
  if (!gone || skipped.includes(`${gone.item} ${gone.set}`)) return null;
  return sets.some((set) => set.item === gone.item && set.set === gone.set) ? null : { item: gone.item, set: gone.set };
}
