import { useSyncExternalStore } from 'react';

/** A value that several views show and any of them, or nobody's, may change: read, set, and followed while drawn. */
export function shared<Value>(initial: Value) {
  let present = initial;
  const watchers = new Set<() => void>();
  const watch = (watcher: () => void) => {
    watchers.add(watcher);
    return () => watchers.delete(watcher);
  };
  const get = () => present;
  return {
    get,
    set(next: Value) {
      if (Object.is(next, present)) return;
      present = next;
      watchers.forEach((watcher) => watcher());
    },
    useValue: (): Value => useSyncExternalStore(watch, get),
  };
}
