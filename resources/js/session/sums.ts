import { createContext, useContext } from 'react';
import { http, type Schemas } from '@/api/client';
import type { Draft } from './draft';

export type AskSum = (of: string) => Promise<Schemas['ReasonView'] | null>;

/** Opens a figure of the session being written; nothing outside the composer. */
const Sums = createContext<AskSum>(() => Promise.resolve(null));
export const SumsProvider = Sums.Provider;
export const useSum = (of: string) => {
  const ask = useContext(Sums);
  return () => ask(of);
};

/** How the figures of the session add up, and its lines of text. */
export const sumsOf = (person: string, { minutes, picks, blocks }: Draft) =>
  http.POST('/api/people/{person}/sessions/sums', {
    params: { path: { person } },
    body: { minutes, picks: picks ?? null, blocks },
  });
