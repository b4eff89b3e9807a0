import { keepPreviousData, useQueryClient } from '@tanstack/react-query';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { useHistory } from '@/editor/history';
import { useSaving } from '@/editor/saving';

export type SquadView = Schemas['SquadView'];
/** What is changed of a squad. */
export type Squad = Omit<Schemas['SquadRequest'], 'version'>;

/** Whose place of the table the pane speaks of: number of the member, and of the station. */
export type Chosen = { member: number; station: number } | null;

const squadOf = (view: SquadView): Squad => ({
  name: view.name,
  members: view.members.map(({ person, here }) => ({ person, here })),
  stations: view.stations.map(({ ladder }) => ladder),
  work: view.work,
  change: view.change,
  rounds: view.rounds,
  roundRest: view.roundRest,
  kit: view.kit,
  meets: view.meets.map(({ day, part, time, effort }) => ({ day, part, time, effort })),
});

/** A squad: shown as edited, saved at once, undone and redone as a whole. What its people do is the server’s answer. */
export function useSquad(squad: string) {
  const ask = { params: { path: { squad } } };
  const client = useQueryClient();
  const query = api.useQuery('get', '/api/squads/{squad}', ask, { placeholderData: keepPreviousData });
  const take = (view: SquadView) => client.setQueryData(api.queryOptions('get', '/api/squads/{squad}', ask).queryKey, view);
  const steps = useHistory<Squad | null>(null);
  const saved = query.data ? squadOf(query.data) : null;
  const saving = useSaving<Squad, SquadView>({
    thing: `squad ${squad}`,
    version: 0,
    send: (next, at) =>
      http.PUT('/api/squads/{squad}', { ...ask, body: { version: Math.max(at, query.data?.version ?? 0), ...next } }),
    onSaved: (view, isNewest) => {
      if (isNewest) take(view);
    },
  });
  const now = saving.waits || saving.refusal ? (steps.now ?? saved) : saved;
  const save = (next: Squad | null) => next && saving.save(next);

  return {
    query,
    /** as edited; null until it was read */
    now,
    waits: saving.waits,
    problem: saving.refusal && sentenceOf(saving.refusal),
    theirs: saving.theirs,
    take,
    /** `typing` names the field whose letters make one step. */
    edit: (change: Partial<Squad>, typing: string | null = null) => {
      if (!now) return;
      if (steps.now === null) steps.start(now);
      const next = { ...now, ...change };
      steps.set(next, typing);
      saving.save(next);
    },
    undo: () => steps.canUndo && save(steps.undo()),
    redo: () => steps.canRedo && save(steps.redo()),
    canUndo: steps.canUndo,
    canRedo: steps.canRedo,
    again: saving.again,
    keepMine: saving.keepMine,
    takeTheirs: () => {
      if (saving.theirs) take(saving.theirs);
      saving.takeTheirs();
      steps.start(null);
    },
  };
}
