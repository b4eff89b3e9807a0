import { onlineManager, useMutation } from '@tanstack/react-query';
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
  const known = useRef(version);
  const newest = useRef<{ value: Value } | null>(null);
  // What was sent and never answered may have been taken: it is sent as it was, before anything newer.
  const unsure = useRef<{ value: Value } | null>(null);
  const [theirs, setTheirs] = useState<Theirs | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const sending = useRef(send);
  useEffect(() => {
    sending.current = send;
  });

  const sure = () => {
    unsure.current = null;
    if (draftKept) unanswered.keep(thing, null);
  };

  const { mutate, isPending, isPaused, failureReason } = useMutation({
    scope: { id: thing },
    retry: (_, error) => isOffline(error),
    retryDelay: AGAIN,
    mutationFn: async () => {
      const asked = unsure.current ?? newest.current;
      if (asked === null) return null;
      saySaving('Saving …');
      unsure.current = asked;
      if (draftKept) unanswered.keep(thing, { version: known.current, value: asked.value });
      const { data, error } = await sending.current(asked.value, known.current);
      if (error?.code !== 'offline') sure();
      if (error) {
        const unreachable = error.code === 'offline';
        saySaving(unreachable ? 'Kept on this device' : 'Not saved');
        throw new Refused(error);
      }
      if (!data) return null;
      known.current = data.version;
      const isNewest = newest.current === asked;
      if (isNewest) newest.current = null;
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
  });

  // The browser breaks off what is on its way when the page goes: it is sent once more, to be done without the page. Taken
  // twice it is known by what it says.
  useEffect(
    () =>
      onLeaving((gone) => {
        if (gone && unsure.current) void sending.current(unsure.current.value, known.current);
      }),
    [],
  );

  // What was written over it is not somebody else's.
  const begunWith = useRef(version);
  useEffect(() => {
    const sent = draftKept ? unanswered.of(thing) : null;
    if (sent?.version !== begunWith.current) return;
    unsure.current = { value: sent.value as Value };
    mutate();
  }, [thing, draftKept, mutate]);

  const save = useCallback(
    (value: Value) => {
      newest.current = { value };
      mutate();
    },
    [mutate],
  );

  return {
    save,
    /** Sends again what was refused. */
    again: () => newest.current && mutate(),
    refusal,
    waits: isPending,
    offline: (isPaused && !onlineManager.isOnline()) || isOffline(failureReason),
    /** What is saved now, where somebody else saved in the meantime. */
    theirs,
    /** Mine goes over theirs. */
    keepMine: () => {
      if (theirs) known.current = theirs.version;
      setTheirs(null);
      mutate();
    },
    /** Theirs stands; what was waiting is let go. */
    takeTheirs: () => {
      if (theirs) known.current = theirs.version;
      newest.current = null;
      sure();
      setTheirs(null);
    },
  };
}
