import { describe, expect, it } from 'vitest';
import type { Refusal } from '@/api/client';
import { sayOnce } from './sayOnce';

const refusal = (code: string): Refusal => ({ code, sentence: '', fields: {}, id: '', present: null });

describe('what is said under a number', () => {
  it('keeps it while nothing was answered, and takes another where something else arrived under it', async () => {
    const id = { current: 'first' };
    const sent: string[] = [];
    const server = (code: string | null) => (under: string) => {
      sent.push(under);
      return Promise.resolve(code === null || under !== 'first' ? {} : { error: refusal(code) });
    };

    expect(await sayOnce(id, server('offline'))).toEqual({ error: refusal('offline') });
    expect(id.current).toBe('first');
    expect(await sayOnce(id, server('other-content'))).toEqual({});
    expect(id.current).not.toBe('first');
    expect(sent).toEqual(['first', 'first', id.current]);
  });
});
