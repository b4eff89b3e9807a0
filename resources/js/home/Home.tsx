import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { useSearchParams } from 'react-router';
import { api, http, newId, sentenceOf, type Schemas } from '@/api/client';
import { Alone } from '@/coach/alone';
import { Mornings } from '@/coach/Mornings';
import { setOwner } from '@/editor/device';
import { ReasonProvider } from '@/frame/reason';
import { Logo } from '@/frame/Logo';
import { sayOnce } from '@/frame/sayOnce';
import { useReach } from '@/offline/kept';
import { useSendingByItself } from '@/offline/outbox';
import { setTrainer } from '@/offline/trainer';
import { morningToAsk } from '@/offline/told';
import { useTraining } from '@/offline/useTraining';
import { useNewVersion } from '@/offline/version';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { Loading } from '@/ui/Loading';
import { NotSent, useNotSent } from './NotSent';
import { Play } from './Play';
import { Progress } from './Progress';
import { Stop } from './Stop';
import { Now, Week } from './ThisWeek';
import { News, Words } from './Words';

type View = Schemas['HomeView'];
type Session = Schemas['HomeSessionView'];

/** A person's own page: what to do today, the week, and what is wrong. Opened by the cookie of their link. */
export function Home() {
  const home = api.useQuery('get', '/api/home', {}, { retry: false, staleTime: 30_000 });
  const owner = home.data?.owner ?? '';
  setTrainer(owner);
  setOwner(owner);
  useSendingByItself(owner);
  const [search] = useSearchParams();
  const session = search.get('s');
  if (home.data && session && !home.data.closed)
    return (
      <ReasonProvider>
        <Play home={home.data} session={session} afterwards={search.has('afterwards')} />
      </ReasonProvider>
    );
  return (
    <main className="mx-auto grid max-w-xl content-start gap-6 p-5 text-lg">
      <p className="flex items-center gap-2.5 font-display text-xl font-[650]">
        <Logo /> {home.data?.practice ?? 'Even Rungs'}
      </p>
      {home.data ? (
        <Today home={home.data} />
      ) : home.error?.code === 'home-code' ? (
        <Code sentence={home.error.sentence} onIn={() => void home.refetch()} />
      ) : home.error?.code === 'home-closed' ? (
        <p role="alert" className="rounded-lg border border-rail bg-sheet p-5 font-semibold">
          {home.error.sentence}
        </p>
      ) : (
        <Loading what="Opening your page" error={home.error} again={() => void home.refetch()} />
      )}
    </main>
  );
}

function Today({ home }: { home: View }) {
  const client = useQueryClient();
  const { waits, stops } = useNotSent(home.painStopsAbove);
  const [stopping, setStopping] = useState(false);
  const told = useRef(newId());
  const [problem, setProblem] = useState<string | null>(null);
  const take = (next: View) => client.setQueryData(api.queryOptions('get', '/api/home', {}).queryKey, next);
  const tell = async (signs: string[]) => {
    const { data, error } = await sayOnce(told, (id) => http.POST('/api/home/signs', { body: { id, signs } }));
    if (error) return setProblem(sentenceOf(error));
    told.current = newId();
    take(data);
    setStopping(false);
  };
  const { now } = home;
  const { shownFrom } = useReach();
  const newVersion = useNewVersion();
  // What can be done this week lies on the device, for where there is no network.
  const sessions = [...new Set([now, ...home.week].flatMap((one) => (one ? [one.id] : [])))].join();
  useEffect(() => {
    for (const session of sessions === '' ? [] : sessions.split(','))
      void http.GET('/api/home/sessions/{session}/cues', { params: { path: { session } } });
    // Told anew, another part of them may be left out.
  }, [sessions, home]);
  return (
    <>
      <h1 className="text-3xl">{home.name.split(' ')[0]}</h1>
      {home.closed ? (
        <p role="alert" className="rounded-lg border-2 border-ink bg-sheet p-5 font-semibold">
          {home.closed}
        </p>
      ) : stopping ? (
        <Stop signs={home.signs} problem={problem} onTell={tell} onBack={() => setStopping(false)} />
      ) : (
        <>
          {shownFrom !== null && (
            <p role="status" className="text-base text-ochre">
              No network: as of{' '}
              {new Date(shownFrom).toLocaleString('en-GB', { weekday: 'long', hour: '2-digit', minute: '2-digit' })}.
            </p>
          )}
          {waits && <NotSent stops={stops} />}
          <News home={home} />
          {newVersion && (
            <p role="status" className="text-base text-ink2">
              There is a new version of this page.{' '}
              <Button look="quiet" onClick={newVersion}>
                load it
              </Button>
            </p>
          )}
          {now && home.morning && <Morning key={home.morning.log} home={home} session={now} question={home.morning} />}
          {now ? (
            <Now key={`${now.id} ${now.on ?? ''}`} session={now} home={home} stops={stops} onTold={take} />
          ) : (
            <p>There is nothing planned for you yet.</p>
          )}
          {home.week.length > 0 && <Week week={home.week} today={home.today} />}
          <Progress home={home} />
          <section className="grid gap-3 border-t border-hairline pt-5 text-base">
            <p>
              Stop when something hurts more than before, tingles, or feels wrong. Pain above {home.painStopsAbove} of 10: leave
              it, and call your practice.
            </p>
            <Button className="min-h-12 justify-self-start" onClick={() => setStopping(true)}>
              Something is wrong
            </Button>
          </section>
          <Words onTold={take} />
          <Terms terms={home.terms} />
          {home.isWritten && <NoMessages onTold={take} />}
        </>
      )}
    </>
  );
}

/** The words of a sheet, in plain ones. */
function Terms({ terms }: { terms: View['terms'] }) {
  return (
    <details className="border-t border-hairline pt-5">
      <summary className="min-h-11 cursor-pointer">What the words mean</summary>
      <dl className="mt-2 grid gap-2 text-base">
        {terms.map(({ value, label }) => (
          <div key={value}>
            <dt className="font-semibold">{value}</dt>
            <dd>{label}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}

/** One press ends all messages. */
function NoMessages({ onTold }: { onTold: (home: View) => void }) {
  const [problem, setProblem] = useState<string | null>(null);
  const end = async () => {
    const { data, error } = await http.POST('/api/home/no-messages');
    if (error) setProblem(sentenceOf(error));
    else onTold(data);
  };
  return (
    <p className="text-base text-ink2">
      You get messages from here.{' '}
      <Button look="quiet" className="min-h-11" onClick={() => void end()}>
        no more messages
      </Button>
      {problem && <span role="alert"> {problem}</span>}
    </p>
  );
}

/** How the morning after was: told once, also without a network. */
function Morning({ home, session, question }: { home: View; session: Session; question: Schemas['MorningQuestionView'] }) {
  const { told, say } = useTraining({ person: home.person, name: home.name, session: session.id, title: session.title });
  const [isPassed, pass] = useState(false);
  if (isPassed || !told || morningToAsk(question, told) === null) return null;
  return (
    <Alone value>
      <Mornings
        question={question}
        places={home.painPlaces}
        onTell={(pains) => void say({ kind: 'morning', other: question.log, pains })}
        onPass={() => pass(true)}
      />
    </Alone>
  );
}

/** On a second device: the code that the trainer sees. */
function Code({ sentence, onIn }: { sentence: string; onIn: () => void }) {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const tell = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const code = formText(event.currentTarget)('code');
    setBusy(true);
    const { error } = await http.POST('/api/home/code', { body: { code } });
    setBusy(false);
    if (error) setProblem(sentenceOf(error));
    else onIn();
  };
  return (
    <form onSubmit={(event) => void tell(event)} className="grid gap-4 rounded-lg border border-rail bg-sheet p-5">
      <h1 className="text-2xl">Another device</h1>
      <p>{sentence}</p>
      <TextField
        label="Code of six figures"
        name="code"
        inputMode="numeric"
        autoComplete="one-time-code"
        required
        problem={problem}
        className="text-2xl tracking-widest"
      />
      <Button look="next" type="submit" className="min-h-12" disabled={busy}>
        Open my page here
      </Button>
    </form>
  );
}
