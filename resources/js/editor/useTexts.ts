import { useRef } from 'react';
import { newId, type Refusal } from '@/api/client';
import { sayOnce } from '@/frame/sayOnce';
import { shelf } from './device';
import { useDraft } from './useDraft';

type Texts = Record<string, string>;

/** Where the number stands that the texts are sent under. */
const UNDER = '';

const texts = shelf<Texts>(
  'text',
  (kept) => typeof kept === 'object' && Object.values(kept).every((text) => typeof text === 'string'),
  undefined,
  { owned: true },
);

/**
 * The texts of a small form or dialog, by name: closed, left or reloaded, they are there again until they are saved, and
 * they are sent under the same number until then, so that an answer that was lost doubles nothing.
 */
export function useTexts(key: string, start: Texts) {
  const { value, set, clear, restored } = useDraft<Texts>(texts, key, start);
  // Made with the first letter: what was written later has the later number.
  const fresh = useRef<string | null>(null);
  const under = () => value[UNDER] ?? (fresh.current ??= newId());
  const write = (more: Texts) => set({ ...value, [UNDER]: under(), ...more });
  return {
    of: (name: string): string => value[name] ?? start[name] ?? '',
    /** For a field of text. */
    field: (name: string) => ({
      name,
      value: value[name] ?? start[name] ?? '',
      onChange: (event: { target: { value: string } }) => write({ [name]: event.target.value }),
    }),
    write: (name: string, text: string) => write({ [name]: text }),
    writeAll: write,
    /** Sends them under their number. */
    say: async <Answer extends { error?: Refusal }>(send: (id: string) => Promise<Answer>): Promise<Answer> => {
      const sent = under();
      const id = { current: sent };
      const answer = await sayOnce(id, send);
      if (answer.error && id.current !== sent) write({ [UNDER]: id.current });
      return answer;
    },
    /** With what the field shows from now on; as it began where it is closed. */
    saved: (now: Texts = start) => {
      clear(now);
      fresh.current = null;
    },
    restored,
  };
}
