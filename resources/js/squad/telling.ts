import type { Schemas } from '@/api/client';
import { hurtsTooMuch, loadsIt } from '@/frame/loading';
import { doneAsWritten } from '@/offline/asWritten';
import { toldBy, type SetLog } from '@/offline/told';
import { begin, open, tell, waiting } from '@/offline/trainings';
import { today } from '@/ui/day';

type Member = Schemas['SquadMemberView'];
type Place = Schemas['SquadPlaceView'];
type Start = Schemas['StartPain'];

/** What was otherwise at a station: done with its form lost or not looked at, or left out. */
export type Mark = 'done' | 'left';

/** What took over at a station, from a round on: an easier version, or what is written again. */
interface Instead {
  rung: string | null;
  dose: string;
  from: number;
}

/** What is told of somebody in the squad's session. */
export interface Answer {
  /** by station; where there is none it was clean */
  marks: Partial<Record<number, Mark>>;
  /** by station, the first round first */
  instead: Partial<Record<number, Instead[]>>;
  /** somebody has said how it went: what was only marked while the clock ran is no answer yet */
  said: boolean;
  /** the highest of all stations; null where nobody asked */
  effort: number | null;
  /** stations at which it was so, where it was too high; none where nobody said, and then it counts for all */
  hardAt: number[];
  /** nothing hurt; null where nobody asked */
  noPain: true | null;
  /** pain before the first set; null where nobody asked */
  before: Start[] | null;
}

/** By person. */
export type Answers = Record<string, Answer>;

export const nothing: Answer = { marks: {}, instead: {}, said: false, effort: null, hardAt: [], noPain: null, before: null };

/** What was kept by an earlier version did not know of pain before the first set, nor of easier versions. */
export const asNow = (answers: unknown): unknown =>
  typeof answers === 'object' && answers !== null
    ? Object.fromEntries(Object.entries(answers).map(([person, answer]) => [person, { ...nothing, ...(answer as object) }]))
    : answers;

/** The stations at which somebody would load what hurts more than is trained with. */
export const loading = ({ places }: Pick<Member, 'places'>, before: Start[] | null, stopsAbove: number): number[] => {
  const hurts = hurtsTooMuch(before, stopsAbove);
  return places.flatMap(({ rung, loads }, station) => (rung !== null && loadsIt(loads, hurts) ? [station] : []));
};

/** With what hurts before the first set: what loads it is left out today, and what does not any more is not. */
export function hurting(answer: Answer, member: Pick<Member, 'places'>, before: Start[] | null, stopsAbove: number): Answer {
  const marks = { ...answer.marks };
  for (const station of loading(member, answer.before, stopsAbove)) marks[station] = undefined;
  for (const station of loading(member, before, stopsAbove)) marks[station] = 'left';
  return { ...answer, before, marks };
}

/** At a station, after one press more: clean, done, left out, and clean again. */
export const pressed = ({ marks, ...rest }: Answer, station: number): Answer => {
  const next = { clean: 'done', done: 'left', left: undefined } as const;
  return { ...rest, marks: { ...marks, [station]: next[marks[station] ?? 'clean'] } };
};

/** What somebody does at a station in a round: as written, or what took over. */
export function doneIn(
  { places }: Pick<Member, 'places'>,
  station: number,
  round: number,
  { instead }: Answer,
): Place | undefined {
  const place = places[station];
  const over = instead[station]?.findLast(({ from }) => from <= round);
  return place && over
    ? ([place, ...place.versions].find(({ rung, dose }) => rung === over.rung && dose === over.dose) ?? place)
    : place;
}

/** With another way of a station from a round on; what was done there before stays as it was. */
export const taking = (answer: Answer, station: number, { rung, dose }: Pick<Place, 'rung' | 'dose'>, round: number): Answer => ({
  ...answer,
  instead: {
    ...answer.instead,
    [station]: [...(answer.instead[station] ?? []).filter(({ from }) => from < round), { rung, dose, from: round }],
  },
});

/** The sets somebody did, as any training tells them. */
export function setsOf(member: Pick<Member, 'places' | 'highestEffort'>, done: number[], answer: Answer): SetLog[] {
  const { marks, effort, hardAt, noPain } = answer;
  // Of the other stations it is only known that they were no harder: nobody is asked for less there.
  const isKnown = (station: number) => (effort ?? 0) <= member.highestEffort || hardAt.length === 0 || hardAt.includes(station);
  return member.places.flatMap((_, station) => {
    if (marks[station] === 'left') return [];
    return Array.from({ length: done[station] ?? 0 }, (_, at) => at + 1).flatMap((round): SetLog[] => {
      const place = doneIn(member, station, round, answer);
      if (place?.rung == null) return [];
      const written = { ...place, rung: place.rung, questions: place.questions.map((value) => ({ value })) };
      return [
        {
          ...doneAsWritten(written, round, marks[station] === undefined),
          pain: noPain ? 0 : null,
          effort: isKnown(station) ? effort : null,
        },
      ];
    });
  });
}

/** Tells what somebody did as a training of their own: on this device before the screen moves on; sending it is for who asked. */
export async function tellOf(
  member: Member,
  title: string,
  sets: SetLog[],
  seconds: number,
  before: Start[] | null = null,
): Promise<void> {
  if (member.session === null || sets.length === 0) return;
  const of = { person: member.person, name: member.name, session: member.session, title };
  const afterwards = { isDone: false };
  let here = await open(of);
  // What somebody began alone on another day and left open stays a training of its own.
  if (here.events.length > 0 && here.training.on !== today()) here = begin(of);
  if (before !== null) here = await tell(here, { kind: 'before', before }, {}, afterwards);
  for (const set of sets) here = await tell(here, { kind: 'set', item: set.item, number: set.set, set }, {}, afterwards);
  here = await tell(here, { kind: 'time', seconds: Math.max(1, Math.round(seconds)) }, {}, afterwards);
  await tell(here, { kind: 'ended' }, {}, afterwards);
}

/** People of whom the server has what they did on this device's day: its own may be another, and what is kept here is of any. */
export const knownToday = (members: Member[]): string[] =>
  members.filter(({ toldOn }) => toldOn === today()).map(({ person }) => person);

/** Sessions of which what was done today is told on this device and waits to be sent. */
export async function toldHere(): Promise<string[]> {
  return (await waiting())
    .filter(({ training, waits }) => training.on === today() && toldBy(waits.map(({ event }) => event)).ended)
    .map(({ training }) => training.session);
}
