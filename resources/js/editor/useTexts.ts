import { shelf } from './device';
import { useDraft } from './useDraft';

type Texts = Record<string, string>;

const texts = shelf<Texts>(
  'text',
  (kept) => typeof kept === 'object' && Object.values(kept).every((text) => typeof text === 'string'),
  undefined,
  { owned: true },
);

/** The texts of a small form or dialog, by name: closed, left or reloaded, they are there again until they are saved. */
export function useTexts(key: string, start: Texts) {
  const { value, set, clear, restored } = useDraft<Texts>(texts, key, start);
  return {
    of: (name: string): string => value[name] ?? start[name] ?? '',
    /** For a field of text. */
    field: (name: string) => ({
      name,
      value: value[name] ?? start[name] ?? '',
      onChange: (event: { target: { value: string } }) => set({ ...value, [name]: event.target.value }),
    }),
    write: (name: string, text: string) => set({ ...value, [name]: text }),
    writeAll: (more: Texts) => set({ ...value, ...more }),
    /** With what the field shows from now on; as it began where it is closed. */
    saved: (now: Texts = start) => clear(now),
    restored,
  };
}
