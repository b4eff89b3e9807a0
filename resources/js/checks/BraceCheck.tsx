import { useEffect, useRef, useState } from 'react';
import { http, newId, type Schemas, sentenceOf } from '@/api/client';
import { beep } from '@/ui/beep';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { BraceByHand } from './BraceByHand';
import { atPort, canConnect, connect, standIn, type Reading } from './cuff';
import { useKeepBrace } from './useKeepBrace';

type Phase = 'connecting' | 'ready' | 'running' | 'done' | 'silent' | 'by-hand';

const WIDTH = 600;
const HEIGHT = 160;
const y = (mmHg: number) => HEIGHT - ((Math.min(60, Math.max(20, mmHg)) - 20) / 40) * HEIGHT;

/** A minute behind a brace with a pressure cuff under the low back: its readings as they come, then what they come to. */
export function BraceCheck({
  person,
  band,
  onLeave,
}: {
  person: string;
  /** What the check asks for. */
  band: Schemas['BraceBandView'];
  onLeave: () => void;
}) {
  const x = (ms: number) => (ms / 1000 / band.seconds) * WIDTH;
  const [now, setNow] = useState<Reading | null>(null);
  const [readings, setReadings] = useState<Reading[]>([]);
  const [phase, setPhase] = useState<Phase>('connecting');
  const [found, setFound] = useState<Schemas['BraceView'] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [connection, setConnection] = useState(0);
  const began = useRef<number | null>(null);
  const [id] = useState(newId);
  const keepBrace = useKeepBrace(person, onLeave);
  const live = phase === 'connecting' || phase === 'ready' || phase === 'running';

  useEffect(() => {
    if (!live) return;
    const hear = {
      reading: (reading: Reading) => {
        setNow(reading);
        setPhase((was) => (was === 'connecting' ? 'ready' : was));
        if (began.current === null) return;
        if (began.current < 0) began.current = reading.ms;
        const ms = reading.ms - began.current;
        setReadings((was) => [...was, { ms, mmHg: reading.mmHg }]);
        if (ms >= band.seconds * 1000) {
          began.current = null;
          beep('go');
          setPhase('done');
        }
      },
      end: () => setPhase((was) => (was === 'running' ? 'done' : was === 'done' ? was : 'silent')),
    };
    return band.cuff === null ? atPort(hear) : standIn(band.cuff, hear);
  }, [live, connection, band.seconds, band.cuff]);

  const body = { id, samples: readings, seconds: null };
  useEffect(() => {
    if (phase !== 'done') return;
    let newest = true;
    void http
      .POST('/api/people/{person}/brace/preview', {
        params: { path: { person } },
        body: { id, samples: readings, seconds: null },
      })
      .then(({ data, error }) => {
        if (!newest) return;
        setFound(data ?? null);
        if (error) setProblem(sentenceOf(error));
      });
    return () => {
      newest = false;
    };
  }, [phase, person, id, readings]);

  const begin = () => {
    began.current = -1;
    setReadings([]);
    setFound(null);
    setProblem(null);
    setPhase('running');
    beep('go');
  };
  const stop = () => {
    began.current = null;
    setPhase('done');
  };
  const retry = async () => {
    // Which cuff it is has to be chosen once, on a press.
    if (band.cuff === null && !(await connect())) return;
    setPhase('connecting');
    setNow(null);
    setReadings([]);
    setFound(null);
    setProblem(null);
    setConnection(connection + 1);
  };
  const keep = async () => setProblem(await keepBrace(body));

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (document.querySelector('[role=dialog]')) return;
      if (event.key === 'Escape') return onLeave();
      if (phase === 'by-hand') return;
      if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.target instanceof HTMLButtonElement || event.repeat) return;
      event.preventDefault();
      if (phase === 'ready') begin();
      else if (phase === 'running') stop();
      else if (phase === 'done' && found) void keep();
      else if (phase === 'silent') void retry();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

  const seconds = Math.floor((readings.at(-1)?.ms ?? 0) / 1000);
  const inBand = now !== null && now.mmHg >= band.low && now.mmHg <= band.high;
  return (
    <section aria-label="Brace check with a cuff" className="mx-auto grid w-full max-w-3xl gap-5">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-3xl">Brace and breathing</h1>
        <Button look="quiet" hotkey="Esc" onClick={onLeave}>
          leave the check
        </Button>
      </div>
      <HowTo byHand={phase === 'by-hand'} target={band.target} />
      {phase === 'by-hand' ? (
        <BraceByHand person={person} seconds={band.seconds} onLeave={onLeave} />
      ) : (
        <>
          <Gauge band={band} readings={readings} x={x} now={now} inBand={inBand} phase={phase} seconds={seconds} />
          {phase === 'silent' && (
            <p role="alert" className="border-l-4 border-ochre bg-paper p-3">
              No cuff answers.{' '}
              {band.cuff !== null
                ? 'Start the simulated one with bin/cuff and try again.'
                : canConnect()
                  ? 'Connect one to this device and try again.'
                  : 'This browser cannot read one: time the minute by hand, or take a browser that reads serial devices.'}
            </p>
          )}
          {problem && (
            <p role="alert" className="font-semibold text-rowan">
              {problem}
            </p>
          )}
          {found && (
            <p className="border-l-4 border-slate bg-paper p-3 text-lg">
              <Why title="Brace check" reasons={found.reason}>
                {found.reason.sentence}
              </Why>
            </p>
          )}
          <BraceButtons phase={phase} found={found} keep={keep} retry={() => void retry()} begin={begin} stop={stop} />
        </>
      )}
      {(phase === 'silent' || phase === 'connecting' || phase === 'ready') && (
        <div>
          <Button look="quiet" onClick={() => setPhase('by-hand')}>
            without a cuff, timed by hand
          </Button>
        </div>
      )}
    </section>
  );
}

/** How the minute goes, with a cuff and without. */
function HowTo({ byHand, target }: { byHand: boolean; target: number }) {
  return (
    <ul className="grid gap-0.5">
      {byHand ? (
        <li>On the back, knees bent. Brace, then breathe on quietly behind the brace for a minute.</li>
      ) : (
        <>
          <li>On the back, knees bent, the cuff under the low back, pumped to {target}.</li>
          <li>Brace, then breathe on behind the brace; the pressure stays in its band for a minute.</li>
        </>
      )}
      <li className="font-semibold">Ends early when the breath stops or the person tires.</li>
    </ul>
  );
}

/** The one button of each phase. */
function BraceButtons({
  phase,
  found,
  keep,
  retry,
  begin,
  stop,
}: {
  phase: Phase;
  found: Schemas['BraceView'] | null;
  keep: () => Promise<void>;
  retry: () => void;
  begin: () => void;
  stop: () => void;
}) {
  return (
    <div className="flex flex-wrap gap-2">
      {phase === 'done' ? (
        <>
          <Button look="next" hotkey="Enter" className="min-h-14 flex-1 text-lg" disabled={!found} onClick={() => void keep()}>
            Keep the result
          </Button>
          <Button look="floor" onClick={retry}>
            Again
          </Button>
        </>
      ) : (
        <Button
          look="next"
          hotkey="Space"
          className="min-h-14 flex-1 text-lg"
          disabled={phase === 'connecting'}
          onClick={phase === 'ready' ? begin : phase === 'silent' ? retry : stop}
        >
          {phase === 'ready'
            ? 'Begin the minute'
            : phase === 'silent'
              ? 'Look for the cuff again'
              : phase === 'running'
                ? 'Stop'
                : 'Looking for the cuff …'}
        </Button>
      )}
    </div>
  );
}

/** The pressure over the minute with its band, and the number at hand. */
function Gauge({
  band,
  readings,
  x,
  now,
  inBand,
  phase,
  seconds,
}: {
  band: Schemas['BraceBandView'];
  readings: Reading[];
  x: (ms: number) => number;
  now: Reading | null;
  inBand: boolean;
  phase: Phase;
  seconds: number;
}) {
  return (
    <div className="grid items-center gap-4 rounded-lg border border-rail bg-sheet p-5 sm:grid-cols-[1fr_9rem]">
      <div className="relative pl-8">
        {[20, band.low, band.target, band.high, 60].map((level) => (
          <span
            key={level}
            aria-hidden="true"
            className="absolute left-0 w-7 -translate-y-1/2 text-right font-mono text-sm text-ink2"
            style={{ top: `${(100 * (y(level) + 6)) / (HEIGHT + 12)}%` }}
          >
            {level}
          </span>
        ))}
        <svg
          viewBox={`-6 -6 ${WIDTH + 12} ${HEIGHT + 12}`}
          role="img"
          aria-label="Pressure over the minute, with its band"
          className="block min-h-28 w-full"
          preserveAspectRatio="none"
        >
          <rect x={0} width={WIDTH} y={y(band.high)} height={y(band.low) - y(band.high)} className="fill-rung" />
          <line x1={0} x2={WIDTH} y1={y(band.target)} y2={y(band.target)} className="stroke-rung-edge" strokeDasharray="6 6" />
          <polyline
            points={readings.map((reading) => `${x(reading.ms).toFixed(1)},${y(reading.mmHg).toFixed(1)}`).join(' ')}
            className="fill-none stroke-ink"
            strokeWidth="3"
            strokeLinejoin="round"
          />
          {now && (
            <circle cx={x(readings.at(-1)?.ms ?? 0)} cy={y(now.mmHg)} r="7" className={inBand ? 'fill-fern' : 'fill-rowan'} />
          )}
        </svg>
      </div>
      <div className="text-center" role="status">
        <p className="font-mono text-6xl leading-none font-bold">
          {phase === 'running' || phase === 'done' ? seconds : (now?.mmHg.toFixed(0) ?? '–')}
        </p>
        <p className="text-ink2">
          {phase === 'running' || phase === 'done'
            ? `of ${band.seconds} s`
            : phase === 'connecting'
              ? 'looking for the cuff'
              : 'mmHg'}
        </p>
        {phase === 'running' && (
          <p className={inBand ? 'font-semibold text-fern' : 'font-semibold text-rowan'}>
            {inBand ? 'in the band' : 'out of the band'}
          </p>
        )}
      </div>
    </div>
  );
}
