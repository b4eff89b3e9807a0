/** What is kept on this device carries the version it was written by, so that it is still understood after an update. */
interface Stored {
  v: number;
  value: unknown;
}

const isStored = (read: unknown): read is Stored =>
  typeof read === 'object' && read !== null && 'v' in read && typeof read.v === 'number' && 'value' in read;

/** One kind of thing kept on this device, each by a key of its own. */
export interface Shelf<Value> {
  /** Keeps a value, or lets go of it; says whether the device could. */
  keep: (key: string, value: Value | null) => boolean;
  /** What is kept; null where nothing is, or where it cannot be read any more. */
  of: (key: string) => Value | null;
  keys: (startingWith?: string) => string[];
}

/**
 * @param migrations from each earlier version to the next, the oldest first; what was kept before versions were
 * written down is version 0. The present version is their number.
 */
export function shelf<Value>(
  name: string,
  isValid: (value: Value) => boolean,
  migrations: ((value: unknown) => unknown)[] = [(value) => value],
): Shelf<Value> {
  const prefix = `even-rungs.${name}.`;
  const version = migrations.length;
  return {
    keep(key, value) {
      try {
        if (value === null) localStorage.removeItem(prefix + key);
        else localStorage.setItem(prefix + key, JSON.stringify({ v: version, value } satisfies Stored));
        return true;
      } catch {
        // Full, or forbidden: the work goes on, only a reload would lose it.
        return false;
      }
    },
    of(key) {
      try {
        const read = JSON.parse(localStorage.getItem(prefix + key) ?? 'null') as unknown;
        if (read === null) return null;
        const { v, value } = isStored(read) ? read : { v: 0, value: read };
        if (v > version) return null;
        const found = migrations.slice(v).reduce((before, migrate) => migrate(before), value) as Value;
        return isValid(found) ? found : null;
      } catch {
        return null;
      }
    },
    keys: (startingWith = '') =>
      Object.keys(localStorage)
        .filter((key) => key.startsWith(prefix + startingWith))
        .map((key) => key.slice(prefix.length)),
  };
}

/** Whether this device can keep anything at all. */
export function canKeep(): boolean {
  const probe = shelf<boolean>('probe', () => true);
  return probe.keep('now', true) && probe.keep('now', null);
}
