import { useEffect, useState } from 'react';
import { http, type Schemas } from '@/api/client';
import type { Draft } from './draft';

const WAIT = 500;

const NONE: Schemas['FitView']['waits'] = [];

/**
 * How the session comes down to its minutes, or what time left over could give; asked once the writing rests. What waits
 * for a decision is said meanwhile as it was last.
 */
export function useFit(person: string, id: string, draft: Draft, ready: boolean) {
  const text = JSON.stringify({ minutes: draft.minutes, picks: draft.picks ?? null, blocks: draft.blocks });
  const [answer, setAnswer] = useState<{ text: string; fit: Schemas['FitView'] } | null>(null);
  useEffect(() => {
    if (!ready) return;
    const ended = new AbortController();
    const timer = setTimeout(() => {
      void http
        .POST('/api/people/{person}/sessions/fit', {
          params: { path: { person } },
          body: { id, ...(JSON.parse(text) as Omit<Schemas['FitRequest'], 'id'>) },
          signal: ended.signal,
        })
        // Called off while its answer was being read: the next one is on its way.
        .then(
          ({ data }) => data && setAnswer({ text, fit: data }),
          () => undefined,
        );
    }, WAIT);
    return () => {
      clearTimeout(timer);
      ended.abort();
    };
  }, [person, id, text, ready]);
  return { fit: answer?.text === text ? answer.fit : null, waits: answer?.fit.waits ?? NONE };
}
