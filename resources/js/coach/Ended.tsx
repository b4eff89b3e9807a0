import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '@/api/client';
import { OddTime } from '@/frame/OddTime';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import { sendWaiting, useOutbox } from '@/offline/outbox';
import { begin, letGo } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { useAlone } from './alone';
import type { AtHand } from './atHand';
import { OnItsWay } from './Done';

/** It has ended: sent, its time asked about where it is odd, then on to the review. */
export function Ended({
  person,
  sheet,
  then = 'review',
  training: { opened, say, goOnWith },
}: {
  person: string;
  /** where to go once it is sent */
  then?: 'review' | 'bench';
  sheet: Schemas['CueSheetView'];
  training: Pick<AtHand, 'opened' | 'say' | 'goOnWith'>;
}) {
  const outbox = useOutbox();
  const navigate = useNavigate();
  const alone = useAlone();
  const next = alone ? '/home' : then === 'review' ? `/people/${person}/review` : '/';
  const refresh = useRefresh();
  const [isTold, setTold] = useState(false);
  const { events, training } = opened;
  const isSent = events.every(({ state }) => state !== 'waits') && training.asked !== null;
  const refused = events.find(({ state }) => state === 'refused');
  // What somebody said of the time is not asked about.
  const isSaid = isTold || events.some(({ event }) => event.kind === 'time');
  const odd = training.asked?.log?.odd && !isSaid ? training.asked.log : null;
  const isOver = isSent && !odd && !refused;
  useEffect(() => {
    if (!isOver) return;
    savedNow();
    void refresh().then(() => navigate(next));
    return () => void letGo(training.id);
  }, [isOver, training.id, next, navigate, refresh]);

  if (odd)
    return (
      <OddTime
        log={odd}
        settle={(seconds) => {
          setTold(true);
          if (seconds !== null) void say({ kind: 'time', seconds });
        }}
      />
    );
  if (isSent && refused)
    return (
      <section className="grid gap-4 rounded-lg border border-rail bg-sheet p-4">
        <h1 className="text-2xl">Saved, but for one answer</h1>
        <p role="alert">{refused.sentence} It stays on this device; the bench offers it as a file.</p>
        <Button look="next" onClick={() => void navigate(next)}>
          {alone ? 'Back' : 'To the review'}
        </Button>
      </section>
    );
  return (
    <>
      <OnItsWay person={person} outbox={outbox} send={sendWaiting} />
      {!isSent && outbox.hindered && (
        <Button
          look="quiet"
          className="min-h-11"
          onClick={() =>
            void goOnWith(() =>
              Promise.resolve(begin({ person, name: training.name, session: sheet.session, title: sheet.title })),
            )
          }
        >
          train this session once more
        </Button>
      )}
    </>
  );
}
