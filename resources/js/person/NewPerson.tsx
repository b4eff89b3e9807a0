import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { http, newId, type Refusal } from '@/api/client';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import { bodyOf, emptyPerson, type PersonFields } from './fields';
import { PersonForm } from './PersonForm';

/** Adds a person; the id is made once, so that pressing twice adds one. */
export function NewPerson() {
  const id = useRef(newId());
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const refresh = useRefresh();
  const navigate = useNavigate();

  const save = async (fields: PersonFields): Promise<boolean> => {
    setBusy(true);
    const { error } = await http.POST('/api/people', { body: { id: id.current, version: 0, ...bodyOf(fields) } });
    setBusy(false);
    if (error) {
      setRefusal(error);
      return false;
    }
    savedNow();
    await refresh();
    await navigate(`/people/${id.current}/person`);
    return true;
  };

  return (
    <main className="relative min-h-0 flex-1 scroll-pb-20 p-6 lg:overflow-y-auto">
      <div className="mx-auto max-w-3xl">
        <h1 className="mb-5 text-3xl">Add a person</h1>
        <PersonForm start={emptyPerson} refusal={refusal} busy={busy} onSave={save} action="Add, then ask the danger signs" />
      </div>
    </main>
  );
}
