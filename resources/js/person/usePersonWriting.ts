import { useEffect, useMemo, useRef, useState } from 'react';
import { http, type Schemas } from '@/api/client';
import { isSame, shelf } from '@/editor/device';
import { useHistory } from '@/editor/history';
import { useSaving } from '@/editor/saving';
import { useSoon } from '@/editor/useSoon';
import { useRefresh, useTakePerson } from '@/frame/usePerson';
import { bodyOf, emptyPerson, fieldsOf, type PersonFields } from './fields';

const WAIT = 800;

interface Draft {
  /** that the fields were written over: somebody else's changes since are never overwritten unseen */
  version: number;
  fields: PersonFields;
  /** of one who is to be added */
  id?: string;
}

/** What was typed and has not reached the server yet, by person; `new` for one who is not there yet. */
export const personDrafts = shelf<Draft>(
  'person',
  ({ fields }) => typeof fields.name === 'string' && Array.isArray(fields.places),
  [(fields) => fields, (fields) => ({ version: 0, fields: { ...emptyPerson, ...(fields as object) } })],
  { owned: true },
);

/** A person who is there is saved as one goes: each change is on this device at once and on the server a moment later. */
export function usePersonWriting(person: Schemas['PersonView']) {
  const refresh = useRefresh();
  const take = useTakePerson();
  const start = useMemo(() => fieldsOf(person), [person]);
  // What was sent as the page went may be with the server by now: then it goes on from there.
  const [kept] = useState(() => {
    const found = personDrafts.of(person.id);
    return isSame(found?.fields, start) ? null : found;
  });
  useEffect(() => {
    if (kept === null) personDrafts.keep(person.id, null);
  }, [kept, person.id]);
  /** as it was last sent, or read */
  const last = useRef(JSON.stringify(start));
  const { now, set, canUndo, canRedo, undo, redo, start: begin } = useHistory<PersonFields>(kept?.fields ?? start);
  const { save, over, ...saving } = useSaving<PersonFields, Schemas['PersonView']>({
    thing: `person ${person.id}`,
    version: kept?.version ?? person.version,
    draftKept: true,
    send: (fields, version) =>
      http.PUT('/api/people/{person}', {
        params: { path: { person: person.id } },
        body: { id: person.id, version, ...bodyOf(fields) },
      }),
    onSaved: async (row, isNewest) => {
      // Whoever opens the view before all is read again goes on from what is saved.
      take(row);
      // What was typed since, sent or not, here or in the same view opened again, stays on the device: it goes over what is
      // saved now.
      const typed = personDrafts.of(person.id);
      if (typed && (!isNewest || JSON.stringify(typed.fields) !== last.current)) {
        personDrafts.keep(person.id, { version: row.version, fields: typed.fields });
        return;
      }
      personDrafts.keep(person.id, null);
      await refresh();
    },
  });

  const { soon, never } = useSoon(WAIT);
  const text = JSON.stringify(now);
  useEffect(() => {
    never();
    if (last.current === text) return;
    const fields = JSON.parse(text) as PersonFields;
    personDrafts.keep(person.id, { version: over(), fields });
    return soon(() => {
      last.current = text;
      save(fields);
    });
  }, [text, person.id, save, over, soon, never]);

  const takeTheirs = () => {
    if (!saving.theirs) return;
    const theirs = fieldsOf(saving.theirs);
    personDrafts.keep(person.id, null);
    last.current = JSON.stringify(theirs);
    begin(theirs);
    saving.takeTheirs();
    void refresh();
  };
  return { fields: now, set, canUndo, canRedo, undo, redo, ...saving, takeTheirs };
}
