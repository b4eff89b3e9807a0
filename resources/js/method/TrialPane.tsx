import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { Loading } from '@/ui/Loading';
import { marked } from './lines';
import type { Answer } from './useMethod';

/** The answer that is pointed at, or has the keyboard. */
export type Looking = { value: Answer; label: string };

/** A session as lines; those the other side does not have stand out. */
function Side({ title, total, text, other }: { title: string; total: string; text: string; other: string }) {
  return (
    <section>
      <h2 className="flex items-baseline justify-between gap-3">
        {title} <span className="font-mono font-normal">{total}</span>
      </h2>
      <ol className="mt-1 grid gap-0.5 text-sm">
        {marked(text.trimEnd().split('\n'), other.trimEnd().split('\n')).map(({ line, isNew }, index) => (
          <li key={index} className={cx('whitespace-pre-wrap', isNew ? 'font-semibold text-ink' : 'text-ink2')}>
            {isNew && <span aria-hidden="true">▸ </span>}
            {line}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** A real session before and after the answer in focus. */
export function TrialPane({
  person,
  onPerson,
  open,
  sought,
  onSeek,
  trial,
  shown,
  looking,
}: {
  person: string;
  onPerson: (person: string) => void;
  open: Schemas['PersonLineView'][];
  /** What is looked for among the people; null where all of them are there. */
  sought: string | null;
  onSeek: (text: string) => void;
  trial: { data: Schemas['MethodTrialView'] | undefined; error: { sentence: string } | null };
  shown: Schemas['ChoiceTrialView'] | undefined;
  looking: Looking | null;
}) {
  return (
    <aside
      aria-label="A real session before and after"
      className="border-hairline bg-sheet p-5 max-lg:border-t lg:w-96 lg:shrink-0 lg:overflow-y-auto lg:border-l"
    >
      {sought !== null && (
        <label className="mb-2 grid gap-1 text-sm text-ink2">
          Find a person
          <input
            type="search"
            value={sought}
            placeholder="Name, work, hobby or aim"
            onChange={(event) => onSeek(event.target.value)}
            className="min-h-9 rounded-md border border-rung-edge bg-paper px-2 text-ink"
          />
        </label>
      )}
      <label className="grid gap-1 text-sm text-ink2">
        Tried on a session of
        <select
          value={person}
          onChange={(event) => onPerson(event.target.value)}
          className="min-h-9 rounded-md border border-rung-edge bg-paper px-2 text-ink"
        >
          {!open.some((line) => line.id === person) && <option value={person}>{trial.data?.name ?? 'the person at hand'}</option>}
          {open.map((line) => (
            <option key={line.id} value={line.id}>
              {line.name}
            </option>
          ))}
        </select>
      </label>
      {trial.error ? (
        <p className="mt-4 text-ink2">{trial.error.sentence}</p>
      ) : !trial.data ? (
        person === '' ? (
          <p className="mt-4 text-ink2">
            Nobody is here yet: once a person has a{' '}
            <Link to="/people/new" className="underline">
              board
            </Link>
            , every answer is tried on a session of theirs.
          </p>
        ) : (
          <Loading what="Trying the answers" />
        )
      ) : trial.data.text === '' ? (
        <p className="mt-4 text-ink2">
          No working rung yet, so there is no session to try the answers on.{' '}
          <Link to={`/people/${person}/board`} className="underline">
            Place the person on the board
          </Link>
          .
        </p>
      ) : (
        <div className="mt-4 grid gap-4" aria-live="polite">
          <Side
            title={trial.data.title}
            total={trial.data.totalText}
            text={trial.data.text}
            other={shown?.text ?? trial.data.text}
          />
          {shown ? (
            <>
              <div>
                <p className="text-sm text-ink2">with</p>
                <p className="font-semibold">{looking?.label}</p>
              </div>
              {shown.changes.length === 0 ? (
                <p className="text-ink2">Nothing changes in this session.</p>
              ) : (
                <ul className="grid gap-1 text-sm">
                  {shown.changes.map((change, index) => (
                    <li key={index} className="border-l-4 border-slate bg-paper px-2 py-1">
                      {change}
                    </li>
                  ))}
                </ul>
              )}
              {shown.text !== trial.data.text && (
                <Side title="Then" total={shown.totalText} text={shown.text} other={trial.data.text} />
              )}
            </>
          ) : (
            <p className="text-sm text-ink3">Point at an answer, or go to it by keyboard, to see what it would change.</p>
          )}
        </div>
      )}
    </aside>
  );
}
