import { useState } from 'react';
import { toast } from '@/ui/notice';
import { askToSignIn } from '@/api/client';
import { readFile, saveAsFile } from '@/offline/file';
import { sendWaiting, useOddTimes, useOutbox, useWaiting } from '@/offline/outbox';
import { remove, tellTabs } from '@/offline/store';
import { stand, tell, tidy } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { OddTime } from './OddTime';

const answers = (count: number): string => (count === 1 ? 'one answer' : `${count} answers`);

/** What was logged on this device and is not with the server: by training, why it waits, and the ways on. */
export function WaitsHere() {
  const waits = useWaiting();
  const { hindered, busy } = useOutbox();
  // What is on its way needs nobody.
  const shown = waits.filter(({ waits: own, refused }) => refused.length > 0 || (own.length > 0 && hindered));
  if (shown.length === 0) return null;
  return (
    <section aria-labelledby="waits-here" className="mb-4 grid gap-2 rounded-md border border-ochre bg-sheet p-4">
      <h2 id="waits-here" className="text-xl">
        On this device, not sent yet
      </h2>
      {hindered && (
        <p role="status">
          {hindered.code === 'offline'
            ? 'The server cannot be reached; it is tried again by itself.'
            : hindered.code === 'signed-out'
              ? 'You have been signed out: sign in, and it is sent.'
              : hindered.sentence}
        </p>
      )}
      <ul className="grid gap-1">
        {shown.map(({ training, waits: own, refused }) => (
          <li key={training.id}>
            <strong>{training.name}</strong>, {training.title}, {day(training.on)}:{' '}
            {own.length > 0 && `${answers(own.length)} ${own.length === 1 ? 'waits' : 'wait'}`}
            {refused.map(({ id, sentence }) => (
              <span key={id} className="block text-rowan">
                Refused: {sentence}{' '}
                <Button
                  look="quiet"
                  onClick={() => {
                    void remove('events', [id]).then(tellTabs);
                  }}
                >
                  let it go
                </Button>
              </span>
            ))}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button
          look="next"
          disabled={busy}
          onClick={() =>
            void (hindered?.code === 'signed-out' ? askToSignIn().then((isIn) => isIn && sendWaiting()) : sendWaiting())
          }
        >
          {busy ? 'Sending …' : hindered?.code === 'signed-out' ? 'Sign in and send' : 'Send now'}
        </Button>
        <Button onClick={() => void saveAsFile()}>Save as a file</Button>
      </div>
    </section>
  );
}

/** How long a training was, where it was sent after everybody had left: asked where it was logged. */
export function AskTime() {
  const [odd] = useOddTimes();
  const log = odd?.training.asked?.log;
  if (!odd || !log) return null;
  const settle = async (seconds: number | null) => {
    if (seconds === null) await stand(odd, () => ({ timeIsRight: true }));
    else await tell(odd, { kind: 'time', seconds }, {}, { isDone: false }).then(sendWaiting);
    await tidy();
    tellTabs();
  };
  return (
    <div className="mb-4 grid gap-1">
      <p>
        <strong>{odd.training.name}</strong>, {odd.training.title}, {day(odd.training.on)}
      </p>
      <OddTime key={odd.training.id} log={log} settle={(seconds) => void settle(seconds)} />
    </div>
  );
}

/** Reads in a file another device saved because it could not send. */
export function ReadLogFile() {
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    const { answers: count, sentence } = await readFile(await file.text());
    setProblem(count === 0 ? sentence : null);
    if (count === 0) return;
    toast(sentence);
    await sendWaiting();
  };
  return (
    <div className="mt-6 text-sm text-ink2">
      <label className="inline-flex min-h-11 cursor-pointer items-center underline underline-offset-4 focus-within:outline-2 focus-within:outline-ink">
        Read in a log that another device saved as a file
        <input
          type="file"
          accept="application/json,.json"
          className="sr-only"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
    </div>
  );
}
