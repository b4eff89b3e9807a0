import { useDraggable } from '@dnd-kit/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { weekTime } from '@/ui/day';

type View = Schemas['WeekView'];

/** Written sessions that can be placed: three, all that were read, or older ones. */
export function SessionsToPlace({
  person,
  view,
  empty,
  placed,
  onOlder,
  onShape,
  onPlace,
}: {
  person: string;
  view: View;
  empty: boolean;
  /** Sessions that this week has, also those its program wrote for it. */
  placed: number;
  onOlder: () => void;
  onShape: () => void;
  onPlace: (session: string) => void;
}) {
  const [all, setAll] = useState(false);
  if (view.sessions.length === 0) {
    return placed > 0 ? null : (
      <div className="mb-4 grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-5">
        <p>A week is laid out from written sessions: each is placed on a part of a day, among the other training.</p>
        <p>
          {view.programWaits
            ? 'The program has sessions of its own for this week.'
            : 'A shape writes them from the board and lays out the whole week.'}
        </p>
        <p className="flex flex-wrap gap-3">
          {view.programWaits ? (
            <Link to={`/people/${person}/weeks`} className="look look-next">
              Write them into the week
            </Link>
          ) : (
            <Link to={`/people/${person}/session`} className="look look-next">
              Write the first session
            </Link>
          )}
          <Button hotkey="S" onClick={onShape}>
            Start from a shape
          </Button>
        </p>
      </div>
    );
  }
  const shown = all ? view.sessions : view.sessions.slice(0, 3);
  return (
    <section
      aria-label="Sessions to place"
      // Many of them never push the week itself out of sight.
      className={cx('mb-3 flex flex-wrap items-center gap-2 print:hidden', all && 'max-h-56 overflow-y-auto')}
    >
      <span className={cx('text-sm', empty ? 'font-semibold' : 'text-ink2')}>
        {empty ? 'Press a session to place it where it fits, or drag it:' : 'Place:'}
      </span>
      {shown.map((session) => (
        <SessionToPlace key={session.id} session={session} onPress={() => onPlace(session.id)} />
      ))}
      {view.sessions.length > 3 && (
        <Button look="quiet" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `${view.sessions.length - 3} more`}
        </Button>
      )}
      {all && view.written > view.sessions.length && (
        <Button look="quiet" onClick={onOlder}>
          older ones
        </Button>
      )}
    </section>
  );
}

/** A session of the list: pressed it goes where it fits best, dragged it goes where it is dropped. */
function SessionToPlace({ session, onPress }: { session: View['sessions'][number]; onPress: () => void }) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id: `sess ${session.id}` });
  return (
    <button
      {...listeners}
      ref={setNodeRef}
      type="button"
      onClick={onPress}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={cx(
        'grid min-h-10 touch-none content-center rounded-md border border-ink2 bg-paper px-2.5 py-1 text-left leading-tight hover:border-ink',
        isDragging && 'relative z-30 shadow-lg',
      )}
    >
      <span>
        <span className="font-semibold">{session.title}</span> <span className="font-mono text-sm">{session.clock}</span>{' '}
        <span className="text-sm">min</span>
      </span>
      {session.leftOut.length > 0 && (
        <span className="text-sm text-ochre">
          {session.leftOut.length === 1 ? 'one thing' : `${session.leftOut.length} things`} left out
        </span>
      )}
      {session.fits && (
        <span className="text-sm text-ink2">
          fits {weekTime(session.fits)}
          {session.fits.placement === 'finisher' && ', after the training'}
        </span>
      )}
    </button>
  );
}
