import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { partAt } from '@/figure/tempo';
import { useShortcuts } from '@/frame/keys';
import { useFloor } from '@/frame/useFloor';
import { morningToAsk, type SetLog, type Told } from '@/offline/told';
import type { Training } from '@/offline/trainings';
import { wakeAudio } from '@/ui/audio';
import { AtTheStart } from './AtTheStart';
import type { AtHand } from './atHand';
import { Changes, OnceMore } from './Changes';
import { wayAt, type Way } from './course';
import { Done, type Why } from './Done';
import { Ended } from './Ended';
import { FormCheck } from './FormCheck';
import { dueCheck, lastTold, setOnTop, wayOfSet } from './asked';
import { Mornings } from './Mornings';
import { PickSome } from './PickSome';
import { Away, BadMorning, BeforeStart, Heading, OnlyActivation } from './Notices';
import { lasts, repetition, type Key, type Player as PlayerState } from '@/clock/player';
import { Afterwards, Count, HowTo, PlayerKeys, Progress, TimeLine } from './PlayerParts';
import { TempoPath } from './TempoPath';
import { useAsking } from './useAsking';
import { useClock } from '@/clock/useClock';
import { useCourse } from './useCourse';
import { useTelling } from '@/clock/following';
import { mirrored, nextSide, secondsLeft, wayOfNext, wordOf } from './words';

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
  const [why, setWhy] = useState<Why | null>(null);
  const morning = isPassed ? null : morningToAsk(sheet.morning, told);
  const started = training.moments.length > 0 || told.sets.length > 0 || training.at > 0;
  // Once it has begun nothing of the desk is on the screen.
  useFloor(started || running || told.ended);
  const asking = useAsking(person, sheet, { opened, say, goOnWith, change, course });
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
    ) : !started && typeof sheet.picks === 'number' && !training.steps ? (
      <PickSome sheet={sheet} picks={sheet.picks} onPick={(picked) => void change({ steps: picked }, { isDone: false })} />
    ) : player.over && !checked ? (
      <Done
        sheet={sheet}
        steps={steps}
        training={training}
        told={told}
        onTop={onTop && <OnceMore sheet={sheet} {...onTop} onTake={() => void course.onceMore(onTop.item)} />}
        why={why}
        onWhy={setWhy}
        onHurt={(answering) => void change({ answering })}
        end={(why, decide) => {
          setLater(decide === 'later');
          void say({ kind: 'ended', ...(why && { why }) });
        }}
        setDay={(on) => void change({ on, byHand: true }, { isDone: false })}
        undoSet={undoSet}
        again={() => press({ do: 'go', at: 0 })}
        tell={(log) => void say({ kind: 'set', item: log.item, number: log.set, set: log }, {}, { isDone: false })}
      />
    ) : null);

  return (
    <main data-theme="dark" aria-busy={busy} className="relative flex-1 bg-ground p-4 pb-0 text-ink lg:overflow-y-auto">
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
              <Heading
                sheet={sheet}
                // Where it ended before the last set was told, no cue is left to speak of.
                item={item ?? checked}
                nextItem={nextItem}
                working={inSet}
                cue={cue}
                small={checked !== undefined}
              />
              {!started && <AtTheStart person={person} sheet={sheet} training={{ opened, told, say, change }} />}
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
                shown && <HowTo item={shown} mirrored={mirrored(shown, working ? cue?.side : nextSide(cues, player.at))} />
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
      feltPlaces={sheet.feltPlaces}
      painBefore={told.before}
      start={training.answering}
      onAnswer={(answering) => void change({ answering })}
      onSave={(log) => void say({ kind: 'set', item, number: set, set: log }, { answering: null })}
      onPass={() => void say({ kind: 'skipped', item, number: set }, { answering: null })}
    />
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

/** A set taken back, to be told anew or done once more. */
function useSets(told: Told, say: AtHand['say'], course: ReturnType<typeof useCourse>) {
  const placeOf = (log: SetLog) => course.steps.findIndex(({ item, set }) => item === log.item && set === log.set);
  const undoSet = () => {
    // At the end it is the last one that was done: what is told there of effort tells earlier ones anew.
    const last = course.player.over ? told.sets.toSorted((one, other) => placeOf(one) - placeOf(other)).at(-1) : told.sets.at(-1);
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
