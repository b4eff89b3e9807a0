import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useFieldArray, useForm, useWatch } from 'react-hook-form';
import * as z from 'zod/mini';
import { api, type Refusal, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { Choices, SelectField, TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';
import { BoardEffect } from './BoardEffect';

type LimitFields = Schemas['LimitInput'];

const schema = z.object({
  name: z
    .string()
    .check(z.trim(), z.minLength(1, 'A person needs a name.'), z.maxLength(120, 'A name has at most 120 characters.')),
  about: z.string().check(z.maxLength(160, 'At most 160 characters fit here.')),
  aim: z.string(),
  trainingDays: z.array(z.number()).check(z.minLength(1, 'Choose at least one training day.')),
  minutes: z.coerce
    .number('Say how many minutes there are.')
    .check(z.minimum(3, 'From 3 to 180 minutes.'), z.maximum(180, 'From 3 to 180 minutes.')),
  kit: z.array(z.string()),
  limits: z.array(
    z.object({
      state: z.custom<LimitFields['state']>(),
      side: z.custom<LimitFields['side']>(),
      note: z.string().check(z.maxLength(500, 'At most 500 characters fit here.')),
    }),
  ),
});

export type PersonFields = z.infer<typeof schema>;

const days = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'].map((label, index) => ({ value: index + 1, label }));

export const emptyPerson: PersonFields = {
  name: '',
  about: '',
  aim: 'even',
  trainingDays: [],
  minutes: 20,
  kit: ['mat', 'wall'],
  limits: [],
};

/** Who, what for, when, with what, and what is sore. */
export function PersonForm({
  start,
  refusal,
  busy,
  onSave,
  action,
  person,
}: {
  /** Id of the person, where there is one already. */
  person?: string;
  start: PersonFields;
  refusal: Refusal | null;
  busy: boolean;
  onSave: (fields: PersonFields) => void;
  action: string;
}) {
  const catalogue = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  const { register, control, handleSubmit, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: start,
    values: start,
    resetOptions: { keepDirtyValues: true },
  });
  const limits = useFieldArray({ control, name: 'limits' });
  const chosen = useWatch({ control, name: 'limits' });
  const kit = useWatch({ control, name: 'kit' });
  if (!catalogue.data) return <Loading what="Reading the lists" error={catalogue.error} again={() => void catalogue.refetch()} />;

  const states = catalogue.data.states;
  const problem = (field: keyof PersonFields): string | undefined =>
    formState.errors[field]?.message ?? refusal?.fields[field]?.[0];
  const sided = (state: string): boolean => states.some((entry: Schemas['StateView']) => entry.value === state && entry.sided);

  return (
    <form noValidate onSubmit={(event) => void handleSubmit(onSave)(event)} className="grid gap-5">
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField label="Name" autoComplete="off" problem={problem('name')} {...register('name')} />
        <TextField
          label="Work, hobby or sport"
          autoComplete="off"
          hint="In a few words, such as: canal lock keeper"
          problem={problem('about')}
          {...register('about')}
        />
        <SelectField label="Aim" problem={problem('aim')} {...register('aim')}>
          {catalogue.data.aims.map((aim) => (
            <option key={aim.value} value={aim.value}>
              {aim.label}
            </option>
          ))}
        </SelectField>
        <TextField
          label="Minutes for core work"
          type="number"
          inputMode="numeric"
          min={3}
          max={180}
          problem={problem('minutes')}
          {...register('minutes')}
        />
        <Controller
          control={control}
          name="trainingDays"
          render={({ field }) => (
            <Choices
              legend="Training days"
              options={days}
              chosen={field.value}
              onChange={field.onChange}
              problem={problem('trainingDays')}
            />
          )}
        />
        <Controller
          control={control}
          name="kit"
          render={({ field }) => (
            <Choices
              legend="Kit at hand"
              options={catalogue.data.kit}
              chosen={field.value}
              onChange={field.onChange}
              problem={problem('kit')}
            />
          )}
        />
      </div>

      <fieldset className="grid gap-3">
        <legend className="mb-2 font-semibold">Limits</legend>
        {limits.fields.length === 0 && (
          <p className="text-ink3">None noted. A limit rules out the rungs that load it, and says so on the board.</p>
        )}
        {limits.fields.map((field, index) => (
          <div
            key={field.id}
            className="grid items-start gap-2 rounded-md border border-hairline bg-ground/50 p-3 sm:grid-cols-[1fr_7rem_1fr_auto]"
          >
            <SelectField label="What" {...register(`limits.${index}.state`)}>
              {states.map((state) => (
                <option key={state.value} value={state.value}>
                  {state.label}
                </option>
              ))}
            </SelectField>
            <SelectField label="Side" disabled={!sided(chosen[index]?.state ?? '')} {...register(`limits.${index}.side`)}>
              <option value="both">both</option>
              <option value="left">left</option>
              <option value="right">right</option>
            </SelectField>
            <TextField label="Note (encrypted)" {...register(`limits.${index}.note`)} />
            <Button look="quiet" className="mt-8" onClick={() => limits.remove(index)}>
              lift
            </Button>
          </div>
        ))}
        <div>
          <Button
            onClick={() =>
              limits.append({ state: (states[0]?.value ?? 'wrist-pain') as LimitFields['state'], side: 'both', note: '' })
            }
          >
            Add a limit
          </Button>
        </div>
      </fieldset>

      {person !== undefined && <BoardEffect person={person} limits={chosen} kit={kit} />}

      {refusal && (
        <p role="alert" className="rounded-md border border-rowan p-3 font-semibold text-rowan">
          {refusal.sentence}
        </p>
      )}
      <div className="sticky bottom-0 -mx-2 flex items-center gap-4 bg-ground/95 px-2 py-3">
        <Button look="next" type="submit" disabled={busy}>
          {action}
        </Button>
      </div>
    </form>
  );
}
