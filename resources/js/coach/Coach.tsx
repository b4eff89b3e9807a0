import { useSearchParams } from 'react-router';
import { api, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { NoSession } from '@/frame/NoSession';
import { onward } from '@/frame/onward';
import { usePerson } from '@/frame/usePerson';
import { useSession } from '@/frame/useSession';
import { useTraining } from '@/offline/useTraining';
import { Loading } from '@/ui/Loading';
import { LogAfterwards } from './LogAfterwards';
import { Player } from './Player';
import { Wall } from './Wall';

/** Coaches a session from its cue sheet; closed while a danger sign stands. */
export function Coach() {
  const person = usePerson();
  if (!person.standing.open) return <Closed person={person} />;
  return <OpenCoach person={person.id} name={person.name} />;
}

function OpenCoach({ person, name }: { person: string; name: string }) {
  const { list, session } = useSession(person);
  const [query] = useSearchParams();
  const sheet = api.useQuery(
    'get',
    '/api/people/{person}/sessions/{session}/cues',
    {
      params: { path: { person, session: session ?? '' }, ...(query.has('afterwards') && { query: { done: 'yes' } }) },
    },
    { enabled: session !== null, staleTime: Infinity, gcTime: 0, refetchOnReconnect: false },
  );
  if (list.data && session === null) return <NoSession person={person} />;
  if (!sheet.data)
    return (
      <Loading
        what="Laying out the cues"
        error={sheet.error ?? list.error}
        again={() => void sheet.refetch()}
        onward={onward(person, session, sheet.error)}
      />
    );
  return <WithTraining key={sheet.data.session} person={person} name={name} sheet={sheet.data} />;
}

/** What this device knows of the training comes before the first cue. */
function WithTraining({ person, name, sheet }: { person: string; name: string; sheet: Schemas['CueSheetView'] }) {
  const [query] = useSearchParams();
  const training = useTraining({ person, name, session: sheet.session, title: sheet.title });
  const { opened, told } = training;
  if (!opened || !told) return <Loading what="Looking what this device has" />;
  if (query.has('afterwards'))
    return (
      <LogAfterwards key={sheet.session} person={person} name={name} sheet={sheet} training={{ ...training, opened, told }} />
    );
  if (query.has('wall')) return <Wall sheet={sheet} training={{ ...training, opened, told }} />;
  return <Player key={opened.training.id} person={person} name={name} sheet={sheet} training={{ ...training, opened, told }} />;
}
