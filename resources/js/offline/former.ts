import { newId } from '@/api/client';
import { shelf } from '@/editor/device';
import type { SetLog, TrainingEvent } from './told';

/** A log as versions before kept it: whole, by its session. */
interface FormerLog {
  id: string;
  startedAt: number;
  at: number;
  over: boolean;
  sets: SetLog[];
  answering: SetLog | null;
  passed: string[];
  painBefore: TrainingEvent['before'];
  moments: number[];
}

type FormerSet = Omit<SetLog, 'felt' | 'painPlace'> & { felt?: SetLog['felt']; feltWrong?: boolean };
const withPlace = ({ feltWrong, felt, ...set }: FormerSet): SetLog => ({
  ...set,
  painPlace: null,
  felt: felt ?? (feltWrong ? 'elsewhere' : 'right'),
});

const logs = shelf<FormerLog>('log', (log) => Array.isArray(log.sets) && Array.isArray(log.moments), [
  (log) => log,
  // Before sets in part, checks passed over and moments were kept.
  (log) => ({ answering: null, passed: [], moments: [], ...(log as object) }),
  // Before the place it was felt in was asked for.
  (log) => {
    const { sets, answering, ...rest } = log as FormerLog & { sets: FormerSet[]; answering: FormerSet | null };
    return { ...rest, sets: sets.map(withPlace), answering: answering && withPlace(answering) };
  },
  // Before pain had a place.
  (log) => {
    const { sets, answering, ...rest } = log as FormerLog;
    const placed = (set: SetLog): SetLog => ({ ...set, painPlace: set.painPlace ?? null });
    return { ...rest, painBefore: null, sets: sets.map(placed), answering: answering && placed(answering) };
  },
]);

/** What an earlier version kept of a session, told event by event; null where there is none that can be read. */
export function formerLog(session: string): {
  training: Pick<FormerLog, 'id' | 'startedAt' | 'at' | 'over' | 'answering' | 'moments'>;
  events: TrainingEvent[];
  letGo: () => void;
} | null {
  const log = logs.of(session);
  if (!log) return null;
  const told = (what: Omit<TrainingEvent, 'id' | 'instead' | 'moments'>): TrainingEvent => ({
    ...what,
    id: newId(),
    instead: [],
    moments: [],
  });
  const { id, startedAt, at, over, answering, moments } = log;
  return {
    training: { id, startedAt, at, over, answering, moments: moments.slice(-2000) },
    events: [
      ...(log.painBefore ? [told({ kind: 'before', before: log.painBefore })] : []),
      ...log.sets.map((set) => told({ kind: 'set', item: set.item, number: set.set, set })),
      ...log.passed.map((passed) => {
        const [item, number] = passed.split(' ');
        return told({ kind: 'skipped', item: item ?? '', number: Number(number) });
      }),
    ],
    letGo: () => logs.keep(session, null),
  };
}
