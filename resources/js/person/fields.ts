import * as z from 'zod/mini';
import type { Schemas } from '@/api/client';

type Limit = Schemas['LimitInput'];
type Person = Schemas['PersonView'];
type PersonBody = Schemas['PersonRequest'];

export type Place = Schemas['PlaceView'];
export type OtherTraining = Schemas['OtherTrainingView'];
export type Shares = Record<string, number>;

/** What the person form holds while it is typed in: empty texts stand for what is not told. */
export const schema = z.object({
  name: z
    .string()
    .check(z.trim(), z.minLength(1, 'A person needs a name.'), z.maxLength(120, 'A name has at most 120 characters.')),
  about: z.string().check(z.maxLength(160, 'At most 160 characters fit here.')),
  birthYear: z.string().check(z.regex(/^(\d{4})?$/, 'A year such as 1988, or nothing.')),
  sex: z.string(),
  hand: z.string(),
  injuredSide: z.string(),
  aim: z.string(),
  shares: z.nullable(z.custom<Shares>()),
  trainingDays: z.array(z.number()).check(z.minLength(1, 'Choose at least one training day.')),
  minutes: z.coerce
    .number('Say how many minutes there are.')
    .check(z.minimum(3, 'From 3 to 180 minutes.'), z.maximum(180, 'From 3 to 180 minutes.')),
  places: z.custom<Place[]>(),
  place: z.number(),
  week: z.custom<OtherTraining[]>(),
  limits: z.array(
    z.object({
      state: z.custom<Limit['state']>(),
      side: z.custom<Limit['side']>(),
      note: z.string().check(z.maxLength(500, 'At most 500 characters fit here.')),
      since: z.string(),
      cleared: z.boolean(),
    }),
  ),
  notes: z.string().check(z.maxLength(2000, 'At most 2000 characters fit here.')),
  consentedOn: z.string(),
});

export type PersonFields = z.infer<typeof schema>;

export const emptyPerson: PersonFields = {
  name: '',
  about: '',
  birthYear: '',
  sex: '',
  hand: '',
  injuredSide: '',
  aim: 'even',
  shares: null,
  trainingDays: [],
  minutes: 20,
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
  birthYear: person.birthYear === null ? '' : String(person.birthYear),
  sex: person.sex ?? '',
  hand: person.hand ?? '',
  injuredSide: person.injuredSide ?? '',
  aim: person.aim,
  shares: person.ownShares ? person.shares : null,
  trainingDays: person.trainingDays,
  minutes: person.minutes,
  places: person.places,
  place: person.place,
  week: person.week,
  limits: person.limits.map(({ state, side, note, since, cleared }) => ({ state, side, note, since, cleared })),
  notes: person.notes,
  consentedOn: person.consentedOn ?? '',
});

const told = <Value extends string>(text: string): Value | null => (text === '' ? null : (text as Value));

/** The fields as the server takes them. */
export const bodyOf = (fields: PersonFields): Omit<PersonBody, 'id' | 'version'> => ({
  ...fields,
  birthYear: fields.birthYear === '' ? null : Number(fields.birthYear),
  sex: told(fields.sex),
  hand: told(fields.hand),
  injuredSide: told(fields.injuredSide),
  limits: fields.limits.map((limit) => ({ ...limit, since: told(limit.since) })),
  consentedOn: told(fields.consentedOn),
});
