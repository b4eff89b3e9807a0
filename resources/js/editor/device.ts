/** What is kept on this device carries the version it was written by, so that it is still understood after an update. */
interface Stored {
  v: number;
  value: unknown;
}

const isStored = (read: unknown): read is Stored =>
  typeof read === 'object' && read !== null && 'v' in read && typeof read.v === 'number' && 'value' in read;

/** What stands at a key, or nothing where the device keeps nothing at all. */
const stored = (key: string): string | null => {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
};

/** One kind of thing kept on this device, each by a key of its own. */
export interface Shelf<Value> {
  /** Keeps a value, or lets go of it; says whether the device could. */
  keep: (key: string, value: Value | null) => boolean;
  /** What is kept; null where nothing is, or where it cannot be read any more. */
  of: (key: string) => Value | null;
  keys: (startingWith?: string) => string[];
  /** Tells when another tab keeps something by this key, or lets go of it; answers with how to stop listening. */
  watch: (key: string, told: (value: Value | null) => void) => () => void;
}

/** Whose drafts are at hand: nobody else on this device sees what somebody typed. */
let owner = '';
export const setOwner = (email: string): void => {
  owner = email;
};

/**
 * @param migrations from each earlier version to the next, the oldest first; what was kept before versions were
 * written down is version 0. The present version is their number. What is owned is kept apart for each user.
 */
export function shelf<Value>(
  name: string,
  isValid: (value: Value) => boolean,
  migrations: ((value: unknown) => unknown)[] = [(value) => value],
  { owned = false }: { owned?: boolean } = {},
): Shelf<Value> {
  const prefixOf = () => `even-rungs.${name}.${owned ? `${owner}.` : ''}`;
  const version = migrations.length;
  const read = (text: string | null): Value | null => {
    try {
      const found = JSON.parse(text ?? 'null') as unknown;
      if (found === null) return null;
      const { v, value } = isStored(found) ? found : { v: 0, value: found };
      if (v > version) return null;
      const present = migrations.slice(v).reduce((before, migrate) => migrate(before), value) as Value;
      return isValid(present) ? present : null;
    } catch {
      return null;
    }
  };
  return {
    keep(key, value) {
      try {
        if (value === null) localStorage.removeItem(prefixOf() + key);
        else localStorage.setItem(prefixOf() + key, JSON.stringify({ v: version, value } satisfies Stored));
        return true;
      } catch {
        // Full, or forbidden: the work goes on, only a reload would lose it.
        return false;
      }
    },
    of: (key) => read(stored(prefixOf() + key)),
    keys: (startingWith = '') =>
      Object.keys(localStorage)
        .filter((key) => key.startsWith(prefixOf() + startingWith))
        .map((key) => key.slice(prefixOf().length)),
    watch(key, told) {
      const listen = (event: StorageEvent) => event.key === prefixOf() + key && told(read(event.newValue));
      window.addEventListener('storage', listen);
      return () => window.removeEventListener('storage', listen);
    },
  };
}

/** Lets go of whatever anybody has typed here; the device's own number and looks stay. */
export function forgetDrafts(): void {
  try {
    for (const key of Object.keys(localStorage))
      if (key.startsWith('even-rungs.') && key !== 'even-rungs.device') localStorage.removeItem(key);
  } catch {
    // Nothing is kept here at all.
  }
}

/** Whether this device can keep anything at all. */
export function canKeep(): boolean {
  const probe = shelf<boolean>('probe', () => true);
  return probe.keep('now', true) && probe.keep('now', null);
}

/** Whether two values that a device may keep say the same, such as a draft and what the server has by now. */
export const isSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);
