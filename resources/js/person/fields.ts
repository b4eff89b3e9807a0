import type { Schemas } from '@/api/client';

type Limit = Schemas['LimitInput'];
type Person = Schemas['PersonView'];
type PersonBody = Schemas['PersonRequest'];

export type Place = Schemas['PlaceView'];
export type OtherTraining = Schemas['OtherTrainingView'];
export type Shares = Record<string, number>;

/** What the person form holds while it is typed in: empty texts stand for what is not told. */
export interface PersonFields {
  name: string;
  about: string;
  /** whose level of method holds; empty for who is signed in */
  trainer: string;
  birthYear: string;
  stature: string;
  mass: string;
  sex: string;
  hand: string;
  injuredSide: string;
  aim: string;
  shares: Shares | null;
  trainingDays: number[];
  minutes: string;
  places: Place[];
  place: number;
  week: OtherTraining[];
  /** without a state while nobody has chosen what it is */
  limits: (Omit<Limit, 'since' | 'state'> & { since: string; state: Limit['state'] | '' })[];
  notes: string;
  consentedOn: string;
}

export const emptyPerson: PersonFields = {
  name: '',
  about: '',
  trainer: '',
  birthYear: '',
  stature: '',
  mass: '',
  sex: '',
  hand: '',
  injuredSide: '',
  aim: 'even',
  shares: null,
  trainingDays: [],
  minutes: '20',
  places: [{ name: 'here', kit: ['mat', 'wall'], weights: '' }],
  place: 0,
  week: [],
  limits: [],
  notes: '',
  consentedOn: '',
};

export const fieldsOf = (person: Person): PersonFields => ({
  name: person.name,
  about: person.about,
  trainer: person.trainer ?? '',
  birthYear: person.birthYear === null ? '' : String(person.birthYear),
  stature: person.stature === null ? '' : String(person.stature),
  mass: person.mass === null ? '' : String(person.mass),
  sex: person.sex ?? '',
  hand: person.hand ?? '',
  injuredSide: person.injuredSide ?? '',
  aim: person.aim,
  shares: person.ownShares ? person.shares : null,
  trainingDays: person.trainingDays,
  minutes: String(person.minutes),
  places: person.places,
  place: person.place,
  week: person.week,
  limits: person.limits.map(({ state, side, note, since, cleared }) => ({ state, side, note, since: since ?? '', cleared })),
  notes: person.notes,
  consentedOn: person.consentedOn ?? '',
});

type NamedLimit = PersonFields['limits'][number] & { state: Limit['state'] };

/** Limits that say what they are. */
export const namedLimits = (fields: PersonFields): NamedLimit[] =>
  fields.limits.filter((limit): limit is NamedLimit => limit.state !== '');

/** Limits that say anything: one of which only a note is told is sent too, so that it is asked what it is. */
export const toldLimits = (fields: PersonFields) =>
  fields.limits.filter((limit) => [limit.state, limit.note.trim(), limit.since].some((text) => text !== ''));

const told = <Value extends string>(text: string): Value | null => (text === '' ? null : (text as Value));

/** A number as typed; what is none is sent as it is, so that the server says what is wrong with it. */
const number = (text: string): number => (/^\d+$/.test(text.trim()) ? Number(text) : (text as unknown as number));

/** The fields as the server takes them. */
export const bodyOf = (fields: PersonFields): Omit<PersonBody, 'id' | 'version'> => ({
  ...fields,
  trainer: told(fields.trainer),
  minutes: number(fields.minutes),
  birthYear: fields.birthYear === '' ? null : number(fields.birthYear),
  stature: fields.stature ? number(fields.stature) : null,
  mass: fields.mass ? number(fields.mass) : null,
  sex: told(fields.sex),
  hand: told(fields.hand),
  injuredSide: told(fields.injuredSide),
  limits: toldLimits(fields).map((limit) => ({ ...limit, state: limit.state as Limit['state'], since: told(limit.since) })),
  consentedOn: told(fields.consentedOn),
});
