import { useEffect, useRef, useState } from 'react';
import { http, type Refusal, type Schemas } from '@/api/client';
import type { Draft } from './draft';

/** The title has no say in times and shares. */
const asked = ({ minutes, picks, blocks }: Draft): string => JSON.stringify({ minutes, picks: picks ?? null, blocks });

/**
 * What the session comes to, asked of the server at each change: at most one request in flight, and the
 * newest writing asked for as soon as it is answered, so that no stale answer is ever shown.
 */
export function usePreview(person: string, draft: Draft, first: { preview: Schemas['PreviewView']; draft: Draft }) {
  const [preview, setPreview] = useState(first.preview);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const wanted = useRef<string | null>(null);
  const flying = useRef(false);
  const text = asked(draft);
  const [start] = useState(() => asked(first.draft));
  const shown = useRef(start);
  // Asked again though nothing was written: what the person may do has changed.
  const [round, setRound] = useState(0);
  const answeredRound = useRef(0);
  // What the answer at hand was asked for: it speaks of the present writing only when the two are the same.
  const [answered, setAnswered] = useState(start);

  useEffect(() => {
    const ask = async () => {
      flying.current = true;
      while (wanted.current !== null) {
        const asking = wanted.current;
        wanted.current = null;
        const { data, error } = await http.POST('/api/people/{person}/sessions/preview', {
          params: { path: { person } },
          body: JSON.parse(asking) as Schemas['PreviewRequest'],
        });
        if (wanted.current !== null) continue;
        if (data) {
          setPreview(data);
          setAnswered(asking);
        }
        setRefusal(error ? error : null);
      }
      flying.current = false;
    };
    // Once the network is back, what was asked for in vain is asked again.
    const again = () => {
      wanted.current = shown.current;
      if (!flying.current) void ask();
    };
    window.addEventListener('online', again);
    if (shown.current !== text || answeredRound.current !== round) {
      shown.current = text;
      answeredRound.current = round;
      wanted.current = text;
      if (!flying.current) void ask();
    }
    return () => window.removeEventListener('online', again);
  }, [person, text, round]);

  return { preview, refusal, upToDate: answered === text, again: () => setRound((now) => now + 1) };
}
