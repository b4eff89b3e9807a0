import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { http, refusalOf, type Refusal, type Schemas } from '@/api/client';
import { savedNow, saySaving } from '@/frame/saving';
import type { Draft } from './draft';

const WAIT = 700;

/** Saves a session a moment after each change, one save at a time, with the version that was read. */
export function useContinuousSaving({
  person,
  id,
  version,
  draft,
  ready,
  isNew,
}: {
  person: string;
  id: string;
  version: number;
  draft: Draft;
  /** Every dose can be read. */
  ready: boolean;
  isNew: boolean;
}) {
  const client = useQueryClient();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [theirs, setTheirs] = useState<Schemas['SessionView'] | null>(null);
  const known = useRef(version);
  const text = JSON.stringify(draft);
  const last = useRef(isNew ? '' : text);
  const busy = useRef(false);
  const latest = useRef(text);

  const save = useCallback(async (): Promise<void> => {
    if (busy.current || last.current === latest.current) return;
    busy.current = true;
    const sending = latest.current;
    saySaving('Saving …');
    const body = { id, version: known.current, ...(JSON.parse(sending) as Draft) };
    const creating = known.current === 0;
    const { data, error } = await (
      creating
        ? http.POST('/api/people/{person}/sessions', { params: { path: { person } }, body })
        : http.PUT('/api/people/{person}/sessions/{session}', { params: { path: { person, session: id } }, body })
    ).catch((failed: unknown) => ({ data: undefined, error: failed }));
    busy.current = false;
    if (data) {
      known.current = data.version;
      last.current = sending;
      setRefusal(null);
      savedNow();
      await client.invalidateQueries({ predicate: (query) => JSON.stringify(query.queryKey).includes(person) && !JSON.stringify(query.queryKey).includes('{session}') && !JSON.stringify(query.queryKey).includes('draft') });
      if (latest.current !== sending) void save();
      return;
    }
    const said = refusalOf(error);
    saySaving('Not saved');
    if (said.code === 'changed-meanwhile') setTheirs(said.present as unknown as Schemas['SessionView']);
    else setRefusal(said);
  }, [client, id, person]);

  useEffect(() => {
    latest.current = text;
    if (!ready || draft.blocks.length === 0 || last.current === text || theirs) return;
    const timer = setTimeout(() => void save(), WAIT);
    return () => clearTimeout(timer);
  }, [text, ready, save, theirs, draft.blocks.length]);

  // Leaving the view does not lose the last change.
  useEffect(() => () => void save(), [save]);

  return {
    refusal,
    theirs,
    saveMine: () => {
      if (theirs) known.current = theirs.version;
      setTheirs(null);
      void save();
    },
  };
}
