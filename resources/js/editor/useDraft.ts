import { useCallback, useRef, useState } from 'react';
import type { Shelf } from './device';

/**
 * What is being filled in, on the device from the first letter on: closing, leaving, a reload and an expired sign-in
 * lose nothing. `restored` says that it was begun before and is offered back.
 */
export function useDraft<Value>(shelf: Shelf<Value>, key: string, start: Value) {
  const [kept] = useState(() => shelf.of(key));
  const [value, show] = useState<Value>(kept ?? start);
  const [restored, setRestored] = useState(kept !== null);
  const latest = useRef(value);

  const set = useCallback(
    (next: Value) => {
      latest.current = next;
      show(next);
      shelf.keep(key, next);
    },
    [shelf, key],
  );
  /** It is saved, or thrown away: begins anew from what is given. */
  const clear = useCallback(
    (next: Value) => {
      latest.current = next;
      show(next);
      setRestored(false);
      shelf.keep(key, null);
    },
    [shelf, key],
  );
  return { value, set, clear, restored, latest };
}
