import { useState } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { longDay } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';

type Mark = Schemas['MarkView'];

/** What is mastered before this rung is left; the trainer may write another mark for this person, with a reason. */
export function LeavingMark({ person, rung, mark }: { person: string; rung: string; mark: Mark }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="mb-2 grid gap-0.5">
      <p>
        <strong>Leaving mark</strong> {mark.words}{' '}
        <Button look="quiet" className="min-h-6 py-0 text-sm" onClick={() => setOpen(true)}>
          another mark
        </Button>
      </p>
      {mark.reason !== null && mark.writtenOn && (
        <p className="text-sm text-ink2">
          Written on {longDay(mark.writtenOn)}: {mark.reason}
        </p>
      )}
      {open && <MarkDialog person={person} rung={rung} mark={mark} onClose={() => setOpen(false)} />}
    </div>
  );
}

function MarkDialog({ person, rung, mark, onClose }: { person: string; rung: string; mark: Mark; onClose: () => void }) {
  const texts = useTexts(`mark ${person} ${rung}`, { target: String(mark.target), reason: '' });
  const [problems, setProblems] = useState<Record<string, string>>({});
  const refresh = useRefresh();
  const write = async (target: number | null, reason: string) => {
    const { error } = await http.PUT('/api/people/{person}/marks', {
      params: { path: { person } },
      body: { rung, target, reason },
    });
    if (error) {
      const fields = Object.entries(error.fields).map(([field, said]) => [field, said[0] ?? ''] as const);
      return setProblems(fields.length > 0 ? Object.fromEntries(fields) : { target: sentenceOf(error) });
    }
    texts.saved();
    onClose();
    await refresh();
  };
  const typed = texts.of('target').trim();
  return (
    <Dialog open onClose={onClose} title="Another leaving mark">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!/^\d+$/.test(typed)) return setProblems({ target: 'The mark is a whole number.' });
          void write(Number(typed), texts.of('reason').trim());
        }}
      >
        <TextField
          label={`${{ s: 'Seconds', m: 'Metres' }[mark.unit] ?? 'Repetitions'} in a set`}
          inputMode="numeric"
          problem={problems.target}
          {...texts.field('target')}
        />
        <TextField label="Why" maxLength={200} problem={problems.reason} {...texts.field('reason')} />
        <p className="text-sm text-ink2">
          It holds for this person on this rung, for gate and dose. Every mark that was written is kept.
        </p>
        <span className="flex flex-wrap gap-2">
          <Button look="next" type="submit">
            Keep this mark
          </Button>
          {mark.reason !== null && <Button onClick={() => void write(null, '')}>The table’s mark again</Button>}
        </span>
      </form>
    </Dialog>
  );
}
