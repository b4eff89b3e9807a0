import type { Schemas } from '@/api/client';
import type { SquadView } from './useSquad';

type Piece = Schemas['SquadPieceView'];
const piece = (stretch: Piece['stretch'], seconds: number, side: Piece['side']): Piece => ({ stretch, seconds, side });

const place = (station: number, versions: Schemas['SquadPlaceView'][] = []): Schemas['SquadPlaceView'] => ({
  id: `station-${station + 1}`,
  rung: station === 0 ? 'front-plank/forearms-knees' : 'side-bridge/knees-bent',
  name: station === 0 ? 'Front plank, forearms and knees' : 'Side bridge, knees bent',
  height: '3.0',
  dose: '2x30s on',
  work: 30,
  words: station === 0 ? '30 s' : '30 s: 12 s each side, left first',
  pieces:
    station === 0
      ? [piece('work', 30, 'both')]
      : [piece('work', 12, 'left'), piece('side-change', 5, 'right'), piece('work', 12, 'right'), piece('rest', 1, 'both')],
  targets: [30, 30],
  sides: ['both', 'both'],
  cues: [],
  easier: 'From the knees.',
  versions,
  questions: ['breathing', 'ribs'],
  setUp: '',
  loads: station === 0 ? ['low-back', 'wrist'] : ['low-back', 'shoulder'],
  notes: [],
});

/** One of a squad; for tests. */
export const member = (name: string, start: number | null): Schemas['SquadMemberView'] => ({
  person: `p-${name}`,
  name,
  here: start !== null,
  start,
  way: start === null ? [] : [start, 1 - start],
  closed: null,
  session: `s-${name}`,
  toldOn: null,
  highestEffort: 7,
  places: [
    place(0, [{ ...place(0), rung: 'front-plank/forearms-bench', name: 'Front plank, forearms on a bench', easier: 'Higher.' }]),
    place(1),
  ],
  cautions: [],
});

const turn = (kind: Schemas['Turn']['kind'], seconds: number, round: number, at: number) => ({
  kind,
  seconds,
  round,
  place: at,
});

/** Two stations of 30 s, twice; for tests. */
export const squad = (members: Schemas['SquadMemberView'][]): SquadView => ({
  id: 'q',
  name: 'Fell rescue',
  version: 1,
  work: 30,
  change: 20,
  rounds: 2,
  roundRest: 60,
  kit: null,
  meets: [],
  lengthText: '3:40',
  turns: [
    turn('ready', 10, 1, 0),
    turn('work', 30, 1, 0),
    turn('change', 20, 1, 1),
    turn('work', 30, 1, 1),
    turn('rest', 60, 2, 0),
    turn('work', 30, 2, 0),
    turn('change', 20, 2, 1),
    turn('work', 30, 2, 1),
  ],
  stations: ['front-plank', 'side-bridge'].map((ladder, at) => ({
    ladder,
    name: `${ladder} ladder`,
    demand: 'anti-extension',
    demandName: 'front',
    kit: [],
    next: 1 - at,
  })),
  members,
  notes: [],
  proposal: null,
  painPlaces: [{ value: 'wrist', label: 'wrist', sided: true }],
  painStopsAbove: 5,
});
