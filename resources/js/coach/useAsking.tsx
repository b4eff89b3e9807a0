import { useState, type ReactNode } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { TwoDevices, WhichHolds } from '@/frame/Settle';
import { toldBy } from '@/offline/told';
import { begin, device, joinWith, type Training } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { localDate, longDay, today } from '@/ui/day';
import { useAlone } from './alone';
import type { AtHand } from './atHand';
import { beside, strung } from './course';
import type { useCourse } from './useCourse';

/**
 * What somebody has to say first: whether another device tells of the same training, which of two answers holds, and
 * whether what another day left open goes on. Null where nothing is asked.
 */
export function useAsking(
  person: string,
  sheet: Schemas['CueSheetView'],
  {
    opened,
    say,
    goOnWith,
    change,
    course: { press, steps },
  }: Pick<AtHand, 'opened' | 'say' | 'goOnWith' | 'change'> & { course: Pick<ReturnType<typeof useCourse>, 'press' | 'steps'> },
): ReactNode {
  const { training, events } = opened;
  const alone = useAlone();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  // By the device's own clock, and as it was opened: a training that runs past midnight goes on unasked.
  const [isLeft, setLeft] = useState(
    () =>
      toldBy(events.map(({ event }) => event)).sets.length > 0 &&
      !training.byHand &&
      localDate(new Date(training.startedAt)) !== today(),
  );
  const also = training.asked?.also ?? sheet.underWay.find(({ id, device: other }) => id !== training.id && other !== device());
  const isAnswered = events.some(
    ({ event }) => (event.kind === 'joined' || event.kind === 'apart') && (event.other === also?.id || !training.asked?.also),
  );
  if (also && !isAnswered) {
    const same = async () => {
      setBusy(true);
      const { data, error } = await (alone
        ? http.GET('/api/home/trainings/{training}', { params: { path: { training: also.id } } })
        : http.GET('/api/people/{person}/trainings/{training}', { params: { path: { person, training: also.id } } }));
      setBusy(false);
      // Joined without its sets they would be done once more.
      if (!data) return setProblem(sentenceOf(error));
      await goOnWith((here) => joinWith(here, data));
      await say({ kind: 'joined', other: also.id });
      const done = toldBy([...events.map(({ event }) => event), ...data.events]).sets;
      if (done.length === 0) return;
      const all = beside(sheet, steps, done);
      await change({ steps: all }, { isDone: false });
      // On with the first set that nobody did, the rest before it included.
      const at = strung(sheet, all).findIndex((cue) => cue.step >= done.length);
      press(at < 0 ? { do: 'end' } : { do: 'go', at });
    };
    return (
      <TwoDevices
        also={also}
        busy={busy}
        problem={problem}
        onSame={() => void same()}
        onApart={() => void say({ kind: 'apart', other: also.id })}
      />
    );
  }
  const replaced = new Set(events.flatMap(({ event }) => event.instead));
  const differing = (training.asked?.differing ?? []).filter(({ ways }) => ways.some(({ event }) => !replaced.has(event)));
  if (differing.length > 0)
    return (
      <WhichHolds
        differing={differing}
        busy={busy}
        onChoose={({ item, number, ways }, { set }) =>
          void say({ kind: 'set', item, number, set, instead: ways.map(({ event }) => event) })
        }
      />
    );
  if (!isLeft) return null;
  return (
    <Unfinished
      training={training}
      sets={toldBy(events.map(({ event }) => event)).sets.length}
      onGoOn={() => setLeft(false)}
      onEnd={() =>
        void say({ kind: 'ended' }).then(() =>
          goOnWith(() => Promise.resolve(begin({ person, name: training.name, session: sheet.session, title: sheet.title }))),
        )
      }
    />
  );
}

/** What was begun on another day and never ended: gone on with only if that is meant. */
function Unfinished({
  training,
  sets,
  onGoOn,
  onEnd,
}: {
  training: Training;
  sets: number;
  onGoOn: () => void;
  onEnd: () => void;
}) {
  return (
    <section role="alert" className="grid gap-3 rounded-lg border border-ochre bg-sheet p-4">
      <h2 className="text-xl">{longDay(training.on)} was not ended</h2>
      <p>{sets === 1 ? 'One set of this session lies' : `${sets} sets of this session lie`} on this device from that day.</p>
      <div className="grid gap-2 sm:grid-cols-2">
        <Button look="floor-next" onClick={onEnd}>
          It ended there; begin today’s
        </Button>
        <Button look="floor" onClick={onGoOn}>
          Go on with it
        </Button>
      </div>
    </section>
  );
}
