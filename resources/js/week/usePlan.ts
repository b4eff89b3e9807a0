import { useState } from 'react';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { useHistory } from '@/editor/history';
import { useSaving } from '@/editor/saving';
import { useRefresh } from '@/frame/usePerson';
import type { Plan } from './plan';

type View = Schemas['WeekView'];

const planOf = (view: View): Plan => ({
  slots: view.slots,
  moves: view.moves,
  away: view.away,
  shape: view.shape,
});

/** The plan of a person in the week at hand: shown as edited, saved at once, undone and redone as a whole. */
export function usePlan(person: string, monday: string) {
  const path = { person, date: monday };
  // The newest sessions are there to be placed; older ones once they are asked for.
  const [older, setOlder] = useState(false);
  const week = api.useQuery(
    'get',
    '/api/people/{person}/weeks/{date}',
    { params: { path, ...(older && { query: { older: 'yes' } }) } },
    { placeholderData: (before, query) => (query?.queryKey[2]?.params.path.date === monday ? before : undefined) },
  );
  const refresh = useRefresh();
  const steps = useHistory<Plan | null>(null);
  const saved = week.data ? planOf(week.data) : null;
  const saving = useSaving<Plan, View>({
    thing: `week ${person}`,
    version: 0,
    send: (plan, at) =>
      http.PUT('/api/people/{person}/weeks/{date}', {
        params: { path },
        body: { version: Math.max(at, week.data?.version ?? 0), ...plan },
      }),
    onSaved: (_, isNewest) => (isNewest ? refresh() : undefined),
  });
  const plan = saving.waits || saving.refusal ? (steps.now ?? saved) : saved;

  const edit = (next: Plan) => {
    if (!plan || next === plan) return;
    if (steps.now === null) steps.start(plan);
    steps.set(next);
    saving.save(next);
  };
  const step = (to: Plan | null) => to && saving.save(to);

  return {
    week,
    showOlder: () => setOlder(true),
    plan,
    waits: saving.waits,
    problem: saving.refusal && sentenceOf(saving.refusal),
    theirs: saving.theirs,
    edit,
    undo: () => steps.canUndo && step(steps.undo()),
    redo: () => steps.canRedo && step(steps.redo()),
    again: saving.again,
    keepMine: saving.keepMine,
    takeTheirs: async () => {
      saving.takeTheirs();
      steps.start(null);
      await refresh();
    },
    canUndo: steps.canUndo,
    canRedo: steps.canRedo,
  };
}
