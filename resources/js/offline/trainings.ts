import { newId, type Schemas } from '@/api/client';
import { today } from '@/ui/day';
import { formerLog } from './former';
import { all, put, remove, tellTabs, type Kept } from './store';
import { aboutOf, holding, toldBy, type SetLog, type TrainingEvent } from './told';
import { trainer } from './trainer';

/** One set of one exercise in one of its ways, in the order it is done. */
export interface Step {
  item: string;
  set: number;
  way: string;
}

/** What was counted of an open set. */
export type Counted = Partial<Record<'both' | 'left' | 'right', number>>;

/** What is being written of one exercise that was trained without the device: numbers as they are typed. */
export interface ItemDraft extends Pick<SetLog, 'effort' | 'pain' | 'painPlace' | 'painSide' | 'travellingPain' | 'painNote'> {
  sets: Partial<Record<'both' | 'left' | 'right', string>>[];
  clean: boolean | null;
}

/** A training that is being told afterwards, by exercise. */
export interface AfterwardsDraft {
  on: string;
  minutes: string;
  items: Record<string, ItemDraft>;
}

/** A session as it is trained on this device. */
export interface Training extends Kept {
  person: string;
  /** of the person and of the session, for what waits here to be named without a network */
  name: string;
  title: string;
  session: string;
  startedAt: number;
  /** local date the training counts for */
  on: string;
  byHand: boolean;
  /** the date as the server has it; null until it was told */
  sentOn: string | null;
  /** the cue the player stands at */
  at: number;
  over: boolean;
  /** the order it takes, where that is not as written; undefined where an earlier version kept it */
  steps?: Step[] | null;
  /** exercises that are left out today, since what they load hurt before the first set */
  left?: string[];
  /** of open sets, by `item set` */
  counted?: Record<string, Counted>;
  /** what is being told afterwards, until it is saved */
  draft?: AfterwardsDraft | null;
  /** a check that was begun and not yet saved */
  answering: SetLog | null;
  /** seconds after the start at which something was done, and which no event carries yet */
  moments: number[];
  /** its time looks odd, and somebody said that it is right so */
  timeIsRight?: boolean;
  /** begun beside another one of the session that has not ended: neither goes on in the other */
  apart?: boolean;
  /** what the server asks about it, or has to say */
  asked: Pick<Schemas['TakenView'], 'also' | 'differing' | 'clock' | 'log'> | null;
}

/** Something told of a training, and whether the server has it. */
export interface KeptEvent extends Kept {
  training: string;
  event: TrainingEvent;
  state: 'waits' | 'taken' | 'refused';
  /** why it was refused */
  sentence: string | null;
}

export interface Opened {
  training: Training;
  events: KeptEvent[];
}

/** A person at home, on their own page. */
export const isAtHome = (whose: string): boolean => whose.startsWith('home:');

/** This device, by a number of its own: not a name of anybody. */
export function device(): string {
  try {
    const known = localStorage.getItem('even-rungs.device') ?? newId();
    localStorage.setItem('even-rungs.device', known);
    return known;
  } catch {
    return (withoutStorage ??= newId());
  }
}
let withoutStorage: string | null = null;

const fresh = (of: Pick<Training, 'person' | 'name' | 'session' | 'title'>): Training => ({
  ...of,
  id: newId(),
  startedAt: Date.now(),
  on: today(),
  byHand: false,
  sentOn: null,
  at: 0,
  over: false,
  steps: null,
  answering: null,
  moments: [],
  asked: null,
});

const eventsOf = async (training: string): Promise<KeptEvent[]> =>
  (await all<KeptEvent>('events', trainer())).filter((kept) => kept.training === training);

/** Something of a set was told; a morning alone makes no training. */
const hasBegun = ({ on, byHand, moments }: Training, events: KeptEvent[]): boolean =>
  byHand || moments.length > 0 || on === today() || events.some(({ event }) => event.kind === 'set' || event.kind === 'skipped');

const isEnded = (events: KeptEvent[]): boolean => toldBy(events.map(({ event }) => event)).ended;

/** The training of a session that was begun on this device and has not ended, else a new one, which is kept with its first event. */
export async function open(of: Pick<Training, 'person' | 'name' | 'session' | 'title'>): Promise<Opened> {
  const [trainings, events] = [await all<Training>('trainings', trainer()), await all<KeptEvent>('events', trainer())];
  for (const training of trainings.toReversed()) {
    const own = events.filter((kept) => kept.training === training.id);
    if (training.session === of.session && !isEnded(own) && hasBegun(training, own)) return { training, events: own };
  }
  const before = formerLog(of.session);
  if (!before) return { training: fresh(of), events: [] };
  // A log an earlier version kept: under its own number, so that the server knows it where it arrived after all.
  const training: Training = { ...fresh(of), ...before.training };
  const kept = before.events.map((event): KeptEvent => ({
    id: event.id,
    training: training.id,
    event,
    state: 'waits',
    sentence: null,
  }));
  const isKept = [
    await put('trainings', trainer(), training),
    ...(await Promise.all(kept.map((one) => put('events', trainer(), one)))),
  ];
  if (isKept.every(Boolean)) before.letGo();
  tellTabs();
  return { training, events: kept };
}

/** One after the other in all tabs, so that two of them tell of one training. */
const inTurn = async <Result>(session: string, run: () => Promise<Result>): Promise<Result> =>
  'locks' in navigator ? await navigator.locks.request(`even-rungs.${session}`, run) : run();

/** Changes how the training stands on this device; nothing of it is told. Answers with how it stands then. */
export function stand(opened: Opened, changeOf: (training: Training) => Partial<Training>): Promise<Opened> {
  return inTurn(opened.training.session, async () => {
    const here = await presently(opened);
    const training = { ...here.training, ...changeOf(here.training) };
    const isBegun =
      here.events.length > 0 ||
      training.moments.length > 0 ||
      training.answering ||
      training.draft ||
      training.steps ||
      training.left;
    // What lies here already is changed here, too.
    if (isBegun || (await all<Training>('trainings', trainer())).some(({ id }) => id === training.id))
      await put('trainings', trainer(), training);
    if (training.steps !== here.training.steps || training.left !== here.training.left) tellTabs();
    return { ...here, training };
  });
}

/** Tells something of a training: kept on the device before the screen moves on. */
export function tell(
  opened: Opened,
  what: Omit<TrainingEvent, 'id' | 'instead' | 'moments'> & { instead?: string[] },
  change: Partial<Training> = {},
  { isDone = true } = {},
): Promise<Opened> {
  return inTurn(opened.training.session, async () => {
    const here = await presently(opened);
    // What is told before the first set is no training yet, and what is told afterwards says nothing of its time.
    const moments =
      !isDone || what.kind === 'before' || what.kind === 'morning' ? here.training.moments : withMoment(here.training).moments;
    const event: TrainingEvent = { ...what, id: newId(), instead: [], moments };
    const before = holding(here.events.map((kept) => kept.event)).filter((other) => aboutOf(other) === aboutOf(event));
    event.instead = [...new Set([...before.map(({ id }) => id), ...(what.instead ?? [])])];
    const training = { ...here.training, ...change, moments: [] };
    const kept: KeptEvent = { id: event.id, training: training.id, event, state: 'waits', sentence: null };
    await put('events', trainer(), kept);
    await put('trainings', trainer(), training);
    tellTabs();
    return { training, events: [...here.events, kept] };
  });
}

/** The training as the device has it by now: another tab may have begun it, or gone on. */
export async function presently(opened: Opened): Promise<Opened> {
  const { training } = opened;
  const [trainings, events] = [await all<Training>('trainings', trainer()), await all<KeptEvent>('events', trainer())];
  const own = (id: string) => events.filter((kept) => kept.training === id);
  const known = trainings.find(({ id }) => id === training.id);
  if (known) return { training: known, events: own(known.id) };
  if (training.apart) return opened;
  const begun = trainings.findLast(
    (one) => one.session === training.session && !isEnded(own(one.id)) && hasBegun(one, own(one.id)),
  );
  if (begun) return { training: begun, events: own(begun.id) };
  // It begins with the first thing that is done, not when the page was opened.
  return opened.events.length > 0 ? opened : { ...opened, training: { ...training, startedAt: Date.now(), on: today() } };
}

/** The training after a moment at which something was done. */
export const withMoment = ({ startedAt, moments }: Training): { moments: number[] } => {
  const moment = Math.min(604_800, Math.max(0, Math.round((Date.now() - startedAt) / 1000)));
  return { moments: moments.at(-1) === moment ? moments : [...moments, moment].slice(-2000) };
};

/** Lets go of what the server has; anything it has not stays. */
export async function letGo(training: string): Promise<void> {
  const events = await eventsOf(training);
  if (events.some(({ state }) => state !== 'taken')) return;
  await remove(
    'events',
    events.map(({ id }) => id),
  );
  await remove('trainings', [training]);
  tellTabs();
}

/** The time that was counted looks odd, and nobody has said yet how long it was. */
const hasOddTime = ({ training, events }: Opened): boolean =>
  training.asked?.log?.odd != null && !training.timeIsRight && !events.some(({ event }) => event.kind === 'time');

/** Trainings that ended on this device and whose time was never asked about: sent later, when nobody looked. */
export async function oddTimes(): Promise<Opened[]> {
  const [trainings, events] = [await all<Training>('trainings', trainer()), await all<KeptEvent>('events', trainer())];
  return trainings
    .map((training) => ({ training, events: events.filter((kept) => kept.training === training.id) }))
    .filter(hasOddTime);
}

/** So long the device remembers a training the server has, in ms: three days. */
const REMEMBERED = 3 * 86_400_000;

/** Lets go of trainings that are over or long past, and that the server has. */
export async function tidy(): Promise<void> {
  for (const training of await all<Training>('trainings', trainer())) {
    const events = await eventsOf(training.id);
    const isSettled =
      !training.asked?.also && (training.asked?.differing ?? []).length === 0 && !hasOddTime({ training, events });
    if ((isEnded(events) && isSettled) || Date.now() - training.startedAt > REMEMBERED) await letGo(training.id);
  }
}

/** What another device told of the same training, put beside what was told here: sets done there are done. */
export function joinWith(opened: Opened, there: Schemas['TrainingView']): Promise<Opened> {
  return inTurn(opened.training.session, async () => {
    const here = await presently(opened);
    const known = new Set(here.events.map(({ id }) => id));
    const theirs = there.events
      .filter(({ id, kind }) => !known.has(id) && kind !== 'ended')
      .map((event): KeptEvent => ({ id: event.id, training: here.training.id, event, state: 'taken', sentence: null }));
    for (const kept of theirs) await put('events', trainer(), kept);
    tellTabs();
    return { ...here, events: [...here.events, ...theirs] };
  });
}

/** A new training of the session, beside what was begun of it before. */
export const begin = (of: Pick<Training, 'person' | 'name' | 'session' | 'title'>): Opened => ({
  training: { ...fresh(of), apart: true },
  events: [],
});

/** What waits on this device to be sent, or was refused, by training. */
export async function waiting(): Promise<{ training: Training; waits: KeptEvent[]; refused: KeptEvent[] }[]> {
  const [trainings, events] = [await all<Training>('trainings', trainer()), await all<KeptEvent>('events', trainer())];
  return trainings
    .map((training) => {
      const own = events.filter((kept) => kept.training === training.id);
      return {
        training,
        waits: own.filter(({ state }) => state === 'waits'),
        refused: own.filter(({ state }) => state === 'refused'),
      };
    })
    .filter(
      ({ training, waits, refused }) => waits.length + refused.length > 0 || (training.byHand && training.on !== training.sentOn),
    );
}
