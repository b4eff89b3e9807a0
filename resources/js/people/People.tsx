import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, http, type Schemas } from '@/api/client';
import { MoreLines } from '@/frame/MoreLines';
import { usePutAway } from '@/frame/PutAway';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { useMore } from '@/frame/useMore';
import { useSettled } from '@/frame/useSettled';
import { Loading } from '@/ui/Loading';
import { Status, type StatusKind } from '@/ui/Status';

type Line = Schemas['PersonLineView'];
type Flag = Line['flags'][number];

const flags: Record<Flag, { word: string; kind: StatusKind }> = {
  stop: { word: 'stop', kind: 'stop' },
  decide: { word: 'decide', kind: 'watch' },
  due: { word: 'due', kind: 'information' },
  uneven: { word: 'uneven', kind: 'watch' },
};
type Counts = Schemas['PeopleCountsView'];
const filters: { show: string; word: string; count: keyof Counts }[] = [
  { show: '', word: 'everyone', count: 'everyone' },
  { show: 'stop', word: 'stop', count: 'stop' },
  { show: 'decide', word: 'decide', count: 'decide' },
  { show: 'due', word: 'due', count: 'due' },
  { show: 'uneven', word: 'uneven', count: 'uneven' },
  { show: 'put-away', word: 'put away', count: 'putAway' },
];

/** Typing is waited for so long before the list is asked for anew. */
const PAUSE_MS = 150;

/** Everyone of the practice: typed for by name, filtered by what wants attention. */
export function People() {
  const [text, setText] = useState('');
  const [show, setShow] = useState('');
  const q = useSettled(text.trim(), PAUSE_MS);
  const asked = { ...(q && { q }), ...(show && { show }) };
  const people = api.useQuery('get', '/api/people', { params: { query: asked } }, { placeholderData: keepPreviousData });
  const { lines, more, busy } = useMore(
    people.data && { lines: people.data.people, next: people.data.next },
    people.data,
    async (after) => {
      const { data, error } = await http.GET('/api/people', { params: { query: { ...asked, after } } });
      return { page: data && { lines: data.people, next: data.next }, error };
    },
  );
  const everyone = api.useQuery('get', '/api/people', { params: { query: {} } });
  const putAway = usePutAway();
  if (!people.data || !lines) return <Loading what="Reading the list" error={people.error} again={() => void people.refetch()} />;
  const counts = everyone.data?.counts;

  return (
    <main className="relative flex-1 overflow-y-auto px-[max(1.5rem,50%-30.5rem)] py-6">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
        <h1 className="text-3xl">People</h1>
        <Link
          to="/people/new"
          className="inline-flex min-h-9 items-center rounded-md border border-ink2 bg-paper px-3 hover:border-ink"
        >
          Add a person
        </Link>
      </div>
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <input
          type="search"
          aria-label="Find by name, work, hobby or aim"
          placeholder="Name, work, hobby or aim"
          // The list is come to in order to find someone.
          // oxlint-disable-next-line jsx-a11y/no-autofocus
          autoFocus
          value={text}
          onChange={(event) => setText(event.target.value)}
          className="min-h-10 w-full rounded-md border border-rung-edge bg-paper px-3 sm:w-72"
        />
        <div role="group" aria-label="Show" className="flex flex-wrap gap-1.5">
          {filters.map((one) => (
            <button
              key={one.show}
              type="button"
              aria-pressed={one.show === show}
              onClick={() => setShow(one.show)}
              className={cx(
                'min-h-9 rounded-md border px-2.5',
                one.show === show ? 'border-ink bg-ink text-ground' : 'border-rung-edge bg-paper hover:border-ink',
              )}
            >
              {one.word} <span className="font-mono">{counts?.[one.count]}</span>
            </button>
          ))}
        </div>
      </div>
      {lines.length === 0 ? (
        <p className="rounded-lg border border-hairline bg-sheet p-5">
          {text === '' ? 'Nobody here.' : `Nobody found by “${text}”.`}{' '}
          {(text !== '' || show !== '') && (
            <Button
              look="quiet"
              onClick={() => {
                setText('');
                setShow('');
              }}
            >
              show everyone
            </Button>
          )}
        </p>
      ) : (
        <ul className="grid gap-1">
          {lines.map((line) => (
            <li
              key={line.id}
              className="grid items-center gap-x-4 gap-y-1 rounded-md border border-hairline bg-sheet px-4 py-2 md:grid-cols-[1fr_15rem_9rem_5.5rem]"
            >
              <div className="min-w-0">
                <Link to={`/people/${line.id}`} className="font-display text-lg font-[650] hover:underline">
                  {line.name}
                </Link>
                <span className="ml-2 text-ink2">{line.about}</span>
                <span className="block text-sm text-ink3">{line.aimText}</span>
              </div>
              <p className="flex flex-wrap gap-x-2">
                {line.flags.map((flag) => (
                  <Status key={flag} kind={flags[flag].kind} word={flags[flag].word} />
                ))}
              </p>
              <p className="text-sm text-ink2">
                {line.spread && (
                  <>
                    spread <span className="font-mono font-bold text-ink">{line.spread}</span>
                    {line.weakest && <span className="block">weakest {line.weakest}</span>}
                  </>
                )}
                {line.archivedOn
                  ? `put away ${day(line.archivedOn)}`
                  : !line.spread && line.lastDone && `last ${day(line.lastDone)}`}
              </p>
              <Button
                look="quiet"
                className="justify-self-start"
                onClick={() => void putAway(line.id, line.name, line.archivedOn === null)}
              >
                {line.archivedOn === null ? 'put away' : 'bring back'}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <MoreLines more={more} busy={busy} shown={lines.length} />
    </main>
  );
}
