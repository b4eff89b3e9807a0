import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';

type Note = Schemas['ReaderNoteView'];

/** What readers and trainers wrote; one's own can be taken back until it was read. */
export function NoteLines({
  notes,
  says,
  onTakeBack,
}: {
  notes: Note[];
  /** who wrote it, when, and whether it was read */
  says: (note: Note) => string;
  onTakeBack: (note: Note) => void;
}) {
  return (
    <ul className="grid gap-3">
      {notes.map((note) => (
        <li key={note.id} className={cx('border-l-4 pl-3', note.isReaders ? 'border-slate' : 'border-rail')}>
          <p className="text-sm text-ink2">
            {says(note)}{' '}
            {note.isMine && !note.isRead && (
              <Button look="quiet" className="print:hidden" onClick={() => onTakeBack(note)}>
                take back
              </Button>
            )}
          </p>
          <p className="whitespace-pre-line">{note.text}</p>
        </li>
      ))}
    </ul>
  );
}
