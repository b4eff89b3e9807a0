import { api, type Schemas } from '@/api/client';
import { Alone } from '@/coach/alone';
import { LogAfterwards } from '@/coach/LogAfterwards';
import { Player } from '@/coach/Player';
import { useTraining } from '@/offline/useTraining';
import { useState } from 'react';
import { Link } from 'react-router';
import { Loading } from '@/ui/Loading';
import { NotSent, useNotSent } from './NotSent';

type Home = Pick<Schemas['HomeView'], 'name' | 'person' | 'painStopsAbove'>;

const back = (look: string) => (
  <Link to="/home" className={look}>
    Back to your page
  </Link>
);

/** A session with the same player as on the floor, or ticked off without it. */
export function Play({ home, session, afterwards }: { home: Home; session: string; afterwards: boolean }) {
  const sheet = api.useQuery(
    'get',
    '/api/home/sessions/{session}/cues',
    { params: { path: { session }, ...(afterwards && { query: { done: 'yes' } }) } },
    { staleTime: Infinity, gcTime: 0, refetchOnReconnect: false, retry: false },
  );
  if (!sheet.data)
    return (
      <main className="mx-auto grid max-w-xl gap-4 p-5 text-lg">
        <Loading
          what="Laying out your session"
          error={sheet.error}
          again={() => void sheet.refetch()}
          onward={sheet.error?.code === 'not-today' ? back('look look-next') : null}
        />
        {sheet.error && sheet.error.code !== 'not-today' && back('underline underline-offset-4')}
      </main>
    );
  return (
    <Alone value>
      <Opened home={home} sheet={sheet.data} afterwards={afterwards} />
    </Alone>
  );
}

function Opened({ home, sheet, afterwards }: { home: Home; sheet: Schemas['CueSheetView']; afterwards: boolean }) {
  const training = useTraining({ person: home.person, name: home.name, session: sheet.session, title: sheet.title });
  const { opened, told } = training;
  const { stops } = useNotSent(home.painStopsAbove);
  // The sheet that lies here does not know yet what hurt, and is read anew from one's own page once it is sent.
  const [barred, bar] = useState(false);
  if (!barred && stops && opened?.events.length === 0 && !afterwards) bar(true);
  if (!opened || !told) return <Loading what="Looking what this device has" />;
  if (barred)
    return (
      <main className="mx-auto grid max-w-xl gap-4 p-5 text-lg">
        <h1 className="text-3xl">{sheet.title}</h1>
        {stops ? <NotSent stops /> : <p role="status">Your practice knows now.</p>}
        {back('look look-floor justify-center')}
      </main>
    );
  const props = { person: home.person, name: home.name, sheet, training: { ...training, opened, told } };
  return (
    <div className="flex min-h-dvh">
      {afterwards ? <LogAfterwards {...props} /> : <Player key={opened.training.id} {...props} />}
    </div>
  );
}
