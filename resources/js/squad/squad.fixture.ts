import type { Schemas } from '@/api/client';
import type { SquadView } from './useSquad';

const place = (station: number): Schemas['SquadPlaceView'] => ({
  item: `station-${station + 1}`,
  rung: station === 0 ? 'front-plank/forearms-knees' : 'side-bridge/knees-bent',
  name: station === 0 ? 'Front plank, forearms and knees' : 'Side bridge, knees bent',
  height: '3.0',
  dose: '2x30s on',
  work: 30,
  changesSides: station === 1,
  only: null,
  cues: [],
  easier: 'From the knees.',
  questions: ['breathing', 'ribs'],
  setUp: '',
  notes: [],
});

/** One of a squad; for tests. */
export const member = (name: string, start: number | null): Schemas['SquadMemberView'] => ({
  person: `p-${name}`,
  name,
  here: start !== null,
  start,
  closed: null,
  session: `s-${name}`,
  told: false,
  places: [place(0), place(1)],
  cautions: [],
});

const turn = (kind: 'work' | 'change' | 'rest', seconds: number, round: number, at: number) => ({
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
  lengthText: '3:40',
  turns: [
    turn('work', 30, 1, 0),
    turn('change', 20, 1, 0),
    turn('work', 30, 1, 1),
    turn('rest', 60, 1, 1),
    turn('work', 30, 2, 0),
    turn('change', 20, 2, 0),
    turn('work', 30, 2, 1),
  ],
  stations: ['front-plank', 'side-bridge'].map((ladder) => ({
    ladder,
    name: `${ladder} ladder`,
    demand: 'anti-extension',
    demandName: 'front',
    kit: [],
  })),
  members,
  notes: [],
  proposal: null,
});
