import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { http, refusalOf, type Refusal, type Schemas } from '@/api/client';
import { savedNow, saySaving } from '@/frame/saving';
import type { Draft } from './draft';
import { keep, letGo } from './kept';

const WAIT = 700;
const AGAIN = 10_000;

/**
 * Saves a session a moment after each change, one save at a time, with the version that was read. Every change is
 * kept on the device until the server has it; without a network it is tried again until it is there.
 */
export function useContinuousSaving({
  person,
  id,
  version,
  draft,
  ready,
  stored,
}: {
  person: string;
  id: string;
  version: number;
  draft: Draft;
  /** Every dose can be read, or nobody can tell since the server does not answer. */
  ready: boolean;
  /** What the server has; null for a new session. */
  stored: Draft | null;
}) {
  const client = useQueryClient();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [theirs, setTheirs] = useState<Schemas['SessionView'] | null>(null);
  const [offline, setOffline] = useState(false);
  const known = useRef(version);
  const text = JSON.stringify(draft);
  const last = useRef(stored === null ? '' : JSON.stringify(stored));
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
        const unreachable = said.code === 'offline';
        setOffline(unreachable);
        saySaving(unreachable ? 'Kept on this device' : 'Not saved');
        if (said.code === 'changed-meanwhile') setTheirs(said.present as unknown as Schemas['SessionView']);
        else setRefusal(unreachable ? null : said);
        break;
      }
      known.current = data.version;
      last.current = sending;
      if (latest.current === sending) letGo(person, id);
      setRefusal(null);
      setOffline(false);
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
          '/api/people/{person}/sessions/templates',
          '/api/people/{person}/method',
        ].includes(String(queryKey[1])),
    });
  }, [client, id, person]);

  useEffect(() => {
    latest.current = text;
    // Nothing to keep: what the server has, or a session without a first exercise.
    if (last.current === text || draft.blocks.length === 0) {
      letGo(person, id);
      return;
    }
    keep(person, { id, version: known.current, draft: JSON.parse(text) as Draft });
    if (!ready || theirs) return;
    const timer = setTimeout(() => void save(), WAIT);
    return () => clearTimeout(timer);
  }, [text, ready, save, theirs, draft.blocks.length, id, person]);

  useEffect(() => {
    if (!offline) return;
    const again = () => void save();
    const timer = setInterval(again, AGAIN);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [offline, save]);

  // Leaving the view does not lose the last change.
  const canLeave = useRef(ready);
  useEffect(() => {
    canLeave.current = ready && draft.blocks.length > 0;
  }, [ready, draft.blocks.length]);
  useEffect(
    () => () => {
      if (canLeave.current) void save();
    },
    [save],
  );

  return {
    refusal,
    theirs,
    offline,
    saveMine: () => {
      if (theirs) known.current = theirs.version;
      setTheirs(null);
      void save();
    },
    takeTheirs: () => {
      letGo(person, id);
      window.location.reload();
    },
  };
}
