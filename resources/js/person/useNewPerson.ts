import { useState } from 'react';
import { http, newId, type Refusal } from '@/api/client';
import { useDraft } from '@/editor/useDraft';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import { bodyOf, emptyPerson, type PersonFields } from './fields';
import { personDrafts } from './usePersonWriting';

const nobody = () => ({ version: 0, fields: emptyPerson, id: newId() });

/** Somebody who is to be added: kept on the device with their number, so that they are added once, also after a reload. */
export function useNewPerson() {
  const [start] = useState(nobody);
  const { value, set, clear, restored } = useDraft(personDrafts, 'new', start);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const refresh = useRefresh();
  const { fields, id = start.id } = value;

  /** Answers with their number once they are there. */
  const add = async (): Promise<string | null> => {
    setBusy(true);
    const body = bodyOf(fields);
    const { error: added } = await http.POST('/api/people', { body: { id, version: 0, ...body } });
    // An earlier sending arrived after all, and something was changed since: it is changed there.
    const { error } =
      added?.code === 'other-content'
        ? await http.PUT('/api/people/{person}', { params: { path: { person: id } }, body: { id, version: 1, ...body } })
        : { error: added };
    setBusy(false);
    setRefusal(error ?? null);
    if (error) return null;
    clear(nobody());
    savedNow();
    await refresh();
    return id;
  };

  return {
    fields,
    write: (next: PersonFields) => set({ version: 0, fields: next, id }),
    beginAnew: () => {
      clear(nobody());
      setRefusal(null);
    },
    restored,
    refusal,
    busy,
    add,
  };
}
