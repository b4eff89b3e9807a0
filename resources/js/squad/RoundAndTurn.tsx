import type { SquadCue } from './course';
import type { SquadView } from './useSquad';

/** How far the clock of a squad is. */
export function RoundAndTurn({ cue, view }: { cue: SquadCue; view: SquadView }) {
  return (
    <>
      round <span className="font-mono font-bold text-ink">{cue.round}</span> of {view.rounds} · turn{' '}
      <span className="font-mono font-bold text-ink">{cue.place + 1}</span> of {view.stations.length}
    </>
  );
}
