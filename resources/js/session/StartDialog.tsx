import { api } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { localDate, shortDay } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Loading } from '@/ui/Loading';

export type Start = { from: 'board' | 'empty' | 'template' | 'session'; template?: string; session?: string };

/** What a new session starts from. Templates show what becomes of them for this person. */
export function StartDialog({
  person,
  open,
  onClose,
  onStart,
}: {
  person: string;
  open: boolean;
  onClose: () => void;
  onStart: (start: Start) => void;
}) {
  const offers = api.useQuery(
    'get',
    '/api/people/{person}/sessions/templates',
    { params: { path: { person } } },
    { enabled: open },
  );
  return (
    <Dialog open={open} onClose={onClose} title="A new session" wide>
      <div className="flex flex-wrap gap-3">
        {/* oxlint-disable-next-line jsx-a11y/no-autofocus */}
        <Button look="next" autoFocus onClick={() => onStart({ from: 'board' })}>
          From the board
        </Button>
        <Button onClick={() => onStart({ from: 'empty' })}>Empty</Button>
      </div>
      {!offers.data ? (
        <Loading what="Laying out the templates" error={offers.error} again={() => void offers.refetch()} />
      ) : (
        <>
          <section className="grid gap-1">
            <h3>From a template</h3>
            <p className="text-sm text-ink2">Templates name demands and heights; this is what they are for this person.</p>
            <ul className="grid gap-x-6 md:grid-cols-2">
              {offers.data.templates.map((template) => (
                <li key={template.slug} className="grid content-start gap-1 border-t border-hairline py-2">
                  <div className="flex items-baseline justify-between gap-3">
                    <Button
                      look="quiet"
                      className="font-semibold"
                      onClick={() => onStart({ from: 'template', template: template.slug })}
                    >
                      {template.name}
                    </Button>
                    <span className={cx('font-mono text-sm', template.fits ? 'text-ink2' : 'text-rowan')}>
                      {template.totalText}
                    </span>
                  </div>
                  <p className="px-1.5 text-sm text-ink2">{template.purpose}</p>
                  <p className="px-1.5 text-sm text-ink3">{template.exercises.join(' · ')}</p>
                  {template.notes.length > 0 && (
                    <details className="px-1.5 text-sm text-slate">
                      <summary className="cursor-pointer">
                        {template.notes.length === 1 ? 'one thing to know' : `${template.notes.length} things to know`}
                      </summary>
                      <ul className="grid gap-1">
                        {template.notes.map((note) => (
                          <li key={note}>{note}</li>
                        ))}
                      </ul>
                    </details>
                  )}
                </li>
              ))}
            </ul>
          </section>
          {offers.data.sessions.length > 0 && (
            <section className="grid gap-1">
              <h3>From an earlier session</h3>
              <p className="text-sm text-ink2">Another person’s session comes on the rungs this person stands on.</p>
              <ul className="flex flex-wrap gap-x-4 gap-y-1">
                {offers.data.sessions.map((session, at, all) => (
                  <li key={session.id}>
                    <Button look="quiet" onClick={() => onStart({ from: 'session', session: session.id })}>
                      {session.title}
                      {!session.own && <span className="text-ink3"> · {session.person}</span>}
                      {session.own && all.some((other, index) => index !== at && other.own && other.title === session.title) && (
                        <span className="text-ink3"> · {shortDay(localDate(new Date(session.changedAt)))}</span>
                      )}
                    </Button>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </>
      )}
    </Dialog>
  );
}
