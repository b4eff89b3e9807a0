import { useRef, useState } from 'react';
import { api, http, newId, refusalOf, type Refusal, type Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';

/** The list of danger signs: read out, tick what is answered with yes, save. */
export function DangerSigns({ person, onDone }: { person: Schemas['PersonView']; onDone: () => void }) {
  const catalogue = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  const [signs, setSigns] = useState<string[]>([]);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const id = useRef(newId());
  const refresh = useRefresh();

  const save = async () => {
    const { error } = await http
      .POST('/api/people/{person}/screenings', { params: { path: { person: person.id } }, body: { id: id.current, signs } })
      .catch((failed: unknown) => ({ error: failed }));
    if (error) return setRefusal(refusalOf(error));
    await refresh();
    onDone();
  };

  const groups = new Map<string, Schemas['DangerSignView'][]>();
  catalogue.data?.dangerSigns.forEach((sign) => groups.set(sign.urgencyText, [...(groups.get(sign.urgencyText) ?? []), sign]));

  return (
    <section className="grid gap-4 rounded-lg border border-hairline bg-sheet p-5">
      <div>
        <h2 className="text-xl">Danger signs</h2>
        <p className="text-ink2">
          Ask each question. Any yes stops plan, session and coaching until a licensed clinician’s clearance is recorded.
        </p>
      </div>
      {[...groups].map(([urgency, questions]) => (
        <fieldset key={urgency} className="grid gap-0.5">
          <legend className="mb-1 font-semibold">{urgency}</legend>
          {questions.map((sign) => {
            const yes = signs.includes(sign.value);
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
                  checked={yes}
                  onChange={() => setSigns(yes ? signs.filter((other) => other !== sign.value) : [...signs, sign.value])}
                />
                <span>{sign.question}</span>
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
        <Button look="next" onClick={() => void save()}>
          {signs.length === 0 ? 'No to every question' : `Yes to ${signs.length}: close training`}
        </Button>
      </div>
    </section>
  );
}
