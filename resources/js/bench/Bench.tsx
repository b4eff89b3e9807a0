import { Suspense } from 'react';
import { Link } from 'react-router';
import { api, http } from '@/api/client';
import { MoreLines } from '@/frame/MoreLines';
import { useMore } from '@/frame/useMore';
import { cx } from '@/ui/cx';
import { day, longDay } from '@/ui/day';
import { later } from '@/ui/later';
import { Loading } from '@/ui/Loading';
import { Status } from '@/ui/Status';

const WaitsHere = later(async () => (await import('@/frame/WaitsHere')).WaitsHere);
const AskTime = later(async () => (await import('@/frame/WaitsHere')).AskTime);
const ReadLogFile = later(async () => (await import('@/frame/WaitsHere')).ReadLogFile);
const KeepHere = later(async () => (await import('./KeepHere')).KeepHere);

/** What needs the trainer today, in order of urgency, each line with its single next action. */
export function Bench() {
  // While lines of an earlier day are made anew, which the first visit of a day begins, they are asked for again.
  const bench = api.useQuery('get', '/api/bench', {}, { refetchInterval: ({ state }) => (state.data?.old ? 1500 : false) });
  const { lines, more, busy } = useMore(
    bench.data && { lines: bench.data.lines, next: bench.data.next },
    bench.data,
    async (after) => {
      const { data, error } = await http.GET('/api/bench', { params: { query: { after } } });
      return { page: data && { lines: data.lines, next: data.next }, error };
    },
  );
  // What waits on this device is named without a network, too.
  if (!bench.data || !lines)
    return (
      <main className="relative flex-1 overflow-y-auto px-[max(1.5rem,50%-30.5rem)] py-6">
        <h1 className="sr-only">Bench</h1>
        <Suspense>
          <WaitsHere />
          <AskTime />
        </Suspense>
        <div className="-mx-6">
          <Loading what="Reading the bench" error={bench.error} again={() => void bench.refetch()} />
        </div>
      </main>
    );
  const { today, old, squads } = bench.data;

  return (
    <main className="relative flex-1 overflow-y-auto px-[max(1.5rem,50%-30.5rem)] py-6">
      <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-3xl">Bench</h1>
          <p className="text-ink2">{longDay(today)}</p>
          {old > 0 && (
            <p role="status" className="text-sm text-ink2">
              {old === 1 ? 'One line is' : `${old} lines are`} being looked up anew: what they say may have come due since.
            </p>
          )}
        </div>
        <div className="flex gap-2">
          <Link to="/people" className="look look-plain">
            All people
          </Link>
          <Link to="/people/new" className="look look-plain">
            Add a person
          </Link>
        </div>
      </div>
      <Suspense>
        <WaitsHere />
        <AskTime />
      </Suspense>
      {squads.length > 0 && (
        <ul aria-label="Squads that meet today" className="mb-1.5 grid gap-1.5">
          {squads.map((squad) => (
            <li
              key={squad.id}
              className="relative grid items-center gap-x-4 gap-y-1 rounded-md border border-hairline bg-sheet py-3 pr-3 pl-5 md:grid-cols-[5rem_1fr_11rem]"
            >
              <span aria-hidden="true" className="absolute inset-y-2 left-1.5 w-1 rounded bg-fern" />
              <Status kind="ready" />
              <div className="min-w-0">
                <p className="font-display text-lg font-[650]">{squad.name}</p>
                <p>{squad.sentence}</p>
              </div>
              <Link to={`/squads/${squad.id}`} className="look look-plain min-h-10 justify-center px-3 text-center font-semibold">
                To the squad
              </Link>
            </li>
          ))}
        </ul>
      )}
      {lines.length === 0 ? (
        <div className="grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-6">
          <h2 className="text-xl">Nobody here yet</h2>
          <p>
            Add the first person: a name, the training days, the minutes there are, what is sore. Then ask the danger signs and
            place the person on the board.
          </p>
          <Link to="/people/new" className="look look-next justify-self-start">
            Add the first person
          </Link>
        </div>
      ) : (
        <ol className="grid gap-1.5">
          {lines.map((line, index) => (
            <li
              key={line.id}
              className="relative grid items-center gap-x-4 gap-y-1 rounded-md border border-hairline bg-sheet py-3 pr-3 pl-5 md:grid-cols-[5rem_1fr_8.5rem_11rem]"
            >
              <span
                aria-hidden="true"
                className={`absolute inset-y-2 left-1.5 w-1 rounded ${line.status === 'stop' ? 'bg-ink' : line.status === 'watch' ? 'bg-ochre' : line.status === 'ready' ? 'bg-fern' : 'bg-slate'}`}
              />
              <Status kind={line.status} />
              <div className="min-w-0">
                <p>
                  <Link to={`/people/${line.id}/${line.step}`} className="font-display text-lg font-[650] hover:underline">
                    {line.name}
                  </Link>
                  <span className="ml-2 text-ink2">{line.about}</span>
                </p>
                <p>{line.sentence}</p>
              </div>
              <div className="text-sm text-ink2 max-md:hidden">
                {line.spread && (
                  <p>
                    spread <span className="font-mono font-bold text-ink">{line.spread}</span>
                    {line.weakest && (
                      <span className="block">
                        weakest <span className="text-rowan">{line.weakest}</span>
                      </span>
                    )}
                  </p>
                )}
                {!line.spread && line.lastDone && <p>last {day(line.lastDone)}</p>}
              </div>
              <Link
                to={`/people/${line.id}/${line.step}`}
                className={cx(
                  'look min-h-10 justify-center px-3 text-center font-semibold',
                  index === 0 ? 'look-next' : 'look-plain',
                )}
              >
                {line.action}
              </Link>
            </li>
          ))}
        </ol>
      )}
      <MoreLines more={more} busy={busy} shown={lines.length} />
      <Suspense>
        <KeepHere />
        <ReadLogFile />
      </Suspense>
    </main>
  );
}
