import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { http, newId, type Refusal } from '@/api/client';
import { useDraft } from '@/editor/useDraft';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { bodyOf, emptyPerson } from './fields';
import { PersonForm } from './PersonForm';
import { personDrafts } from './usePersonWriting';

const nobody = { version: 0, fields: emptyPerson };

/** Adds a person; the id is made once, so that pressing twice adds one. */
export function NewPerson() {
  const id = useRef(newId());
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const refresh = useRefresh();
  const navigate = useNavigate();

  const { value, set, clear, restored } = useDraft(personDrafts, 'new', nobody);
  const { fields } = value;

  const save = async () => {
    setBusy(true);
    const body = bodyOf(fields);
    const { error: added } = await http.POST('/api/people', { body: { id: id.current, version: 0, ...body } });
    // An earlier sending arrived after all, and something was changed since: it is changed there.
    const { error } =
      added?.code === 'other-content'
        ? await http.PUT('/api/people/{person}', {
            params: { path: { person: id.current } },
            body: { id: id.current, version: 1, ...body },
          })
        : { error: added };
    setBusy(false);
    if (error) return setRefusal(error);
    clear(nobody);
    savedNow();
    await refresh();
    await navigate(`/people/${id.current}/person`);
  };

  return (
    <main className="relative min-h-0 flex-1 scroll-pb-20 p-6 lg:overflow-y-auto">
      <div className="mx-auto max-w-3xl">
        <h1 className="mb-5 text-3xl">Add a person</h1>
        {restored && (
          <p className="mb-5 flex flex-wrap items-center gap-3 border-l-4 border-slate bg-sheet p-3">
            What was typed here before is still there.
            <Button
              onClick={() => {
                clear(nobody);
                setRefusal(null);
              }}
            >
              Begin anew
            </Button>
          </p>
        )}
        <PersonForm
          fields={fields}
          refusal={refusal}
          onChange={(next) => set({ version: 0, fields: next })}
          onSubmit={() => void save()}
        >
          <Button look="next" type="submit" disabled={busy}>
            Add, then ask the danger signs
          </Button>
        </PersonForm>
      </div>
    </main>
  );
}
