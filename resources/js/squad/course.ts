import type { Schemas } from '@/api/client';
import type { SquadView } from './useSquad';

type Cue = Schemas['Cue'];
type Member = Schemas['SquadMemberView'];

/** So long everybody walks to where they begin, in seconds. */
const READY = 10;

/** A stretch of the squad's clock as the player has it: where everybody is, or goes to. */
export interface SquadCue extends Cue {
  round: number;
  /** how many stations everybody has moved on by, in this stretch or in the one it leads to */
  place: number;
}

const cue = (stretch: Cue['stretch'], seconds: number, round: number, place: number): SquadCue => ({
  stretch,
  seconds,
  round,
  place,
  side: 'both',
  target: 0,
  repetitions: 0,
  phases: [],
  // Ended in the middle of it, it was not done.
  endsSet: false,
  until: null,
});

/** The whole clock, from getting ready on; a change and a rest speak of what comes after them. */
export function cuesOf({ turns }: Pick<SquadView, 'turns'>): SquadCue[] {
  const own = turns.map(({ kind, seconds, round, place }, at): SquadCue => {
    const next = turns[at + 1];
    return kind === 'work'
      ? cue('work', seconds, round, place)
      : cue(kind === 'change' ? 'change-over' : 'rest', seconds, next?.round ?? round, next?.place ?? place);
  });
  return own.length === 0 ? [] : [cue('change-over', READY, 1, 0), ...own];
}

/** The station of somebody once everybody has moved on so often; null where they do not train. */
export const stationOf = ({ start }: Pick<Member, 'start'>, stations: number, place: number): number | null =>
  start === null || stations === 0 ? null : (start + place) % stations;

/** Who is at a station then. */
export const whoIsAt = (view: SquadView, station: number, place: number): Member[] =>
  view.members.filter((member) => stationOf(member, view.stations.length, place) === station);

/** How often somebody has worked at each station by now: work that has begun and was left counts as not done. */
export function doneBy(view: SquadView, cues: SquadCue[], at: number, member: Pick<Member, 'start'>): number[] {
  const done = view.stations.map(() => 0);
  for (const { stretch, place } of cues.slice(0, at)) {
    const station = stretch === 'work' ? stationOf(member, view.stations.length, place) : null;
    if (station !== null) done[station] = (done[station] ?? 0) + 1;
  }
  return done;
}
