import type { Schemas } from '@/api/client';
import { counted } from '@/ui/counted';
import { weekTime } from '@/ui/day';
import type { Squad } from './useSquad';

/** A ladder’s name without the word. */
export const plain = (name: string): string => name.replace(/ ladder$/, '');

/** What kit there is where a squad trains. */
export const kitInWords = (kit: Squad['kit']): string =>
  kit === null
    ? 'kit of each one’s own place'
    : kit.length === 0
      ? 'nothing but the floor'
      : `${counted(kit.length, 'kind')} of kit`;

/** When a squad meets, in every week. */
export const meetsInWords = (meets: Squad['meets']): string =>
  meets.length === 0 ? 'in nobody’s week' : meets.map(weekTime).join(', ');

/** What is called out at each stretch of the clock. */
export const cueWords: Record<Schemas['Turn']['kind'], string> = {
  ready: 'To your stations',
  work: 'Work',
  change: 'Change',
  rest: 'Rest',
};
