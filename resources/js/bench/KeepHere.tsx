import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { api, http } from '@/api/client';
import { CodeForm } from '@/frame/Unlock';
import { setCode } from '@/offline/code';
import { keepFloor, stopKeeping, useKeeping, useReach } from '@/offline/kept';
import { Button } from '@/ui/Button';

const NewCode = lazy(async () => ({ default: (await import('./NewCode')).NewCode }));

/** What was kept longer ago than this, in ms, is brought up to date by itself: half an hour. */
const FRESH = 30 * 60_000;

const moment = (at: number): string =>
  new Date(at).toLocaleString('en-GB', { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

/** Whether today's people are on this device, until when, and the ways to keep them, bring them up to date and let go. */
export function KeepHere() {
  const me = api.useQuery('get', '/api/me', {}, { retry: false });
  return me.data && 'serviceWorker' in navigator && isSecureContext ? <Keep id={me.data.id} name={me.data.name} /> : null;
}

function Keep({ id, name }: { id: string; name: string }) {
  const keeping = useKeeping(id);
  const { away: isAway } = useReach();
  const [asking, setAsking] = useState(false);
  const [progress, setProgress] = useState<[number, number] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const running = useRef(false);
  const bring = async () => {
    if (running.current) return;
    running.current = true;
    setProgress([0, 0]);
    setProblem(await keepFloor(id, (done, of) => setProgress([done, of])));
    setProgress(null);
    running.current = false;
  };
  /** For the whole practice; what lies here already is held to it at once. */
  const setDays = async (days: number) => {
    const { error } = await http.PUT('/api/floor/days', { body: { days } });
    if (error) setProblem(error.sentence);
    else await bring();
  };
  const keptAt = keeping?.keeper?.kept?.at ?? 0;
  const mayBring = keeping?.unlocked === true && !isAway;
  const latest = useRef(bring);
  useEffect(() => {
    latest.current = bring;
  });
  useEffect(() => {
    if (mayBring && Date.now() - keptAt > FRESH) void latest.current();
  }, [mayBring, keptAt]);

  if (!keeping) return null;
  const { keeper, unlocked } = keeping;
  const kept = keeper?.kept ?? null;
  return (
    <section aria-label="On this device" className="mt-6 grid gap-2 border-t border-hairline pt-4 text-sm text-ink2">
      {!keeper ? (
        <p className="flex flex-wrap items-center gap-3">
          <Button onClick={() => setAsking(true)}>Keep today’s people on this device</Button>
          To coach where there is no network: board, sheet and cues of today and tomorrow, encrypted under a code of yours.
        </p>
      ) : unlocked ? (
        <p className="flex flex-wrap items-center gap-3">
          <span role="status">
            {progress
              ? `Keeping today’s people here: ${progress[0]} of ${progress[1]} …`
              : kept
                ? `Kept on this device until ${moment(kept.until)}: ${kept.people === 1 ? 'one person' : `${kept.people} people`} of today and tomorrow.`
                : 'Nothing is kept on this device yet.'}
          </span>
          {!isAway && (
            <Button look="quiet" disabled={progress !== null} onClick={() => void bring()}>
              bring up to date
            </Button>
          )}
          <Button look="quiet" onClick={() => void stopKeeping(id)}>
            let go of it
          </Button>
          {!isAway && (
            <label className="flex items-center gap-2">
              Devices of this practice keep people for
              <select
                className="field min-h-11 w-auto!"
                disabled={progress !== null}
                value={keeper.days ?? 3}
                onChange={(event) => void setDays(Number(event.target.value))}
              >
                {[1, 2, 3, 5, 7, 14].map((days) => (
                  <option key={days} value={days}>
                    {days === 1 ? 'one day' : `${days} days`}
                  </option>
                ))}
              </select>
            </label>
          )}
        </p>
      ) : (
        <div className="grid gap-2">
          <p>
            {kept ? `Kept on this device until ${moment(kept.until)}, and locked.` : 'What is kept on this device is locked.'}
          </p>
          <CodeForm keeper={keeper} action="Unlock" onOpen={() => undefined} />
        </div>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {asking && (
        <Suspense>
          <NewCode onClose={() => setAsking(false)} onCode={(code) => setCode(id, name, code)} />
        </Suspense>
      )}
    </section>
  );
}
