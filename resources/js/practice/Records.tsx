import { Link, useSearchParams } from 'react-router';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { MoreLines } from '@/frame/MoreLines';
import { useMore } from '@/frame/useMore';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { clockTime, day, localDate, longDay } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { toast } from '@/ui/notice';
import { Status } from '@/ui/Status';
import { toHeadingNext } from '@/ui/toHeading';

type Line = Schemas['AccessView'];

/** What the places of the record are called where they are no step of the work. */
const CALLED: Record<string, string> = { home: 'own page', reading: 'sharing and notes' };

const times = (count: number): string => (count === 1 ? '' : ` ${count} times`);

const what = ({ wrote, copies }: Line): string =>
  [
    Object.keys(wrote).length === 0
      ? 'read'
      : `changed ${Object.entries(wrote)
          .map(([step, count]) => `${CALLED[step] ?? step}${times(count)}`)
          .join(', ')}`,
    ...(copies > 0 ? [`took a copy${times(copies)}`] : []),
  ].join('; ');

/** Whoever asked who read one record is shown that. */
const shown = (heading: HTMLElement | null): void => heading?.scrollIntoView();

/** Who read and changed whose record, which of them are at their end, and the last backup of all. For the owner. */
export function Records() {
  const person = useSearchParams()[0].get('of');
  const of = person ? { with: person } : {};
  const first = api.useQuery('get', '/api/practice/access', { params: { query: of } });
  const { lines, more, busy } = useMore(first.data, first.data, async (after) => {
    const { data, error } = await http.GET('/api/practice/access', { params: { query: { ...of, after } } });
    return { page: data, error };
  });
  if (!first.data || !lines)
    return <Loading what="Reading who read what" error={first.error} again={() => void first.refetch()} />;
  return (
    <>
      <section aria-labelledby="access" className="grid gap-3 border-t border-hairline pt-5">
        <h2 id="access" className="text-xl" ref={person ? shown : undefined}>
          Who read and changed what
        </h2>
        {person && (
          <p>
            Of <strong>{lines[0]?.name ?? 'this person'}</strong> alone.{' '}
            <Link className="underline underline-offset-4" to="/practice">
              Everybody’s
            </Link>
          </p>
        )}
        {lines.length === 0 ? (
          <p className="text-ink2">Nobody’s record was opened yet.</p>
        ) : (
          <table className="w-full border-collapse text-sm">
            <thead className="text-left text-ink2 max-md:sr-only">
              <tr>
                <th className="w-28 py-1 pr-4 font-normal">day</th>
                <th className="w-40 py-1 pr-4 font-normal">who</th>
                <th className="w-48 py-1 pr-4 font-normal">whose record</th>
                <th className="py-1 font-normal">what</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((line, at) => (
                <tr key={line.id} className="border-t border-hairline align-top max-md:grid max-md:grid-cols-2 max-md:py-1">
                  <td className="py-1.5 pr-4 whitespace-nowrap max-md:col-span-2 max-md:empty:hidden">
                    {lines[at - 1]?.day === line.day ? '' : day(line.day)}
                  </td>
                  <td className="py-1.5 pr-4">{line.by}</td>
                  <td className="py-1.5 pr-4">
                    <Link className="underline underline-offset-4" to={`/people/${line.person}/person`}>
                      {line.name}
                    </Link>
                  </td>
                  <td className="py-1.5 max-md:col-span-2">{what(line)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <MoreLines more={more} busy={busy} shown={lines.length} />
      </section>
      <Erasures erasures={first.data.erasures} />
      <Backup at={first.data.backedUpAt} isOld={first.data.isBackupOld} />
    </>
  );
}

function Erasures({ erasures }: Pick<Schemas['AccessesView'], 'erasures'>) {
  const refresh = useRefresh();
  const keep = async (person: string, name: string) => {
    const { error } = await http.DELETE('/api/people/{person}/archive', { params: { path: { person } } });
    toast(error ? sentenceOf(error) : `The record of ${name} stays.`);
    await refresh();
    toHeadingNext('#erasures');
  };
  return (
    <section aria-labelledby="erasures" className="grid gap-3 border-t border-hairline pt-5">
      <h2 id="erasures" className="text-xl">
        Erasure
      </h2>
      {erasures.length === 0 && (
        <p className="text-ink2">None is asked for. A record is copied or erased in the Person step, under “The whole record”.</p>
      )}
      <ul className="grid gap-1">
        {erasures.map(({ person, name, on, by }, at) =>
          person ? (
            <li
              key={person}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-md border border-hairline bg-sheet px-4 py-2"
            >
              <span className="min-w-0 flex-1">
                <strong>{name}</strong>: to be erased on {longDay(on)}; asked for by {by}.
              </span>
              <Button look="quiet" onClick={() => void keep(person, name)}>
                keep this record
              </Button>
            </li>
          ) : (
            <li key={at} className="px-4 py-1 text-sm text-ink2">
              A record was erased on {longDay(on)}; asked for by {by}.
            </li>
          ),
        )}
      </ul>
    </section>
  );
}

function Backup({ at, isOld }: { at: string | null; isOld: boolean }) {
  return (
    <section aria-labelledby="backup" className="grid gap-3 border-t border-hairline pt-5">
      <h2 id="backup" className="text-xl">
        Backup
      </h2>
      {isOld && <Status kind="watch" word="due" />}
      <p>
        {at
          ? `The last one was made on ${longDay(localDate(new Date(at)))} at ${clockTime(at)}, and restored once to be sure.`
          : 'None was made yet.'}{' '}
        <span className="text-ink2">
          It keeps all records and pictures, encrypted, and is made where the application runs: <code>bin/backup FILE</code>.
        </span>
      </p>
    </section>
  );
}
