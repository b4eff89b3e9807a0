import { onlineManager, useMutation } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { presentOf, type Refusal } from '@/api/client';
import { onLeaving } from '@/api/leaving';
import { savedNow, saySaving } from '@/frame/saving';

type Answer<Row> = { data?: Row; error?: Refusal };

const AGAIN = 10_000;

class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.sentence);
  }
}

const isOffline = (error: unknown): boolean => error instanceof Refused && error.refusal.code === 'offline';

/**
 * Saves the newest value of something, one save at a time and with the version that was read last. Saves of one thing
 * wait for each other, rest without a network, and go on when it is back; what was overtaken meanwhile is not sent.
 */
export function useSaving<Value, Row extends { version: number }, Theirs extends { version: number } = Row>({
  thing,
  version,
  send,
  onSaved,
}: {
  /** What is saved, by name: saves of the same thing never run side by side. */
  thing: string;
  /** That was read; 0 for something new. */
  version: number;
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

  const { mutate, isPending, isPaused, failureReason } = useMutation({
    scope: { id: thing },
    retry: (_, error) => isOffline(error),
    retryDelay: AGAIN,
    mutationFn: async () => {
      const asked = unsure.current ?? newest.current;
      if (asked === null) return null;
      saySaving('Saving …');
      unsure.current = asked;
      const { data, error } = await sending.current(asked.value, known.current);
      if (error?.code !== 'offline') unsure.current = null;
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
      unsure.current = null;
      setTheirs(null);
    },
    /** Something else is at hand now, or it was read anew. */
    readAnew: (at: number) => {
      known.current = at;
    },
  };
}
