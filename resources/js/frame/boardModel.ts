import type { Schemas } from '@/api/client';
import type { Library } from './useLibrary';

/** A rung of the library with what it is to one person. */
export type BoardRung = Schemas['RungView'] & Omit<Schemas['ClosedRungView'], 'slug'>;
export interface BoardLadder extends Omit<Schemas['LadderView'], 'closed'> {
  name: string;
  shortName: string;
  /** lowest first */
  rungs: BoardRung[];
  /** rungs of other ladders that belong here too */
  signposts: Schemas['RungView'][];
}
export interface BoardDemand extends Omit<Schemas['DemandView'], 'ladders'> {
  ladders: BoardLadder[];
}

const OPEN = { openLeft: true, openRight: true, putAway: false, mayBeAllowed: false, reasons: [] };

/** Puts the library and a person's board together; what the method does not use is left out unless asked for. */
export function joined(board: Schemas['BoardView'], library: Library, withPutAway: boolean): BoardDemand[] {
  return board.demands
    .map((demand) => ({
      ...demand,
      ladders: demand.ladders.flatMap(({ closed, ...ladder }) => {
        const texts = library.ladders.get(ladder.slug);
        if (!texts) return [];
        const states = new Map(closed.map((rung) => [rung.slug, rung]));
        // A rung with a range is as high as the range decided last.
        const rungs = texts.rungs
          .map((rung) => {
            const here = ladder.stands.filter((stand) => stand.rung === rung.slug).sort((a, b) => a.height - b.height)[0];
            return {
              ...OPEN,
              ...states.get(rung.slug),
              ...rung,
              ...(here && rung.ranges.length > 0 ? { height: here.height, heightText: here.heightText } : {}),
            };
          })
          .sort((a, b) => a.height - b.height);
        const stoodOn = new Set(ladder.stands.map((stand) => stand.rung));
        return [
          {
            ...ladder,
            name: texts.name,
            shortName: texts.shortName,
            rungs: rungs.filter((rung) => withPutAway || !rung.putAway || stoodOn.has(rung.slug)),
            signposts: texts.signposts.flatMap((slug) => library.rungs.get(slug) ?? []),
          },
        ];
      }),
    }))
    .map((demand) => ({ ...demand, ladders: demand.ladders.filter((ladder) => ladder.rungs.length > 0) }))
    .filter((demand) => demand.ladders.length > 0);
}

export const isClosed = (rung: BoardRung): boolean => !rung.openLeft && !rung.openRight;

/** The rung a board shows for a ladder: where the person stands, the weaker side first. */
export function workingRung(ladder: BoardLadder): BoardRung | undefined {
  return ladder.rungs.find((rung) => ladder.stands.some((stand) => stand.rung === rung.slug));
}

const NO_MARK = { words: '', target: 1, unit: '', reason: null, writtenOn: null };
const NO_GATE = { open: false, cleanSessions: 0, sessionsNeeded: 0, progressPercent: 0, conditions: [] };

/** The same board as it stood after an earlier move: where the person was, without gates and ghosts. */
export function replayed(demands: BoardDemand[], move: Schemas['MoveView']): BoardDemand[] {
  const heights = move.heights as Record<string, number>;
  return demands.map((demand) => {
    const height = heights[demand.value] ?? null;
    return {
      ...demand,
      height,
      heightText: height === null ? null : (height / 10).toFixed(1),
      weakest: false,
      toppedOut: false,
      guessed: false,
      ladders: demand.ladders.map((ladder) => ({
        ...ladder,
        ghosts: [],
        stands: move.stands
          .filter((stand) => stand.ladder === ladder.slug)
          .map((stand) => ({
            ...stand,
            placement: move.placement,
            placedOn: move.on,
            reason: '',
            stopped: false,
            next: null,
            height: 0,
            heightText: '',
            range: null,
            rangeText: '',
            mark: NO_MARK,
            gate: NO_GATE,
          })),
      })),
    };
  });
}
