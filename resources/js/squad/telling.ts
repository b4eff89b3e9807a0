import type { Schemas } from '@/api/client';
import { toldBy, type SetLog } from '@/offline/told';
import { begin, open, tell, waiting } from '@/offline/trainings';
import { today } from '@/ui/day';

type Member = Schemas['SquadMemberView'];

/** What was otherwise at a station: done with its form lost or not looked at, or left out. */
export type Mark = 'done' | 'left';

/** What is told of somebody in the squad's session. */
export interface Answer {
  /** by station; where there is none it was clean */
  marks: Partial<Record<number, Mark>>;
  /** somebody has said how it went: what was only marked while the clock ran is no answer yet */
  said: boolean;
  /** the highest of all stations; null where nobody asked */
  effort: number | null;
  /** nothing hurt; null where nobody asked */
  noPain: true | null;
}

export const nothing: Answer = { marks: {}, said: false, effort: null, noPain: null };

/** At a station, after one press more: clean, done, left out, and clean again. */
export const pressed = ({ marks, ...rest }: Answer, station: number): Answer => {
  const next = { clean: 'done', done: 'left', left: undefined } as const;
  return { ...rest, marks: { ...marks, [station]: next[marks[station] ?? 'clean'] } };
};

/** The sets somebody did, as any training tells them. Work by the clock is told in its seconds, both sides in them. */
export function setsOf({ places }: Pick<Member, 'places'>, done: number[], { marks, effort, noPain }: Answer): SetLog[] {
  return places.flatMap((place, station) =>
    place.rung === null || marks[station] === 'left'
      ? []
      : Array.from({ length: done[station] ?? 0 }, (_, at): SetLog => {
          const isClean = marks[station] === undefined;
          return {
            item: place.item,
            set: at + 1,
            both: place.work,
            left: null,
            right: null,
            form: isClean ? Object.fromEntries(place.questions.map((question) => [question, true])) : {},
            pain: noPain ? 0 : null,
            painSide: place.only,
            painPlace: null,
            effort,
            travellingPain: false,
            felt: isClean ? 'right' : null,
            painNote: '',
            rung: place.rung,
            dose: place.dose,
          };
        }),
  );
}

/** Tells what somebody did as a training of their own: on this device before the screen moves on; sending it is for who asked. */
export async function tellOf(member: Member, title: string, sets: SetLog[], seconds: number): Promise<void> {
  if (member.session === null || sets.length === 0) return;
  const of = { person: member.person, name: member.name, session: member.session, title };
  const afterwards = { isDone: false };
  let here = await open(of);
  // What somebody began alone on another day and left open stays a training of its own.
  if (here.events.length > 0 && here.training.on !== today()) here = begin(of);
  for (const set of sets) here = await tell(here, { kind: 'set', item: set.item, number: set.set, set }, {}, afterwards);
  here = await tell(here, { kind: 'time', seconds: Math.max(1, Math.round(seconds)) }, {}, afterwards);
  await tell(here, { kind: 'ended' }, {}, afterwards);
}

/** Sessions of which what was done today is told on this device and waits to be sent. */
export async function toldHere(): Promise<string[]> {
  return (await waiting())
    .filter(({ training, waits }) => training.on === today() && toldBy(waits.map(({ event }) => event)).ended)
    .map(({ training }) => training.session);
}
