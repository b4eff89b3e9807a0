import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { api, type Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { Loading } from '@/ui/Loading';

/** Every rule with its sentence and what it rests on; a reason leads to its own. */
export function RuleBook() {
  const book = api.useQuery('get', '/api/rules', {}, { staleTime: Infinity });
  const wanted = useLocation().hash.slice(1);
  useEffect(() => {
    if (book.data && wanted !== '') document.getElementById(wanted)?.scrollIntoView({ block: 'center' });
  }, [book.data, wanted]);
  if (!book.data) return <Loading what="Opening the rule book" error={book.error} again={() => void book.refetch()} />;
  const rooms = [...new Set(book.data.rules.map((rule) => rule.room))].sort();
  return (
    <main className="min-h-0 flex-1 overflow-y-auto p-6">
      <div className="mx-auto max-w-4xl">
        <h1 className="text-3xl">Rules</h1>
        <p className="mt-2 max-w-2xl text-ink2">
          What every proposal, warning and number comes from. The trainer has the last word; local rules and the advice of a
          licensed professional come first.
        </p>
        <nav aria-label="Parts of the job" className="mt-3 flex flex-wrap gap-x-4 gap-y-1">
          {rooms.map((room) => (
            <a key={room} href={`#room-${room}`} className="underline decoration-hairline underline-offset-4 hover:text-ink">
              {room}
            </a>
          ))}
        </nav>
        {rooms.map((room) => (
          <section key={room} aria-labelledby={`room-${room}`} className="mt-6">
            <h2 id={`room-${room}`} className="text-xl">
              {room}
            </h2>
            <dl>
              {book.data.rules
                .filter((rule) => rule.room === room)
                .map((rule) => (
                  <div
                    key={rule.id}
                    id={rule.id}
                    aria-current={rule.id === wanted || undefined}
                    className={cx(
                      'grid gap-x-6 gap-y-1 border-t border-hairline px-2 py-3 sm:grid-cols-[14rem_1fr]',
                      rule.id === wanted && 'border-l-4 border-l-rowan bg-paper',
                    )}
                  >
                    <dt className="font-mono text-sm text-ink2">{rule.id}</dt>
                    <dd className="grid gap-1">
                      <p>{rule.sentence}</p>
                      <p className="text-sm text-ink3">
                        <strong className="font-semibold text-ink2">{rule.basis}</strong> · {rule.source}
                      </p>
                      {rule.cases.length > 0 && <Cases cases={rule.cases} />}
                    </dd>
                  </div>
                ))}
            </dl>
          </section>
        ))}
      </div>
    </main>
  );
}

/** What the rule makes of a log, case by case; each is run as a test. */
function Cases({ cases }: { cases: Schemas['CaseView'][] }) {
  return (
    <details>
      <summary className="min-h-8 cursor-pointer text-sm underline decoration-hairline underline-offset-4">
        {cases.length === 1 ? 'one case' : `${cases.length} cases`}
      </summary>
      <ul className="mt-2 grid gap-3 border-l border-hairline pl-4">
        {cases.map((one) => (
          <li key={one.name} className="grid gap-0.5 text-sm">
            <strong>{one.name}</strong>
            <span className="text-ink2">{one.given}</span>
            {one.log.map((session) => (
              <span key={session} className="font-mono">
                {session}
              </span>
            ))}
            <span>→ {one.outcome}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
