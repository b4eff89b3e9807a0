import { Link } from 'react-router';
import { api } from '@/api/client';
import { day } from '@/ui/day';

/** That a reader wrote something nobody has read, where it may bear on what is decided. */
export function NoteWaits({ person }: { person: string }) {
  const readers = api.useQuery('get', '/api/people/{person}/readers', { params: { path: { person } } });
  const note = readers.data?.waiting[0];
  if (!note) return null;
  return (
    <p className="mb-4 flex flex-wrap items-baseline gap-x-3 border-l-4 border-ochre bg-sheet p-3">
      <span>
        {note.by} wrote a note, {day(note.on)}.
      </span>
      <Link to={`/people/${person}/person`} className="underline underline-offset-4">
        Read it first
      </Link>
    </p>
  );
}
