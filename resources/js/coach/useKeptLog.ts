import { useCallback, useEffect, useRef, useState } from 'react';
import { canKeep } from '@/editor/device';
import { changed, forget, freshLog, joined, keep, keptLog, watchLog, type KeptLog } from './log';

/** Another tab has this session too: it logs it, or has already saved it. */
export type Elsewhere = { what: 'logs' | 'saved'; sets: number };

/**
 * The log of a session, on the device after every answer. Where another tab has kept it meanwhile nothing is written
 * over: this one rests until somebody goes on here, with what both know.
 */
export function useKeptLog(session: string) {
  const [log, setLog] = useState<KeptLog>(() => keptLog(session) ?? freshLog(session));
  const [elsewhere, setElsewhere] = useState<Elsewhere | null>(null);
  const [keptHere, setKeptHere] = useState(canKeep);
  const latest = useRef(log);
  const resting = useRef(false);

  const rest = useCallback((there: KeptLog | null) => {
    resting.current = true;
    setElsewhere(there ? { what: 'logs', sets: there.sets.length } : { what: 'saved', sets: latest.current.sets.length });
  }, []);
  useEffect(() => watchLog(session, rest), [session, rest]);

  const update = useCallback(
    (change: Partial<KeptLog>) => {
      const before = latest.current;
      const next = changed(before, change);
      latest.current = next;
      setLog(next);
      if (resting.current || !keptHere) return;
      const there = keptLog(session);
      if ((there?.revision ?? 0) !== before.revision) rest(there);
      else setKeptHere(keep(next));
    },
    [session, rest, keptHere],
  );

  /** Goes on in this tab; answers with how many sets were answered in both, of which the other tab’s stay. */
  const goOnHere = (): { at: number; differing: number } => {
    const there = keptLog(session);
    const { log: both, differing } = there ? joined(latest.current, there) : { log: freshLog(session), differing: 0 };
    latest.current = both;
    resting.current = false;
    setElsewhere(null);
    update({});
    return { at: both.over ? Infinity : both.at, differing };
  };

  /** The server has it: what was kept is let go of. */
  const saved = () => {
    resting.current = true;
    forget(session);
  };

  return { log, update, elsewhere, goOnHere, saved, keptHere };
}
