import { newId, type Refusal } from '@/api/client';

/**
 * Sends something under one number until it is answered, so that a lost answer doubles nothing. Where an earlier sending
 * did arrive and something else is said by now, this is said as well, under a number of its own: what was said last holds.
 */
export async function sayOnce<Answer extends { error?: Refusal }>(
  id: { current: string },
  send: (id: string) => Promise<Answer>,
): Promise<Answer> {
  const answer = await send(id.current);
  if (answer.error?.code !== 'other-content') return answer;
  id.current = newId();
  return send(id.current);
}
