import { useNavigate } from 'react-router';
import { api } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { Closed } from '@/frame/Closed';
import { LeftOut } from '@/frame/LeftOut';
import { NoSession } from '@/frame/NoSession';
import { OwnPage } from '@/frame/OwnPage';
import { usePerson } from '@/frame/usePerson';
import { useSession } from '@/frame/useSession';
import { Button } from '@/ui/Button';
import { Loading } from '@/ui/Loading';

/** What the person gets: doses in plain words, cues, the easier version, cautions; made for paper. */
export function Sheet() {
  const person = usePerson();
  if (!person.standing.open) return <Closed person={person} />;
  return <OpenSheet person={person.id} />;
}

function OpenSheet({ person }: { person: string }) {
  const { list, session } = useSession(person);
  const navigate = useNavigate();
  const sheet = api.useQuery(
    'get',
    '/api/people/{person}/sessions/{session}/sheet',
    { params: { path: { person, session: session ?? '' } } },
    { enabled: session !== null },
  );
  const me = api.useQuery('get', '/api/me');
  if (list.data && session === null) return <NoSession person={person} />;
  if (!sheet.data)
    return <Loading what="Writing the sheet" error={sheet.error ?? list.error} again={() => void sheet.refetch()} />;
  const data = sheet.data;

  return (
    <main className="relative min-w-0 flex-1 overflow-y-auto p-6 max-sm:p-3 print:overflow-visible print:p-0">
      <div className="mb-4 flex max-w-3xl flex-wrap gap-3 print:hidden">
        <Button onClick={() => window.print()}>Print, or save as PDF</Button>
        <OwnPage />
        <Button look="next" onClick={() => void navigate(`/people/${person}/coach?s=${session}`)}>
          Coach it
        </Button>
      </div>
      <article className="max-w-3xl rounded-lg border border-hairline bg-paper p-8 max-sm:p-4 print:max-w-none print:border-0 print:bg-white print:p-0 print:text-black">
        <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1 border-b-2 border-ink pb-3">
          <div>
            <h1 className="text-3xl">{data.title}</h1>
            <p className="text-lg">{data.person}</p>
          </div>
          <p className="text-right text-ink2">
            {me.data?.practice}
            <br />
            {data.date} · <span className="font-mono">{data.totalText}</span> · {data.daysText}
          </p>
        </header>
        {data.picksText && <p className="mt-3 text-lg font-semibold">{data.picksText}</p>}
        {data.circuits.map((circuit) => (
          <p key={circuit} className="mt-3 font-semibold">
            {circuit}
          </p>
        ))}
        <div className="mt-3 print:hidden">
          <LeftOut leftOut={data.leftOut} />
        </div>
        <ol className="mt-2">
          {data.items.map((item, index) => (
            <li
              key={index}
              className="grid [break-inside:avoid] grid-cols-[2.2rem_9rem_1fr] gap-x-3 border-b border-hairline py-4 max-sm:grid-cols-[2.2rem_1fr]"
            >
              <span className="font-display text-2xl leading-tight font-[650]">{index + 1}</span>
              <Figure figure={item.figure} label={item.name} className="h-24 w-full max-sm:h-32" />
              <div className="grid content-start gap-1.5 max-sm:col-span-2">
                <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                  <h2 className="text-xl">{item.name}</h2>
                  <p className="text-lg font-bold">{item.doseText}</p>
                </div>
                <p className="text-ink2">
                  {[item.position, item.kit && `with ${item.kit}`, item.tempoText, item.restText].filter(Boolean).join(' · ')}
                </p>
                {item.setUp && <p className="font-semibold">{item.setUp}</p>}
                <ul className="list-disc pl-5">
                  {item.cues.map((cue) => (
                    <li key={cue}>{cue}</li>
                  ))}
                </ul>
                {item.faults.map((fault) => (
                  <p key={fault.seen} className="text-sm">
                    <strong>If you see:</strong> {fault.seen} <strong>Then:</strong> {fault.fix}
                  </p>
                ))}
                <p className="text-sm">
                  <strong>Check:</strong> {item.check} <strong>Felt:</strong> {item.felt} <strong>Easier today:</strong>{' '}
                  {item.fallback} <strong>To end:</strong> {item.wayOut}
                </p>
              </div>
            </li>
          ))}
        </ol>
        <footer className="mt-4 grid [break-inside:avoid] gap-1.5">
          {data.cautions.map((caution) => (
            <p key={caution} className="border-l-4 border-ochre pl-3">
              {caution}
            </p>
          ))}
          <p>
            Stop and tell your trainer when pain goes above 5 of 10, travels down a leg or an arm, or is worse the next morning.
            Local rules and the advice of a licensed professional come first.
          </p>
        </footer>
      </article>
    </main>
  );
}
