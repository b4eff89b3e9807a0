import { useRef, useState } from 'react';
import { api, http, refusalOf, type Schemas } from '@/api/client';
import { saySaving, savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import type { Plan } from './plan';

type View = Schemas['WeekView'];

const planOf = (view: View): Plan => ({ slots: view.slots, moves: view.moves, away: view.away });

/** The plan of a person in the week at hand: shown as edited, saved at once, undone and redone as a whole. */
export function usePlan(person: string, monday: string) {
  const week = api.useQuery('get', '/api/people/{person}/weeks/{date}', { params: { path: { person, date: monday } } });
  const refresh = useRefresh();
  const [mine, setMine] = useState<Plan | null>(null);
  const [past, setPast] = useState<Plan[]>([]);
  const [future, setFuture] = useState<Plan[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [theirs, setTheirs] = useState<View | null>(null);
  const version = useRef<number | null>(null);
  const queue = useRef<{ next: Plan | null; busy: boolean }>({ next: null, busy: false });

  const saved = week.data ? planOf(week.data) : null;
  const plan = mine ?? saved;

  const send = async (next: Plan) => {
    queue.current.next = next;
    if (queue.current.busy) return;
    queue.current.busy = true;
    saySaving('Saving …');
    while (queue.current.next) {
      const sending = queue.current.next;
      queue.current.next = null;
      const { data, error } = await http
        .PUT('/api/people/{person}/weeks/{date}', {
          params: { path: { person, date: monday } },
          body: { version: version.current ?? week.data?.version ?? 0, ...sending },
        })
        .catch((failed: unknown) => ({ data: undefined, error: failed }));
      if (error) {
        const refusal = refusalOf(error);
        saySaving('Not saved');
        if (refusal.code === 'changed-meanwhile') setTheirs(refusal.present as unknown as View);
        else setProblem(Object.values(refusal.fields)[0]?.[0] ?? refusal.sentence);
        queue.current = { next: null, busy: false };
        return;
      }
      version.current = data?.version ?? null;
    }
    queue.current.busy = false;
    setProblem(null);
    savedNow();
    await refresh();
    if (!queue.current.busy) version.current = null;
    // An edit made while the answer was read stays on top of it.
    setMine((now) => (queue.current.busy || queue.current.next ? now : null));
  };

  const show = (next: Plan) => {
    setMine(next);
    void send(next);
  };
  const edit = (next: Plan) => {
    if (!plan || next === plan) return;
    setPast([...past.slice(-49), plan]);
    setFuture([]);
    show(next);
  };
  const undo = () => {
    const before = past.at(-1);
    if (!before || !plan) return;
    setPast(past.slice(0, -1));
    setFuture([plan, ...future]);
    show(before);
  };
  const redo = () => {
    const [after, ...rest] = future;
    if (!after || !plan) return;
    setFuture(rest);
    setPast([...past, plan]);
    show(after);
  };
  const again = () => plan && void send(plan);
  const keepMine = () => {
    version.current = theirs?.version ?? version.current;
    setTheirs(null);
    again();
  };
  const takeTheirs = async () => {
    version.current = null;
    setTheirs(null);
    setPast([]);
    setFuture([]);
    await refresh();
    setMine(null);
  };

  return {
    week,
    plan,
    waits: mine !== null,
    problem,
    theirs,
    edit,
    undo,
    redo,
    again,
    keepMine,
    takeTheirs,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
  };
}
