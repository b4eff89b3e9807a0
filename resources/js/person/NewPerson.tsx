import { useNavigate } from 'react-router';
import { Button } from '@/ui/Button';
import { PersonForm } from './PersonForm';
import { useNewPerson } from './useNewPerson';

/** Adds a person; the id is made once, so that pressing twice adds one. */
export function NewPerson() {
  const { fields, write, beginAnew, restored, refusal, busy, add } = useNewPerson();
  const navigate = useNavigate();
  const submit = async () => {
    const id = await add();
    if (id !== null) await navigate(`/people/${id}/person`);
  };

  return (
    <main className="relative min-h-0 flex-1 p-6 lg:overflow-y-auto">
      <div className="mx-auto max-w-3xl">
        <h1 className="mb-5 text-3xl">Add a person</h1>
        {restored && (
          <p className="mb-5 flex flex-wrap items-center gap-3 border-l-4 border-slate bg-sheet p-3">
            What was typed here before is still there.
            <Button onClick={beginAnew}>Begin anew</Button>
          </p>
        )}
        <PersonForm fields={fields} refusal={refusal} onChange={write} onSubmit={() => void submit()}>
          <Button look="next" type="submit" disabled={busy}>
            Add, then ask the danger signs
          </Button>
        </PersonForm>
      </div>
    </main>
  );
}
