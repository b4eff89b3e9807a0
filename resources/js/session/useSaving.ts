import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { http, type Schemas } from '@/api/client';
import { useSaving } from '@/editor/saving';
import { useSoon } from '@/editor/useSoon';
import type { Draft } from './draft';
import { keep, keptOf, letGo, openAnew } from './kept';

const WAIT = 700;

/** What else shows a session: the session being written is left alone. */
const ELSEWHERE = [
  '/api/people/{person}',
  '/api/people/{person}/sessions',
  '/api/bench',
  '/api/people/{person}/sessions/{session}/sheet',
  '/api/people/{person}/sessions/{session}/stages',
  '/api/people/{person}/sessions/templates',
  '/api/people/{person}/method',
];

/** Saves a session a moment after each change; every change is kept on the device until the server has it. */
export function useContinuousSaving({
  person,
  id,
  version,
  draft,
  ready,
  stored,
  origin,
}: {
  person: string;
  id: string;
  version: number;
  draft: Draft;
  /** Every dose can be read, or nobody can tell since the server does not answer. */
  ready: boolean;
  /** What the server has, or what need not be kept; null for a new session. */
  stored: Draft | null;
  /** Where a new session comes from. */
  origin: string | null;
}) {
  const client = useQueryClient();
  const last = useRef(stored === null ? '' : JSON.stringify(stored));
  const [there, setThere] = useState(version > 0);
  const saving = useSaving<Draft, Schemas['SavedSessionView'], Schemas['SessionView']>({
    thing: `session ${id}`,
    version,
    draftKept: true,
    send: (value, at) =>
      at === 0
        ? http.POST('/api/people/{person}/sessions', {
            params: { path: { person } },
            body: { id, version: at, origin, picks: null, ...value },
          })
        : http.PUT('/api/people/{person}/sessions/{session}', {
            params: { path: { person, session: id } },
            body: { id, version: at, origin: null, picks: null, ...value },
          }),
    onSaved: (row, isNewest) => {
      setThere(true);
      // What was written since and was not sent yet, here or in the same view opened again, stays on the device: it goes on
      // from what is saved now.
      const written = keptOf(person, id);
      if (written && (!isNewest || JSON.stringify(written.draft) !== last.current))
        keep(person, { ...written, version: row.version });
      else letGo(person, id);
      void client.invalidateQueries({ predicate: ({ queryKey }) => ELSEWHERE.includes(String(queryKey[1])) });
    },
  });
  const { save, theirs, over } = saving;
  const text = JSON.stringify(draft);
  const empty = draft.blocks.length === 0;
  const { soon, atLast, never } = useSoon(WAIT);

  useEffect(() => {
    never();
    // Nothing to keep: what the server has, or a session without a first exercise.
    if (last.current === text || empty) {
      letGo(person, id);
      return;
    }
    const writing = JSON.parse(text) as Draft;
    keep(person, { id, version: over(), draft: writing });
    if (theirs) return;
    const send = () => {
      last.current = text;
      save(writing);
    };
    if (ready) return soon(send);
    // Whether every dose can be read is not known yet: where somebody leaves now, the server says.
    atLast(send);
  }, [text, empty, ready, save, over, theirs, id, person, soon, atLast, never]);

  return {
    ...saving,
    /** Whether the server has it. */
    there,
    takeTheirs: () => {
      letGo(person, id);
      openAnew(id);
    },
  };
}
