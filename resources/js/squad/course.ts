import type { Schemas } from '@/api/client';
import type { SquadView } from './useSquad';

type Cue = Schemas['Cue'];
type Turn = Schemas['Turn'];
type Member = Schemas['SquadMemberView'];
type Place = Schemas['SquadPlaceView'];
type Piece = Schemas['SquadPieceView'];

/** A stretch of the squad's clock as the player has it: where everybody is, or goes to. */
export interface SquadCue extends Cue, Pick<Turn, 'kind' | 'round' | 'place'> {
  /** seconds of the work at which somebody changes sides */
  sidesAt: number[];
}

const stretches = { ready: 'change-over', work: 'work', change: 'change-over', rest: 'rest' } as const;

/** The whole clock, from getting ready on. */
export const cuesOf = ({ turns, members }: Pick<SquadView, 'turns' | 'members'>): SquadCue[] =>
  turns.map(({ kind, seconds, round, place }) => ({
    kind,
    stretch: stretches[kind],
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
    sidesAt: kind === 'work' ? sidesAt(members, place) : [],
  }));

/** When those who take turns change sides, once everybody has moved on so often; each moment once. */
function sidesAt(members: Member[], place: number): number[] {
  const moments = members.flatMap(({ way, places }) => {
    const pieces = places[way[place] ?? -1]?.pieces ?? [];
    const change = pieces.findIndex(({ stretch }) => stretch === 'side-change');
    return change < 0 ? [] : [pieces.slice(0, change).reduce((sum, { seconds }) => sum + seconds, 0)];
  });
  return [...new Set(moments)].sort((one, other) => one - other);
}

/** Who is at a station once everybody has moved on so often. */
export const whoIsAt = ({ members }: Pick<SquadView, 'members'>, station: number, place: number): Member[] =>
  members.filter(({ way }) => way[place] === station);

/** The round in which somebody comes to a station next, or is at it: what can still be done otherwise there. */
export const roundAt = (
  { way }: Pick<Member, 'way'>,
  station: number,
  { place, round }: Pick<SquadCue, 'place' | 'round'>,
): number => (way.indexOf(station) < place ? round + 1 : round);

/** How often somebody has worked at each station by now: work that has begun and was left counts as not done. */
export function doneBy(
  { stations }: Pick<SquadView, 'stations'>,
  cues: SquadCue[],
  at: number,
  { way }: Pick<Member, 'way'>,
): number[] {
  const done = stations.map(() => 0);
  for (const { kind, place } of cues.slice(0, at)) {
    const station = kind === 'work' ? way[place] : undefined;
    if (station !== undefined) done[station] = (done[station] ?? 0) + 1;
  }
  return done;
}

/** What somebody does at a moment of the work at a station; null once they have done theirs. */
export function pieceAt({ pieces }: Pick<Place, 'pieces'>, gone: number): Piece | null {
  let ends = 0;
  for (const piece of pieces) {
    ends += piece.seconds;
    if (gone < ends) return piece.stretch === 'rest' ? null : piece;
  }
  return null;
}
