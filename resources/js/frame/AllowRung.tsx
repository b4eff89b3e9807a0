import { useState } from 'react';
import { http, newId, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { undoToast } from './undoToast';
import { useRefresh } from './usePerson';

interface Allowing {
  person: string;
  rung: { slug: string; name: string };
  reasons: Schemas['ReasonView'][];
  /** told once it is allowed, and once that is taken back */
  onChanged?: () => void;
}

/** The trainer's word against a limit or missing kit, for one person and one rung, with a reason that is kept. */
export function AllowRung(allowing: Allowing) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button look="quiet" className="-ml-1.5 min-h-6 justify-self-start py-0 text-sm" onClick={() => setOpen(true)}>
        allow it, with a reason
      </Button>
      {open && <AllowDialog {...allowing} onClose={() => setOpen(false)} />}
    </>
  );
}

function AllowDialog({ person, rung, reasons, onChanged, onClose }: Allowing & { onClose: () => void }) {
  const texts = useTexts(`allow ${person} ${rung.slug}`, { reason: '' });
  const [problem, setProblem] = useState<string | null>(null);
  const [id] = useState(newId);
  const refresh = useRefresh();
  const again = async () => {
    await refresh();
    onChanged?.();
  };
  const allow = async () => {
    const { data, error } = await http.POST('/api/people/{person}/allowances', {
      params: { path: { person } },
      body: { id, rung: rung.slug, reason: texts.of('reason').trim() },
    });
    if (error) return setProblem(Object.values(error.fields)[0]?.[0] ?? sentenceOf(error));
    texts.saved();
    onClose();
    undoToast(
      `“${rung.name}” is allowed.`,
      () => http.DELETE('/api/people/{person}/allowances/{allowance}', { params: { path: { person, allowance: data.id } } }),
      again,
    );
  };
  return (
    <Dialog open onClose={onClose} title={`Allow “${rung.name}”`}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void allow();
        }}
      >
        {reasons.map((reason) => (
          <p key={reason.sentence} className="border-l-4 border-ochre pl-3">
            {reason.sentence}
          </p>
        ))}
        <TextField label="Why it is allowed here" maxLength={300} problem={problem ?? undefined} {...texts.field('reason')} />
        <p className="text-sm text-ink2">
          For this person and this rung alone. The reason is kept, and what is noted later closes it again. Local rules and the
          advice of a licensed professional come first.
        </p>
        <span>
          <Button look="next" type="submit">
            Allow it
          </Button>
        </span>
      </form>
    </Dialog>
  );
}
