import { useState } from 'react';
import { http, newId, sentenceOf, type Schemas } from '@/api/client';
import { TwoDevices, WhichHolds } from '@/frame/Settle';
import { savedNow } from '@/frame/saving';
import { device } from '@/offline/trainings';
import { Button } from '@/ui/Button';

/** A training that does not count as told yet: said here, on whatever device, what only the trainer knows. */
export function Unsettled({
  person,
  training,
  onSettled,
}: {
  person: string;
  training: Schemas['UnsettledView'];
  onSettled: () => Promise<void>;
}) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const tell = async (event: Omit<Schemas['EventInput'], 'id' | 'moments'>) => {
    setBusy(true);
    setProblem(null);
    const { data, error } = await http.POST('/api/people/{person}/trainings/{training}', {
      params: { path: { person, training: training.id } },
      body: {
        session: training.session,
        device: device(),
        on: training.on,
        byHand: false,
        startedAt: Date.now(),
        sentAt: Date.now(),
        events: [{ ...event, id: newId(), moments: [] }],
      },
    });
    setBusy(false);
    if (error) return setProblem(sentenceOf(error));
    if (data.refused[0]) return setProblem(data.refused[0].sentence);
    savedNow();
    await onSettled();
  };
  const { also } = training;
  return (
    <div className="mb-3 grid max-w-2xl gap-2">
      {training.waits === 'end' && (
        <section className="grid gap-3 rounded-lg border border-ochre bg-sheet p-4">
          <h2 className="text-xl">Not ended</h2>
          <p>{training.sentence} Until it has ended it counts for nothing.</p>
          <Button
            look="next"
            className="justify-self-start"
            disabled={busy}
            onClick={() => void tell({ kind: 'ended', instead: [] })}
          >
            It ended there
          </Button>
        </section>
      )}
      {training.waits === 'two' && also && (
        <TwoDevices
          also={also}
          busy={busy}
          problem={null}
          onSame={() => void tell({ kind: 'joined', instead: [], other: also.id })}
          onApart={() => void tell({ kind: 'apart', instead: [], other: also.id })}
        />
      )}
      {training.waits === 'answers' && (
        <WhichHolds
          differing={training.differing}
          busy={busy}
          onChoose={({ item, number, ways }, { set }) =>
            void tell({ kind: 'set', item, number, set, instead: ways.map(({ event }) => event) })
          }
        />
      )}
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
    </div>
  );
}
