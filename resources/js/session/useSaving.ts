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
    if (busy.current) return;
    busy.current = true;
    while (last.current !== latest.current) {
      const sending = latest.current;
      saySaving('Saving …');
      const body = { id, version: known.current, ...(JSON.parse(sending) as Draft) };
      const { data, error } = await (
        known.current === 0
          ? http.POST('/api/people/{person}/sessions', { params: { path: { person } }, body })
          : http.PUT('/api/people/{person}/sessions/{session}', { params: { path: { person, session: id } }, body })
      ).catch((failed: unknown) => ({ data: undefined, error: failed }));
      if (!data) {
        const said = refusalOf(error);
        saySaving('Not saved');
        if (said.code === 'changed-meanwhile') setTheirs(said.present as unknown as Schemas['SessionView']);
        else setRefusal(said);
        break;
      }
      known.current = data.version;
      last.current = sending;
      setRefusal(null);
      savedNow();
    }
    busy.current = false;
    // Lists and steps may have changed; the session being written is left alone.
    await client.invalidateQueries({
      predicate: ({ queryKey }) =>
        [
          '/api/people/{person}',
          '/api/people/{person}/sessions',
          '/api/bench',
          '/api/people/{person}/sessions/{session}/sheet',
        ].includes(String(queryKey[1])),
    });
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
