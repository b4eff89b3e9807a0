import { useState, type FormEvent } from 'react';
import { toast } from '@/ui/notice';
import { http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { afterDrawn } from '@/frame/keys';
import { useRefresh, useTakePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { TextArea, TextField } from '@/ui/Field';
import { Status } from '@/ui/Status';

/** What stands while a danger sign is open: how urgent, the note to print, and the clearance to record. */
export function Clearance({ person }: { person: Schemas['PersonView'] }) {
  return (
    <section className="grid gap-5 rounded-lg border-2 border-ink bg-sheet p-5">
      <div className="grid gap-2">
        <Status kind="stop" />
        <h2 className="text-2xl">{person.standing.urgencyText}</h2>
        <p>{person.standing.reason?.sentence}</p>
        {person.closing.length > 0 && (
          <ul className="list-disc pl-5">
            {person.closing.map((sign) => (
              <li key={sign.value}>Yes: {sign.question}</li>
            ))}
          </ul>
        )}
        <p className="text-sm text-ink2">{person.standing.reason?.source}</p>
        <div className="print:hidden">
          <Button onClick={() => window.print()}>Print the referral note</Button>
        </div>
        {person.screening?.mayTakeBack && <TakeBack person={person.id} screening={person.screening.id} />}
      </div>
      <div className="grid gap-4 border-t border-hairline pt-4 print:hidden">
        <h3 className="text-lg">The clinician’s clearance</h3>
        <ClearanceForm person={person.id} />
      </div>
    </section>
  );
}

/** A yes that was a mistake: its author takes it back on the same day, and says why. */
function TakeBack({ person, screening }: { person: string; screening: string }) {
  const texts = useTexts(`take-back ${screening}`, { reason: '' });
  const [open, setOpen] = useState(texts.restored);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const take = useTakePerson();
  const refresh = useRefresh();
  const save = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const { data, error } = await http.POST('/api/people/{person}/screenings/{screening}/take-back', {
      params: { path: { person, screening } },
      body: { reason: texts.of('reason') },
    });
    if (error) return setRefusal(error);
    take(data);
    texts.saved();
    toast('The answer is taken back; the questions are to be asked again.');
    await refresh();
  };
  if (!open)
    return (
      <div className="print:hidden">
        <Button look="quiet" onClick={() => setOpen(true)}>
          the yes was a mistake
        </Button>
      </div>
    );
  return (
    <form noValidate onSubmit={(event) => void save(event)} className="grid gap-3 print:hidden">
      <TextField
        label="Why the yes is taken back"
        {...texts.field('reason')}
        maxLength={300}
        autoComplete="off"
        hint="Kept with the answer; only today, and only by whoever wrote it. The questions are then asked again."
        problem={refusal ? sentenceOf(refusal) : undefined}
      />
      <div>
        <Button type="submit">Take the yes back</Button>
      </div>
    </form>
  );
}

/** Who cleared what, from when until when. */
export function ClearanceForm({ person, onDone }: { person: string; onDone?: () => void }) {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const take = useTakePerson();
  const refresh = useRefresh();

  const texts = useTexts(`clearance ${person}`, { clinician: '', scope: '', from: '', until: '' });
  const save = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const said = {
      clinician: texts.of('clinician'),
      scope: texts.of('scope'),
      from: texts.of('from'),
      until: texts.of('until'),
    };
    const { data, error } = await texts.say((id) =>
      http.POST('/api/people/{person}/clearances', { params: { path: { person } }, body: { id, ...said } }),
    );
    if (error) {
      setRefusal(error);
      afterDrawn(() => form.querySelector<HTMLElement>('[aria-invalid]')?.focus());
      return;
    }
    take(data);
    texts.saved();
    toast('The clearance is recorded; training is open.');
    await refresh();
    onDone?.();
  };
  const problem = (field: string) => refusal?.fields[field]?.[0];

  return (
    <form noValidate onSubmit={(event) => void save(event)} className="grid gap-4 sm:grid-cols-2">
      <TextField
        label="Who cleared it"
        {...texts.field('clinician')}
        problem={problem('clinician')}
        hint="Name and profession; encrypted"
      />
      <TextArea label="For what" {...texts.field('scope')} problem={problem('scope')} hint="What may be trained, and what not" />
      <DateField label="From" value={texts.of('from')} onChange={(date) => texts.write('from', date)} problem={problem('from')} />
      <DateField
        label="Until"
        value={texts.of('until')}
        onChange={(date) => texts.write('until', date)}
        problem={problem('until')}
      />
      {refusal && (
        <p role="alert" className="col-span-full font-semibold text-rowan">
          {refusal.sentence}
        </p>
      )}
      <div className="col-span-full">
        <Button look="next" type="submit">
          Record the clearance
        </Button>
      </div>
    </form>
  );
}
