import { onlineManager, useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { presentOf, type Refusal } from '@/api/client';
import { onLeaving } from '@/api/leaving';
import { savedNow, saySaving } from '@/frame/saving';
import { shelf } from './device';

type Answer<Row> = { data?: Row; error?: Refusal };

const AGAIN = 10_000;

class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.sentence);
  }
}

/** What was sent over which version and never answered, by thing: the page was closed meanwhile, and it may have been taken. */
const unanswered = shelf<{ version: number; value: unknown }>('unanswered', ({ version }) => version >= 0, undefined, {
  owned: true,
});

/** What is being saved of one thing. */
interface Line<Value> {
  /** version that was read or answered last */
  known: number;
  newest: { value: Value } | null;
  /** What was sent and never answered may have been taken: it is sent as it was, before anything newer. */
  unsure: { value: Value } | null;
  /** saves that are not over yet */
  onItsWay: number;
}

/** By page and thing: a view that is left while something of it is on its way goes on from there when it is opened again. */
const lines = new WeakMap<QueryClient, Map<string, Line<unknown>>>();

function lineOf<Value>(client: QueryClient, thing: string, version: number): Line<Value> {
  const here = lines.get(client) ?? new Map<string, Line<unknown>>();
  lines.set(client, here);
  const found = here.get(thing);
  if (found && found.onItsWay > 0) return found as Line<Value>;
  const line: Line<Value> = { known: version, newest: null, unsure: null, onItsWay: 0 };
  here.set(thing, line);
  return line;
}

const isOffline = (error: unknown): boolean => error instanceof Refused && error.refusal.code === 'offline';

/**
 * Saves the newest value of something, one save at a time and with the version that was read last. Saves of one thing
 * wait for each other, rest without a network, and go on when it is back; what was overtaken meanwhile is not sent.
 */
export function useSaving<Value, Row extends { version: number }, Theirs extends { version: number } = Row>({
  thing,
  version,
  draftKept = false,
  send,
  onSaved,
}: {
  /** What is saved, by name: saves of the same thing never run side by side. */
  thing: string;
  /** That was read; 0 for something new. */
  version: number;
  /** Whether another page goes on from what was written here: then it sends first what this one sent and was not answered. */
  draftKept?: boolean;
  send: (value: Value, version: number) => Promise<Answer<Row>>;
  /** Told of every answer; `isNewest` when nothing was written since. */
  onSaved: (row: Row, isNewest: boolean) => void | Promise<void>;
}) {
  const client = useQueryClient();
  const kept = useRef<Line<Value> | null>(null);
  kept.current ??= lineOf<Value>(client, thing, version);
  const line = kept as { current: Line<Value> };
  const [theirs, setTheirs] = useState<Theirs | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const sending = useRef(send);
  useEffect(() => {
    sending.current = send;
  });

  const sure = () => {
    line.current.unsure = null;
    if (draftKept) unanswered.keep(thing, null);
  };

  const { mutate, isPending, isPaused, failureReason } = useMutation({
    scope: { id: thing },
    retry: (_, error) => isOffline(error),
    retryDelay: AGAIN,
    mutationFn: async () => {
      const { newest, unsure, known } = line.current;
      const asked = unsure ?? newest;
      if (asked === null) return null;
      saySaving('Saving …');
      line.current.unsure = asked;
      if (draftKept) unanswered.keep(thing, { version: known, value: asked.value });
      const { data, error } = await sending.current(asked.value, known);
      if (error?.code !== 'offline') sure();
      if (error) {
        const unreachable = error.code === 'offline';
        saySaving(unreachable ? 'Kept on this device' : 'Not saved');
        throw new Refused(error);
      }
      if (!data) return null;
      line.current.known = data.version;
      const isNewest = line.current.newest === asked;
      if (isNewest) line.current.newest = null;
      return { row: data, isNewest };
    },
    onSuccess: async (saved) => {
      if (!saved) return;
      setRefusal(null);
      if (saved.isNewest) savedNow();
      await onSaved(saved.row, saved.isNewest);
    },
    onError: (error) => {
      if (!(error instanceof Refused)) return;
      if (error.refusal.code === 'changed-meanwhile') setTheirs(presentOf<Theirs>(error.refusal));
      else setRefusal(error.refusal);
    },
    onSettled: () => {
      line.current.onItsWay -= 1;
    },
  });
  const start = useCallback(() => {
    line.current.onItsWay += 1;
    mutate();
  }, [line, mutate]);

  // The browser breaks off what is on its way when the page goes: it is sent once more, to be done without the page. Taken
  // twice it is known by what it says.
  useEffect(
    () =>
      onLeaving((gone) => {
        const { unsure, known } = line.current;
        if (gone && unsure) void sending.current(unsure.value, known);
      }),
    [line],
  );

  // What was written over it is not somebody else's.
  const begunWith = useRef(version);
  useEffect(() => {
    const sent = draftKept ? unanswered.of(thing) : null;
    // What is still on its way here is answered here.
    if (line.current.onItsWay > 0 || sent?.version !== begunWith.current) return;
    line.current.unsure = { value: sent.value as Value };
    start();
  }, [thing, draftKept, line, start]);

  const save = useCallback(
    (value: Value) => {
      line.current.newest = { value };
      start();
    },
    [line, start],
  );

  return {
    save,
    /** The version that what is written now goes over. */
    over: useCallback(() => line.current.known, [line]),
    /** Sends again what was refused. */
    again: () => line.current.newest && start(),
    refusal,
    waits: isPending,
    offline: (isPaused && !onlineManager.isOnline()) || isOffline(failureReason),
    /** What is saved now, where somebody else saved in the meantime. */
    theirs,
    /** Mine goes over theirs. */
    keepMine: () => {
      if (theirs) line.current.known = theirs.version;
      setTheirs(null);
      start();
    },
    /** Theirs stands; what was waiting is let go. */
    takeTheirs: () => {
      if (theirs) line.current.known = theirs.version;
      line.current.newest = null;
      sure();
      setTheirs(null);
    },
  };
}
