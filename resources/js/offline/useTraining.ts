import { useCallback, useEffect, useRef, useState } from 'react';
import { sendWaiting } from './outbox';
import { isAllKept, onKept } from './store';
import { toldBy, type TrainingEvent } from './told';
import { open, presently, stand, tell, tidy, withMoment, type Opened, type Training } from './trainings';

type Of = Pick<Training, 'person' | 'name' | 'session' | 'title'>;

/**
 * The training of a session on this device, the same in all its tabs: on the device before the screen moves on, and with
 * the server as soon as it can be. Null until the device was asked.
 */
export function useTraining(of: Of) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [keptHere, setKeptHere] = useState(true);
  /** how much that was done here is not on the device yet */
  const [underWay, setUnderWay] = useState(0);
  const latest = useRef<Opened | null>(null);
  // What is done here happens one after the other, each on what the one before came to.
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  const { session } = of;
  const first = useRef(of);

  const take = useCallback((next: Opened) => {
    latest.current = next;
    setOpened(next);
    setKeptHere(isAllKept());
  }, []);
  const act = useCallback(
    (run: (here: Opened) => Promise<Opened>): Promise<void> => {
      const done = turn.current.then(async () => {
        if (latest.current) take(await run(latest.current));
      });
      // What failed is that step's own: the next one is done all the same.
      turn.current = done.catch(() => undefined);
      setUnderWay((before) => before + 1);
      return done.finally(() => setUnderWay((before) => before - 1));
    },
    [take],
  );
  useEffect(() => {
    let isHere = true;
    turn.current = tidy()
      .then(() => open({ ...first.current, session }))
      .then((found) => {
        if (isHere) take(found);
      });
    const stop = onKept(() => void act(presently));
    return () => {
      isHere = false;
      stop();
    };
  }, [session, take, act]);

  /** Changes how the training stands here; something was done, unless it says otherwise. */
  const change = useCallback(
    (next: Partial<Training>, { isDone = true } = {}) =>
      act((here) => stand(here, (present) => ({ ...(isDone && withMoment(present)), ...next }))),
    [act],
  );
  /** Tells something of it, and sends it. */
  const say = useCallback(
    (
      what: Omit<TrainingEvent, 'id' | 'instead' | 'moments'> & { instead?: string[] },
      next: Partial<Training> = {},
      how: { isDone?: boolean } = {},
    ) =>
      act(async (here) => {
        const told = await tell(here, what, next, how);
        void sendWaiting();
        return told;
      }),
    [act],
  );
  /** Puts another training in the place of this one: one begun elsewhere, or a new one. */
  const goOnWith = useCallback((next: (here: Opened) => Promise<Opened>) => act(next), [act]);

  return {
    opened,
    told: opened && toldBy(opened.events.map(({ event }) => event)),
    keptHere,
    busy: underWay > 0,
    change,
    say,
    goOnWith,
  };
}
