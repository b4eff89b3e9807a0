import { zodResolver } from '@hookform/resolvers/zod';
import { useId, type ReactNode } from 'react';
import { Controller, useFieldArray, useForm, useWatch } from 'react-hook-form';
import { api, type Refusal, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { Choices, SelectField, TextArea, TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';
import { BoardEffect } from './BoardEffect';
import { schema, type PersonFields } from './fields';
import { Places } from './Places';
import { TargetBars } from './Shares';
import { TrainingWeek, weekdays } from './TrainingWeek';

const days = weekdays.map((label, index) => ({ value: index + 1, label }));

/** Who, what for, when, where with what, and what is sore. */
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
  const { register, control, handleSubmit, formState, setValue } = useForm({
    resolver: zodResolver(schema),
    defaultValues: start,
    values: start,
    resetOptions: { keepDirtyValues: true },
  });
  const limits = useFieldArray({ control, name: 'limits' });
  const [chosen, places, place, aim] = useWatch({ control, name: ['limits', 'places', 'place', 'aim'] });
  if (!catalogue.data) return <Loading what="Reading the lists" error={catalogue.error} again={() => void catalogue.refetch()} />;

  const states = catalogue.data.states;
  const problem = (field: Exclude<keyof PersonFields, 'places' | 'limits' | 'week' | 'shares'>): string | undefined =>
    formState.errors[field]?.message ?? refusal?.fields[field]?.[0];
  const said = (path: string): string | undefined => refusal?.fields[path]?.[0];
  const sided = (state: string): boolean => states.some((entry: Schemas['StateView']) => entry.value === state && entry.sided);
  const otherProblems = Object.entries(refusal?.fields ?? {}).filter(([path]) => /^(week|shares|limits)/.test(path));

  return (
    <form noValidate onSubmit={(event) => void handleSubmit(onSave)(event)} className="grid gap-7">
      <Group title="Who">
        <TextField label="Name" autoComplete="off" problem={problem('name')} {...register('name')} />
        <TextField
          label="Work, hobby or sport"
          autoComplete="off"
          hint="In a few words, such as: canal lock keeper"
          problem={problem('about')}
          {...register('about')}
        />
        <div className="grid grid-cols-2 gap-3 sm:col-span-2 sm:grid-cols-4">
          <TextField
            label="Year of birth"
            inputMode="numeric"
            maxLength={4}
            problem={problem('birthYear')}
            {...register('birthYear')}
          />
          <SelectField label="Norms of" {...register('sex')}>
            <option value="">not said</option>
            <option value="female">women</option>
            <option value="male">men</option>
          </SelectField>
          <SelectField label="Stronger hand" {...register('hand')}>
            <option value="">not said</option>
            <option value="left">left</option>
            <option value="right">right</option>
            <option value="both">both alike</option>
          </SelectField>
          <SelectField label="Injured side" {...register('injuredSide')}>
            <option value="">none</option>
            <option value="left">left</option>
            <option value="right">right</option>
            <option value="both">both</option>
          </SelectField>
        </div>
      </Group>

      <Group title="What for">
        <SelectField label="Aim" problem={problem('aim')} {...register('aim')}>
          {catalogue.data.aims.map((one) => (
            <option key={one.value} value={one.value}>
              {one.label}
            </option>
          ))}
        </SelectField>
        <Controller
          control={control}
          name="shares"
          render={({ field }) => (
            <TargetBars aim={aim} own={field.value} onChange={field.onChange} aims={catalogue.data.aimShares} />
          )}
        />
      </Group>

      <Group title="When">
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
          name="week"
          render={({ field }) => (
            <TrainingWeek week={field.value} kinds={catalogue.data.trainingKinds} onChange={field.onChange} />
          )}
        />
      </Group>

      <Places
        places={places}
        place={place}
        kit={catalogue.data.kit}
        problem={said}
        onChange={(next, at) => {
          setValue('places', next, { shouldDirty: true });
          setValue('place', at, { shouldDirty: true });
        }}
      />

      <fieldset className="grid gap-3">
        <legend className="mb-2 font-display text-lg font-[650]">Limits</legend>
        {limits.fields.length === 0 && (
          <p className="text-ink3">None noted. A limit rules out the rungs that load it, and says so on the board.</p>
        )}
        {limits.fields.map((field, index) => (
          <div
            key={field.id}
            className="grid items-start gap-2 rounded-md border border-hairline bg-ground/50 p-3 sm:grid-cols-[1fr_5.5rem_10.5rem_1fr_auto]"
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
            <TextField
              label="Since"
              type="date"
              problem={said(`limits.${index}.since`)}
              className="px-1.5"
              {...register(`limits.${index}.since`)}
            />
            <TextField label="Note (encrypted)" {...register(`limits.${index}.note`)} />
            <Button look="quiet" className="mt-8" onClick={() => limits.remove(index)}>
              lift
            </Button>
            {states.some((entry) => entry.value === chosen[index]?.state && entry.clearable) && (
              <label className="flex min-h-8 items-center gap-2 sm:col-span-5">
                <input type="checkbox" className="size-4 accent-rowan" {...register(`limits.${index}.cleared`)} />a clinician has
                cleared weights, standing and walking (as long as the recorded clearance runs)
              </label>
            )}
          </div>
        ))}
        <div>
          <Button
            onClick={() =>
              limits.append({
                state: (states[0]?.value ?? 'wrist-pain') as Schemas['LimitInput']['state'],
                side: 'both',
                note: '',
                since: '',
                cleared: false,
              })
            }
          >
            Add a limit
          </Button>
        </div>
      </fieldset>

      {person !== undefined && (
        <BoardEffect person={person} limits={chosen.map((limit) => ({ ...limit, since: null }))} kit={places[place]?.kit ?? []} />
      )}

      <Group title="Kept">
        <TextArea label="Notes (encrypted)" wide rows={3} problem={problem('notes')} {...register('notes')} />
        <TextField
          label="Agreed that health details are kept, on"
          type="date"
          problem={problem('consentedOn')}
          {...register('consentedOn')}
        />
      </Group>

      {refusal && (
        <div role="alert" className="grid gap-1 rounded-md border border-rowan p-3 font-semibold text-rowan">
          <p>{refusal.sentence}</p>
          {otherProblems.map(([path, sentences]) => (
            <p key={path}>{sentences[0]}</p>
          ))}
        </div>
      )}
      <div className="sticky bottom-0 -mx-6 -mb-6 flex items-center gap-4 border-t border-hairline bg-ground px-6 py-3 lg:-bottom-6">
        <Button look={formState.isDirty || person === undefined ? 'next' : 'plain'} type="submit" disabled={busy}>
          {action}
        </Button>
        {formState.isDirty && <span className="text-ink2">Not saved yet.</span>}
      </div>
    </form>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="grid gap-5 sm:grid-cols-2">
      <h2 id={id} className="-mb-2 text-lg sm:col-span-2">
        {title}
      </h2>
      {children}
    </section>
  );
}
