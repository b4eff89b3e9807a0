import { useEffect, useRef, useState } from 'react';
import { http, newId, type Schemas } from '@/api/client';
import { beep } from '@/ui/beep';
import { undoToast } from '@/frame/undoToast';
import { useRefresh } from '@/frame/usePerson';
import { sayOnce } from '@/frame/sayOnce';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { COUNTDOWN_MS, following, heldSeconds, keepWatch, press, REST_MS, tick, type Watch } from './stopwatch';

type End = Schemas['HoldRequest']['end'];

const ends: { end: Exclude<End, 'cap'>; label: string }[] = [
  { end: 'form-lost', label: 'Form was lost' },
  { end: 'stopped', label: 'The person stopped' },
  { end: 'pain', label: 'Pain' },
];
/** Space and Enter on a keyboard, and the keys a presentation clicker sends. */
const go = [' ', 'Enter', 'PageDown', 'PageUp'];

/** One hold against a large clock: a single key starts and stops it, a second one says why it ended. */
export function HoldClock({
  person,
  test,
  start,
  onLeave,
}: {
  person: string;
  test: Schemas['HoldTestView'];
  start: Watch;
  onLeave: () => void;
}) {
  const [watch, setWatch] = useState(() => tick(start, Date.now(), test.stopAt));
  const [now, setNow] = useState(() => Date.now());
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const id = useRef(newId());
  const refresh = useRefresh();
  const before = test.sides.find((side) => side.side === watch.side);
  const passed = now - watch.at;

  useEffect(() => void keepWatch(person, watch), [person, watch]);
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(Date.now());
      setWatch((was) => tick(was, Date.now(), test.stopAt));
    }, 100);
    return () => clearInterval(timer);
  }, [test.stopAt]);

  const beat = watch.phase === 'countdown' ? `count ${Math.ceil((COUNTDOWN_MS - passed) / 1000)}` : watch.phase;
  useEffect(() => {
    if (beat.startsWith('count')) beep('count');
    if (beat === 'running' || beat === 'ended') beep('go');
  }, [beat]);

  const leave = () => {
    keepWatch(person, null);
    onLeave();
  };
  const save = async (seconds: number, end: End, note = '') => {
    if (saving) return;
    setSaving(true);
    setProblem(null);
    const { data, error } = await sayOnce(id, (under) =>
      http.POST('/api/people/{person}/holds', {
        params: { path: { person } },
        body: { id: under, kind: test.kind, side: watch.side, seconds, end, note },
      }),
    );
    setSaving(false);
    if (!data) return setProblem(error.sentence);
    const kept = id.current;
    id.current = newId();
    undoToast(
      data.sentence,
      () => http.DELETE('/api/people/{person}/holds/{hold}', { params: { path: { person, hold: kept } } }),
      refresh,
    );
    const next = following(watch, Date.now());
    if (next) setWatch(next);
    else leave();
  };
  const seconds = heldSeconds(watch.ms);
  const capped = watch.phase === 'ended' && seconds >= test.stopAt;

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[role=dialog]')) return;
      if (event.target instanceof HTMLInputElement) return;
      if (event.key === 'Escape') return leave();
      if (watch.phase === 'ended') {
        const chosen = ends[Number(event.key) - 1];
        if (chosen && !capped) void save(seconds, chosen.end);
        else if (capped && event.key === 'Enter') void save(seconds, 'cap');
        return;
      }
      // A button in focus answers Space and Enter itself.
      if (!go.includes(event.key) || event.repeat || (event.target instanceof HTMLButtonElement && !event.key.startsWith('Page')))
        return;
      event.preventDefault();
      setWatch(press(watch, Date.now()));
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

  const [shown, word, action] = {
    ready: ['0', watch.then.length > 0 || watch.side !== 'both' ? watch.side : 'ready', 'Start'],
    countdown: [String(Math.ceil((COUNTDOWN_MS - passed) / 1000)), 'into position', 'Not yet'],
    running: [String(heldSeconds(passed)), watch.side === 'both' ? 'hold' : watch.side, 'Stop'],
    ended: [String(seconds), capped ? 'stopped at the cap' : 'held', ''],
    lost: ['?', 'the clock was left running', 'Test again'],
    rest: [
      String(Math.max(0, Math.ceil((REST_MS - passed) / 1000))),
      `rest, then the ${watch.side}`,
      `Start the ${watch.side} side`,
    ],
  }[watch.phase];

  return (
    <section aria-label={`Timed hold: ${test.label}`} className="mx-auto grid w-full max-w-2xl gap-5">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-3xl">{test.label}</h1>
        <Button look="quiet" hotkey="Esc" onClick={leave}>
          leave the test
        </Button>
      </div>
      <ul className="grid gap-0.5">
        {test.setUp.map((line) => (
          <li key={line}>{line}</li>
        ))}
        <li className="font-semibold">Ends when: {test.endsWhen}</li>
      </ul>
      <div className="grid justify-items-center gap-1 rounded-lg border border-rail bg-sheet p-5">
        <p className="font-display text-2xl font-[650]" role="status">
          {word}
        </p>
        <p className="font-mono text-[10rem] leading-none font-bold tabular-nums max-sm:text-[9rem]">{shown}</p>
        <p className="min-h-6 text-ink2">
          {before?.last ? (
            <>
              last <span className="font-mono">{before.last}</span> s · best <span className="font-mono">{before.best}</span> s
            </>
          ) : (
            'first time'
          )}{' '}
          · stopped at <span className="font-mono">{test.stopAt}</span> s
        </p>
      </div>
      {watch.phase === 'lost' && (
        <p className="border-l-4 border-ochre bg-paper p-3">
          This clock ran on past its cap with nobody there, so the time is not known. Test again, or type what was measured.
        </p>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {watch.phase === 'ended' ? (
        <Ending capped={capped} saving={saving} save={save} seconds={seconds} setWatch={setWatch} watch={watch} />
      ) : (
        <Button look="next" hotkey="Space" className="min-h-16 text-xl" onClick={() => setWatch(press(watch, Date.now()))}>
          {action}
        </Button>
      )}
      {(watch.phase === 'ready' || watch.phase === 'lost') && (
        <ByHand onKeep={(held) => void save(held, 'form-lost', 'timed by hand')} />
      )}
    </section>
  );
}

/** A time from another clock. */
function ByHand({ onKeep }: { onKeep: (seconds: number) => void }) {
  const [text, setText] = useState('');
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-2 border-t border-hairline pt-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (/^-?\d+$/.test(text.trim())) onKeep(Number(text));
      }}
    >
      <div className="w-44">
        <TextField
          label="Or seconds by hand"
          inputMode="numeric"
          value={text}
          problem={text === '' || /^-?\d+$/.test(text.trim()) ? undefined : 'Whole seconds, such as 42.'}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <Button type="submit" className="min-h-10">
        Keep
      </Button>
    </form>
  );
}

/** Why the hold ended, each reason on a number. */
function Ending({
  capped,
  saving,
  save,
  seconds,
  setWatch,
  watch,
}: {
  capped: boolean;
  saving: boolean;
  save: (seconds: number, end: End, note?: string) => Promise<void>;
  seconds: number;
  setWatch: (value: Watch) => void;
  watch: Watch;
}) {
  return (
    <div className="grid gap-2">
      <p className="font-semibold">{capped ? 'Form held to the cap.' : 'Why did it end?'}</p>
      {capped ? (
        <Button look="next" hotkey="Enter" className="min-h-14" disabled={saving} onClick={() => void save(seconds, 'cap')}>
          Keep {seconds} s
        </Button>
      ) : (
        <div className="grid gap-2 sm:grid-cols-3">
          {ends.map(({ end, label }, index) => (
            <Button key={end} look="floor" hotkey={String(index + 1)} disabled={saving} onClick={() => void save(seconds, end)}>
              {label}
            </Button>
          ))}
        </div>
      )}
      <Button
        look="quiet"
        className="justify-self-start"
        onClick={() => setWatch({ ...watch, phase: 'ready', at: Date.now(), ms: 0 })}
      >
        not counted: test again
      </Button>
    </div>
  );
}
