import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { http, newId, type Schemas, sentenceOf } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { partAt } from '@/figure/tempo';
import { useShortcuts } from '@/frame/keys';
import { LeftOut } from '@/frame/LeftOut';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import { cx } from '@/ui/cx';
import { beep } from '@/ui/beep';
import { FormCheck } from './FormCheck';
import { ElsewhereNote } from './ElsewhereNote';
import { withSet, type KeptLog, type SetLog } from './log';
import { Mornings } from './Mornings';
import { PainBefore } from './PainBefore';
import { cued, play, repetition, type Press } from './player';
import { Afterwards, Count, Done, HowTo, PlayerKeys, Progress, TimeLine } from './PlayerParts';
import { TempoPath } from './TempoPath';
import { useKeptLog } from './useKeptLog';

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
export function Player({ person, name, sheet }: { person: string; name: string; sheet: Schemas['CueSheetView'] }) {
  const { cues } = sheet;
  const items = useMemo(() => new Map(sheet.items.map((item) => [item.id, item])), [sheet.items]);
  const { log, update, elsewhere, goOnHere, saved, keptHere } = useKeptLog(sheet.session);
  const [player, press] = useReducer(play(cues), null, () => ({
    ...cued(cues, Math.min(log.at, cues.length - 1)),
    over: log.over,
  }));
  const [mornings, setMornings] = useState(sheet.mornings.length > 0);
  const started = log.moments.length > 0 || log.sets.length > 0 || log.at > 0;
  const { send, saving, problem, other, odd, settle } = useSending(person, log, update, saved);
  const cue = cues[player.at];
  const planned = sheet.items.reduce((sum, one) => sum + one.sets, 0);
  const item = cue ? items.get(cue.item) : undefined;

  // Where the player stands is on the device too, however it got there.
  useEffect(() => {
    if (player.at !== log.at || player.over !== log.over) update({ at: player.at, over: player.over });
  }, [player.at, player.over, log.at, log.over, update]);
  useEffect(() => {
    if (!player.running) return;
    const timer = setInterval(() => update({}), STILL_RUNNING);
    return () => clearInterval(timer);
  }, [player.running, update]);

  const checking = log.answering ?? dueCheck(cues, player.over ? cues.length : player.at, log);

  const seconds = Math.ceil(player.leftMs / 1000);
  useRunning(player, seconds, press);
  const next = cues.slice(player.at + 1).find((other) => other.stretch === 'work');
  const nextItem = next && items.get(next.item);
  const leftSeconds = seconds + cues.slice(player.at + 1).reduce((sum, other) => sum + other.seconds, 0);
  const toggle = () => {
    update({});
    press({ do: player.running ? 'pause' : 'start' });
  };

  const saveSet = (set: SetLog) => update({ sets: withSet(log.sets, set), answering: null });
  const undoSet = () => {
    const last = log.sets.at(-1);
    if (last) update({ sets: log.sets.slice(0, -1), answering: last });
  };
  useEffect(() => {
    if (elsewhere) press({ do: 'pause' });
  }, [elsewhere]);
  const keys = [
    { key: ' ', label: 'start, pause', run: toggle },
    { key: 'ArrowRight', label: 'skip', run: () => press({ do: 'skip' }) },
    { key: 'ArrowLeft', label: 'back', run: () => press({ do: 'back' }) },
    { key: 'u', label: 'undo', run: undoSet },
  ];
  useShortcuts(elsewhere ? [] : keys);

  const rep = cue ? repetition(cue, player.leftMs) : null;
  const shown = cue?.stretch === 'work' ? item : (nextItem ?? item);
  const checked = checking ? items.get(checking.item) : undefined;
  const working = cue?.stretch === 'work';
  const word = cue ? wordOf(cue) : '';

  return (
    <main data-theme="dark" className="relative flex-1 bg-ground p-4 pb-0 text-ink lg:overflow-y-auto">
      <div className="mx-auto flex min-h-full max-w-xl flex-col gap-4 max-lg:min-h-[calc(100dvh-5.5rem)] max-sm:gap-2.5">
        <Progress
          name={name}
          sheet={sheet}
          leftSeconds={leftSeconds}
          keptHere={keptHere}
          started={started}
          log={log}
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
        {elsewhere ? (
          <ElsewhereNote
            elsewhere={elsewhere}
            person={person}
            onGoOn={() => {
              const { at, differing } = goOnHere();
              press({ do: 'go', at });
              return differing;
            }}
          />
        ) : !started && mornings ? (
          <Mornings person={person} questions={sheet.mornings} onDone={() => setMornings(false)} />
        ) : player.over && !checked ? (
          <Done
            log={log}
            planned={planned}
            problem={problem}
            saving={saving}
            odd={odd}
            other={other}
            send={() => send()}
            settle={settle}
            undoSet={undoSet}
            press={press}
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
              <PainBefore places={sheet.painPlaces} told={log.painBefore} onTell={(painBefore) => update({ painBefore })} />
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
            {rep && cue && !checked && <TempoPath phases={cue.phases} phase={rep.phase} part={rep.part} />}
            {checked && checking ? (
              <FormCheck
                key={`${checking.item}-${checking.set}`}
                item={checked}
                set={checking.set}
                painStopsAbove={sheet.painStopsAbove}
                painPlaces={sheet.painPlaces}
                painBefore={log.painBefore}
                start={log.answering}
                onAnswer={(answering) => update({ answering })}
                onSave={saveSet}
                onPass={() => update({ answering: null, passed: [...log.passed, `${checking.item} ${checking.set}`] })}
              />
            ) : (
              shown && <HowTo item={shown} />
            )}
            {!started && <BeforeStart sheet={sheet} />}
            <PlayerKeys press={press} running={player.running} toggle={toggle} started={started} />
            <Afterwards log={log} undoSet={undoSet} press={press} cues={cues} person={person} sheet={sheet} />
          </>
        )}
      </div>
    </main>
  );
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

/** The log on its way: kept on the device until the server has it, then asked about where its time is odd. */
function useSending(person: string, log: KeptLog, update: (change: Partial<KeptLog>) => void, saved: () => void) {
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const [odd, setOdd] = useState<Schemas['LogView'] | null>(null);
  const [differs, setDiffers] = useState(false);
  const navigate = useNavigate();
  const refresh = useRefresh();
  const onwards = async () => {
    savedNow();
    await refresh();
    await navigate(`/people/${person}/review`);
  };
  const send = async (id = log.id) => {
    setSaving(true);
    setProblem(null);
    const { data, error } = await http.POST('/api/people/{person}/logs', {
      params: { path: { person } },
      body: { id, session: log.session, seconds: null, moments: log.moments, painBefore: log.painBefore, sets: log.sets },
    });
    setSaving(false);
    setDiffers(error?.code === 'other-content');
    if (error) return setProblem(`${sentenceOf(error)} The log stays on this device.`);
    saved();
    if (data.odd) return setOdd(data);
    await onwards();
  };
  /** The time that was really trained, where what was counted looked odd; null leaves it as counted. */
  const settle = async (seconds: number | null) => {
    if (seconds !== null) {
      setSaving(true);
      const { error } = await http.PUT('/api/people/{person}/logs/{log}/time', {
        params: { path: { person, log: log.id } },
        body: { seconds },
      });
      setSaving(false);
      if (error) return setProblem(sentenceOf(error));
    }
    await onwards();
  };
  // An earlier sending of this log arrived and its answer did not; here something was answered otherwise since.
  const other = differs
    ? {
        keepTheirs: async () => {
          saved();
          await onwards();
        },
        keepBoth: async () => {
          const id = newId();
          update({ id });
          await send(id);
        },
      }
    : null;
  return { send, saving, problem, other, odd, settle };
}

/** What runs with the clock: its ticks, the screen kept awake, and the beeps. */
function useRunning({ running, at }: { running: boolean; at: number }, seconds: number, press: (key: Press) => void) {
  useEffect(() => {
    if (!running) return;
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      press({ do: 'tick', ms: now - last });
      last = now;
    }, 50);
    return () => clearInterval(timer);
  }, [running, press]);

  useEffect(() => {
    if (!running || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    navigator.wakeLock.request('screen').then(
      (held) => (lock = held),
      () => undefined,
    );
    return () => void lock?.release();
  }, [running]);

  const lastAt = useRef(at);
  useEffect(() => {
    if (at !== lastAt.current && running) beep('go');
    lastAt.current = at;
  }, [at, running]);

  useEffect(() => {
    if (running && seconds <= 3 && seconds > 0) beep('count');
  }, [seconds, running]);
}

/** When a set has ended its check is due, while the rest runs on; only the newest one is asked for. */
function dueCheck(cues: Schemas['Cue'][], at: number, { sets, passed }: KeptLog): { item: string; set: number } | null {
  const gone = cues.slice(0, at).findLast((other) => other.endsSet);
  if (!gone || passed.includes(`${gone.item} ${gone.set}`)) return null;
  return sets.some((set) => set.item === gone.item && set.set === gone.set) ? null : { item: gone.item, set: gone.set };
}

function wordOf(cue: Schemas['Cue']): string {
  if (cue.stretch === 'work') return cue.side === 'both' ? 'work' : sides[cue.side];
  return cue.stretch === 'side-change' ? `change to the ${sides[cue.side]}` : cue.stretch.replace('-', ' ');
}
