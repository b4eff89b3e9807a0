import { useRef, useState, type KeyboardEvent } from 'react';
import { api, http, newId, type Refusal, type Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Key } from '@/ui/Key';

/** The list of danger signs: read out, tick what is answered with yes, save. */
export function DangerSigns({ person, onDone }: { person: Schemas['PersonView']; onDone: () => void }) {
  const catalogue = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  const [answers, setAnswers] = useState<ReadonlyMap<string, boolean>>(new Map());
  const questions = useRef<HTMLElement>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const id = useRef(newId());
  const refresh = useRefresh();

  const signs = [...answers].flatMap(([sign, yes]) => (yes ? [sign] : []));
  const answer = (sign: string, yes: boolean) => setAnswers(new Map(answers).set(sign, yes));
  /** Question by question: N or Y answers and goes on, the arrows only go. */
  const keys = (event: KeyboardEvent<HTMLInputElement>, sign: string) => {
    const step = { n: 1, y: 1, arrowdown: 1, arrowup: -1 }[event.key.toLowerCase()];
    if (step === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    if (!event.key.startsWith('Arrow')) answer(sign, event.key.toLowerCase() === 'y');
    const stops = [...(questions.current?.querySelectorAll<HTMLElement>('input, [data-done]') ?? [])];
    stops[stops.indexOf(event.currentTarget) + step]?.focus();
  };

  const save = async () => {
    const { error } = await http.POST('/api/people/{person}/screenings', {
      params: { path: { person: person.id } },
      body: { id: id.current, signs },
    });
    if (error) return setRefusal(error);
    // First, so that the next step is there to take the keys as soon as the answers are.
    onDone();
    await refresh();
  };

  const groups = new Map<string, Schemas['DangerSignView'][]>();
  catalogue.data?.dangerSigns.forEach((sign) => groups.set(sign.urgencyText, [...(groups.get(sign.urgencyText) ?? []), sign]));

  return (
    <section ref={questions} className="grid gap-4 rounded-lg border border-hairline bg-sheet p-5">
      <div>
        <h2 className="text-xl">Danger signs</h2>
        <p className="text-ink2">
          Ask each question; <Key>N</Key> is no and <Key>Y</Key> yes. Any yes stops plan, session and coaching until a licensed
          clinician’s clearance is recorded.
        </p>
      </div>
      {[...groups].map(([urgency, ofUrgency]) => (
        <fieldset key={urgency} className="grid gap-0.5">
          <legend className="mb-1 font-semibold">{urgency}</legend>
          {ofUrgency.map((sign) => {
            const yes = answers.get(sign.value);
            return (
              <label
                key={sign.value}
                className={cx(
                  'flex min-h-8 cursor-pointer items-start gap-3 rounded-sm px-2 py-1 hover:bg-paper',
                  yes && 'bg-ink text-ground hover:bg-ink',
                )}
              >
                <input
                  type="checkbox"
                  className="mt-1 size-4 accent-rowan"
                  // Asking is the next thing to do; the first question takes the keys at once.
                  // eslint-disable-next-line jsx-a11y/no-autofocus
                  autoFocus={sign === catalogue.data?.dangerSigns[0]}
                  checked={yes ?? false}
                  onChange={(event) => answer(sign.value, event.target.checked)}
                  onKeyDown={(event) => keys(event, sign.value)}
                />
                <span>{sign.question}</span>
                {yes !== undefined && <span className={cx('ml-auto text-sm', !yes && 'text-ink2')}>{yes ? 'yes' : 'no'}</span>}
              </label>
            );
          })}
        </fieldset>
      ))}
      {refusal && (
        <p role="alert" className="font-semibold text-rowan">
          {refusal.sentence}
        </p>
      )}
      <div>
        <Button look="next" data-done onClick={() => void save()}>
          {signs.length === 0 ? 'No to every question' : `Yes to ${signs.length}: close training`}
        </Button>
      </div>
    </section>
  );
}
