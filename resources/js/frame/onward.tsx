import { Link } from 'react-router';
import type { Refusal } from '@/api/client';

/** Where it goes from a session of which nothing can be trained; null where asking once more may help. */
export function onward(person: string, session: string | null, error: Refusal | null): React.ReactNode {
  const way = (step: string, label: string, look: string) => (
    <Link to={`/people/${person}/${step}`} className={`look ${look}`}>
      {label}
    </Link>
  );
  const writing = `session${session ? `?s=${session}` : ''}`;
  if (error?.code === 'empty-session') return way(writing, 'To the session', 'look-next');
  if (error?.code !== 'nothing-left') return null;
  return (
    <p className="flex flex-wrap gap-3">
      {way('review', 'To the review', 'look-next')}
      {way(writing, 'To the session', 'look-plain')}
    </p>
  );
}
