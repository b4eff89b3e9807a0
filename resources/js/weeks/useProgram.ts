import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, http, newId, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { useHistory } from '@/editor/history';
import { useRefresh } from '@/frame/usePerson';
import type { Wish } from './wish';

type Program = Schemas['ProgramView'];
export type Page = Schemas['ProgramPageView'];

/** What is looked at beside the program that holds: one that is proposed, or an earlier version. */
export type Draft = { kind: 'proposal'; wish: Wish; program: Program } | { kind: 'version'; id: string; program: Program };

/** A person's program: proposals are asked for at every change and kept only when they are taken over. */
export function useProgram(person: string) {
  const page = api.useQuery('get', '/api/people/{person}/program', { params: { path: { person } } });
  const [draft, setDraft] = useState<Draft | null>(null);
  const steps = useHistory<Wish | null>(null);
  const [waits, setWaits] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const newest = useRef(0);
  const client = useQueryClient();
  const refresh = useRefresh();
  const path = { person };
  const wish = steps.now ?? page.data?.wish ?? null;

  const failed = (refusal: Refusal): null => {
    setProblem(sentenceOf(refusal));
    return null;
  };
  // Only the answer to the newest question counts; what was asked stays when it is refused.
  const ask = async (next: Wish): Promise<void> => {
    const mine = ++newest.current;
    setWaits(true);
    const { data, error } = await http.POST('/api/people/{person}/program/proposal', { params: { path }, body: { wish: next } });
    if (mine !== newest.current) return;
    setWaits(false);
    if (error) return void failed(error);
    setProblem(null);
    if (data) setDraft({ kind: 'proposal', wish: next, program: data });
  };
  const change = (next: Wish) => {
    if (steps.now === null && wish) steps.start(wish);
    steps.set(next);
    void ask(next);
  };
  const step = (to: Wish | null) => to && void ask(to);
  const leave = () => {
    newest.current++;
    setDraft(null);
    steps.start(null);
    setProblem(null);
    setWaits(false);
  };
  const settle = async (answer: Promise<{ data?: Page; error?: Refusal }>): Promise<Page | null> => {
    setWaits(true);
    const { data, error } = await answer;
    setWaits(false);
    if (!data) {
      if (error?.code === 'changed-meanwhile') await refresh();
      return error ? failed(error) : null;
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
    propose: () => {
      if (!wish) return;
      if (steps.now === null) steps.start(wish);
      void ask(wish);
    },
    undo: () => steps.canUndo && step(steps.undo()),
    redo: () => steps.canRedo && step(steps.redo()),
    canUndo: steps.canUndo,
    canRedo: steps.canRedo,
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
      const { data, error } = await http.GET('/api/people/{person}/programs/{program}', {
        params: { path: { person, program: id } },
      });
      if (error) return void failed(error);
      setProblem(null);
      if (data) setDraft({ kind: 'version', id, program: data });
    },
    again: async (id: string, replaces: string | null): Promise<Page | null> => {
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
    /** Takes what was written into a week out of it again; says what was done. */
    takeOut: async (monday: string): Promise<string | null> => {
      const { data, error } = await http.POST('/api/people/{person}/program/weeks/{date}/take-out', {
        params: { path: { person, date: monday } },
      });
      void refresh();
      return data ? data.sentence : failed(error);
    },
    /** The program that holds is taken back; the version before it holds again, or none. */
    takeBack: (program: string): Promise<Page | null> =>
      settle(http.POST('/api/people/{person}/programs/{program}/take-back', { params: { path: { person, program } } })),
  };
}
