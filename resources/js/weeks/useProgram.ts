import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, http, newId, refusalOf, type Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import type { Wish } from './wish';

type Program = Schemas['ProgramView'];
type Page = Schemas['ProgramPageView'];

/** What is looked at beside the program that holds: one that is proposed, or an earlier version. */
export type Draft = { kind: 'proposal'; wish: Wish; program: Program } | { kind: 'version'; id: string; program: Program };

/** A person's program: proposals are asked for at every change and kept only when they are taken over. */
export function useProgram(person: string) {
  const page = api.useQuery('get', '/api/people/{person}/program', { params: { path: { person } } });
  const [draft, setDraft] = useState<Draft | null>(null);
  const [past, setPast] = useState<Wish[]>([]);
  const [future, setFuture] = useState<Wish[]>([]);
  const [asked, setAsked] = useState<Wish | null>(null);
  const [waits, setWaits] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const newest = useRef(0);
  const client = useQueryClient();
  const refresh = useRefresh();
  const path = { person };
  const wish = asked ?? page.data?.wish ?? null;

  const failed = (error: unknown): null => {
    const refusal = refusalOf(error);
    setProblem(Object.values(refusal.fields)[0]?.[0] ?? refusal.sentence);
    return null;
  };
  // Only the answer to the newest question counts; what was asked stays when it is refused.
  const ask = async (next: Wish): Promise<void> => {
    const mine = ++newest.current;
    setAsked(next);
    setWaits(true);
    const { data, error } = await http
      .POST('/api/people/{person}/program/proposal', { params: { path }, body: { wish: next } })
      .catch((thrown: unknown) => ({ data: undefined, error: thrown }));
    if (mine !== newest.current) return;
    setWaits(false);
    if (error) return void failed(error);
    setProblem(null);
    if (data) setDraft({ kind: 'proposal', wish: next, program: data });
  };
  const change = (next: Wish) => {
    if (wish) setPast([...past.slice(-49), wish]);
    setFuture([]);
    void ask(next);
  };
  const step = (from: Wish[], to: Wish[], setFrom: (rows: Wish[]) => void, setTo: (rows: Wish[]) => void) => {
    const next = from.at(-1);
    if (!next || !wish) return;
    setFrom(from.slice(0, -1));
    setTo([...to, wish]);
    void ask(next);
  };
  const leave = () => {
    newest.current++;
    setDraft(null);
    setAsked(null);
    setPast([]);
    setFuture([]);
    setProblem(null);
    setWaits(false);
  };
  const settle = async (answer: Promise<{ data?: Page; error?: unknown }>): Promise<Page | null> => {
    setWaits(true);
    const { data, error } = await answer.catch((thrown: unknown) => ({ data: undefined, error: thrown }));
    setWaits(false);
    if (error || !data) {
      if (refusalOf(error).code === 'changed-meanwhile') await refresh();
      return failed(error);
    }
    client.setQueryData(api.queryOptions('get', '/api/people/{person}/program', { params: { path } }).queryKey, data);
    void refresh();
    return data;
  };

  return {
    page,
    wish,
    draft,
    waits,
    problem,
    change,
    propose: () => wish && void ask(wish),
    undo: () => step(past, future, setPast, setFuture),
    redo: () => step(future, past, setFuture, setPast),
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    leave,
    /** The proposal becomes the program: all of it, or the weeks named. */
    take: async (mondays: string[] | null, why: string): Promise<Page | null> => {
      if (!wish) return null;
      const body = { id: newId(), replaces: page.data?.id ?? null, mondays, why, wish };
      const data = await settle(http.POST('/api/people/{person}/programs', { params: { path }, body }));
      if (data) leave();
      return data;
    },
    look: async (id: string): Promise<void> => {
      const { data, error } = await http
        .GET('/api/people/{person}/programs/{program}', { params: { path: { person, program: id } } })
        .catch((thrown: unknown) => ({ data: undefined, error: thrown }));
      if (error) return void failed(error);
      setProblem(null);
      if (data) setDraft({ kind: 'version', id, program: data });
    },
    again: async (id: string, replaces: string): Promise<Page | null> => {
      const data = await settle(
        http.POST('/api/people/{person}/programs/{program}/again', {
          params: { path: { person, program: id } },
          body: { id: newId(), replaces },
        }),
      );
      if (data) leave();
      return data;
    },
    write: (monday: string): Promise<Page | null> =>
      settle(http.POST('/api/people/{person}/program/weeks/{date}', { params: { path: { person, date: monday } } })),
  };
}
