import { act, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Refusal } from '@/api/client';
import { useTexts } from './useTexts';

const refusal = (code: string): Refusal => ({ code, sentence: '', fields: {}, id: '', present: null });
const open = () => renderHook(() => useTexts('words', { text: '' }));
type Form = ReturnType<typeof open>;
const write = (form: Form, text: string) => act(() => form.result.current.write('text', text));

/** Takes whatever is sent; its answers are lost. */
const lost = (sent: string[]) => (id: string) => {
  sent.push(id);
  return Promise.resolve({ error: refusal('offline') });
};
const say = (form: Form, send: (id: string) => Promise<{ error?: Refusal }>) => act(() => form.result.current.say(send));

afterEach(() => localStorage.clear());

describe('a small form whose answer was lost', () => {
  it('is sent under the same number until it is answered, also after a reload, and then under another', async () => {
    const sent: string[] = [];
    const form = open();
    write(form, 'sore');
    await say(form, lost(sent));
    write(form, 'sore since Monday');
    await say(form, lost(sent));
    form.unmount();

    const again = open();
    expect(again.result.current.of('text')).toBe('sore since Monday');
    await say(again, lost(sent));
    expect(new Set(sent).size).toBe(1);
    act(() => again.result.current.saved());
    write(again, 'better');
    await say(again, lost(sent));
    expect(new Set(sent).size).toBe(2);
    expect(again.result.current.of('text')).toBe('better');
  });

  it('is said as well, under a number of its own, where what was sent before did arrive and says something else', async () => {
    const sent: string[] = [];
    const form = open();
    write(form, 'sore');
    const answer = await say(form, (id) => {
      sent.push(id);
      return Promise.resolve(sent.length === 1 ? { error: refusal('other-content') } : { error: refusal('offline') });
    });
    expect(answer.error?.code).toBe('offline');
    await say(form, lost(sent));
    expect(sent[1]).not.toBe(sent[0]);
    expect(sent[2]).toBe(sent[1]);
  });
});
