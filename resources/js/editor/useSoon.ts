import { useCallback, useEffect, useRef } from 'react';
import { onLeaving } from '@/api/leaving';

/** Runs what it is given last a moment later: at once where the view is left, or the page. */
export function useSoon(wait: number) {
  const next = useRef<(() => void) | null>(null);
  /** No sooner than the view or the page is left. */
  const atLast = useCallback((run: () => void) => {
    const once = () => {
      if (next.current !== once) return;
      next.current = null;
      run();
    };
    next.current = once;
    return once;
  }, []);
  const soon = useCallback(
    (run: () => void) => {
      const timer = setTimeout(atLast(run), wait);
      return () => clearTimeout(timer);
    },
    [atLast, wait],
  );
  /** What was to be run is not any more. */
  const never = useCallback(() => {
    next.current = null;
  }, []);
  useEffect(() => {
    const now = () => next.current?.();
    const stop = onLeaving(now);
    return () => {
      stop();
      now();
    };
  }, []);
  return { soon, atLast, never };
}
