import { useEffect, useId, useRef, type ComponentProps, type ReactNode } from 'react';
import { api, type Refusal, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { Choices, SelectField, TextArea, TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';
import { staysLow } from '@/ui/staysLow';
import { BoardEffect } from './BoardEffect';
import { namedLimits, toldLimits, type PersonFields } from './fields';
import { Places } from './Places';
import { TargetBars } from './Shares';
import { TrainingWeek } from './TrainingWeek';
import { weekdays } from '@/ui/day';

const days = weekdays.map((name, index) => ({ value: index + 1, label: name.slice(0, 3) }));

/** Who, what for, when, where with what, and what is sore. */
export function PersonForm({
  fields,
  refusal,
  onChange,
  onSubmit,
  person,
  children,
}: {
  /** Id of the person, where there is one already. */
  person?: string;
  fields: PersonFields;
  refusal: Refusal | null;
  /** `typing` names the field of text that is typed in. */
  onChange: (fields: PersonFields, typing: string | null) => void;
  onSubmit: () => void;
  /** What stands below: how saving stands, and what to press. */
  children: ReactNode;
}) {
  const catalogue = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  const set = (change: Partial<PersonFields>, typing: string | null = null) => onChange({ ...fields, ...change }, typing);
  const form = useRef<HTMLFormElement>(null);
  // A save that was refused brings the keyboard to the first field that is wrong, unless somebody types elsewhere.
  useEffect(() => {
    const active = document.activeElement;
    if (refusal && !active?.matches('input, textarea, select'))
      form.current?.querySelector<HTMLElement>('[aria-invalid]')?.focus();
  }, [refusal]);
  if (!catalogue.data) return <Loading what="Reading the lists" error={catalogue.error} again={() => void catalogue.refetch()} />;

  const states = catalogue.data.states;
  const said = (path: string): string | undefined => refusal?.fields[path]?.[0];
  /** A field of text or choice, by its name. */
  const field = (
    name: { [Name in keyof PersonFields]: PersonFields[Name] extends string ? Name : never }[keyof PersonFields],
  ) => ({
    name,
    value: fields[name],
    problem: said(name),
    onChange: (event: { target: { value: string } }) => set({ [name]: event.target.value }, name),
  });
  const limit = (at: number, change: Partial<PersonFields['limits'][number]>) =>
    set({ limits: fields.limits.map((one, index) => (index === at ? { ...one, ...change } : one)) });
  const sided = (state: string): boolean => states.some((entry: Schemas['StateView']) => entry.value === state && entry.sided);
  const otherProblems = Object.entries(refusal?.fields ?? {}).filter(([path]) =>
    /^(week|shares|limits(?!\.\d+\.(state|since|note)$))/.test(path),
  );

  return (
    <form
      noValidate
      ref={form}
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
      className="grid gap-7"
    >
      <Group title="Who">
        <TextField label="Name" autoComplete="off" {...field('name')} />
        <TextField
          label="Work, hobby or sport"
          autoComplete="off"
          hint="In a few words, such as: canal lock keeper"
          {...field('about')}
        />
        <TrainerField {...field('trainer')} />
        <div className="col-span-full grid grid-cols-2 gap-3 sm:grid-cols-4">
          <TextField label="Year of birth" inputMode="numeric" maxLength={4} {...field('birthYear')} />
          <TextField label="Height, cm" inputMode="numeric" maxLength={3} {...field('stature')} />
          <TextField label="Weight, kg" inputMode="numeric" maxLength={3} {...field('mass')} />
          <SelectField label="Norms of" {...field('sex')}>
            <option value="">not said</option>
            <option value="female">women</option>
            <option value="male">men</option>
          </SelectField>
          <SelectField label="Stronger hand" {...field('hand')}>
            <option value="">not said</option>
            <option value="left">left</option>
            <option value="right">right</option>
            <option value="both">both alike</option>
          </SelectField>
          <SelectField label="Injured side" {...field('injuredSide')}>
            <option value="">none</option>
            <option value="left">left</option>
            <option value="right">right</option>
            <option value="both">both</option>
          </SelectField>
        </div>
      </Group>

      <Group title="What for">
        <SelectField label="Aim" {...field('aim')}>
          {catalogue.data.aims.map((one) => (
            <option key={one.value} value={one.value}>
              {one.label}
            </option>
          ))}
        </SelectField>
        <TargetBars aim={fields.aim} own={fields.shares} onChange={(shares) => set({ shares })} aims={catalogue.data.aimShares} />
      </Group>

      <Group title="When">
        <TextField label="Minutes for core work" type="number" inputMode="numeric" min={3} max={180} {...field('minutes')} />
        <Choices
          legend="Training days"
          options={days}
          chosen={fields.trainingDays}
          onChange={(trainingDays) => set({ trainingDays })}
          problem={said('trainingDays')}
        />
        <TrainingWeek week={fields.week} kinds={catalogue.data.trainingKinds} onChange={(week) => set({ week })} />
      </Group>

      <Places
        places={fields.places}
        place={fields.place}
        kit={catalogue.data.kit}
        problem={said}
        onChange={(places, place) => set({ places, place })}
      />

      <Limits fields={fields} limit={limit} states={states} sided={sided} said={said} set={set} />

      {person !== undefined && (
        <BoardEffect
          person={person}
          limits={namedLimits(fields).map((one) => ({ ...one, since: null }))}
          kit={fields.places[fields.place]?.kit ?? []}
        />
      )}

      <Group title="Kept">
        <TextArea label="Notes (encrypted)" wide rows={3} {...field('notes')} />
        <DateField
          label="Agreed that health details are kept, on"
          past
          value={fields.consentedOn}
          onChange={(consentedOn) => set({ consentedOn })}
          problem={said('consentedOn')}
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
      <div
        ref={staysLow}
        className="sticky bottom-0 -mx-6 -mb-6 flex items-center gap-4 border-t border-hairline bg-ground px-6 py-3 lg:-bottom-6"
      >
        {children}
      </div>
    </form>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="grid gap-5 sm:grid-cols-2">
      <h2 id={id} className="col-span-full -mb-2 text-lg">
        {title}
      </h2>
      {children}
    </section>
  );
}

/** What is sore or limited, each rung it rules out said on the board. */
function Limits({
  fields,
  limit,
  states,
  sided,
  said,
  set,
}: {
  fields: PersonFields;
  limit: (at: number, change: Partial<PersonFields['limits'][number]>) => void;
  states: Schemas['StateView'][];
  sided: (state: string) => boolean;
  said: (path: string) => string | undefined;
  set: (change: Partial<PersonFields>, typing?: string | null) => void;
}) {
  const told = toldLimits(fields);
  const sent = (one: PersonFields['limits'][number]) => `limits.${told.indexOf(one)}`;
  return (
    <fieldset className="grid gap-3">
      <legend className="mb-2 font-display text-lg font-[650]">Limits</legend>
      {fields.limits.length === 0 && (
        <p className="text-ink3">None noted. A limit rules out the rungs that load it, and says so on the board.</p>
      )}
      {fields.limits.map((one, index) => (
        <div
          key={index}
          className="grid items-start gap-2 rounded-md border border-hairline bg-ground/50 p-3 sm:grid-cols-[1fr_5.5rem_12.5rem_1fr_auto]"
        >
          <SelectField
            label="What"
            value={one.state}
            problem={said(`${sent(one)}.state`)}
            onChange={(event) => limit(index, { state: event.target.value as typeof one.state })}
          >
            {one.state === '' && <option value="">choose what</option>}
            {states.map((state) => (
              <option key={state.value} value={state.value}>
                {state.label}
              </option>
            ))}
          </SelectField>
          <SelectField
            label="Side"
            disabled={!sided(one.state)}
            value={one.side}
            onChange={(event) => limit(index, { side: event.target.value as typeof one.side })}
          >
            <option value="both">both</option>
            <option value="left">left</option>
            <option value="right">right</option>
          </SelectField>
          <DateField
            label="Since"
            past
            problem={said(`${sent(one)}.since`)}
            value={one.since}
            onChange={(since) => limit(index, { since })}
          />
          <TextField
            label="Note (encrypted)"
            value={one.note}
            problem={said(`${sent(one)}.note`)}
            onChange={(event) => limit(index, { note: event.target.value })}
          />
          <Button look="quiet" className="mt-8" onClick={() => set({ limits: fields.limits.filter((_, at) => at !== index) })}>
            lift
          </Button>
          {states.some((entry) => entry.value === one.state && entry.clearable) && (
            <label className="flex min-h-8 items-center gap-2 sm:col-span-5">
              <input
                type="checkbox"
                className="size-4 accent-rowan"
                checked={one.cleared}
                onChange={(event) => limit(index, { cleared: event.target.checked })}
              />
              a clinician has cleared weights, standing and walking (as long as the recorded clearance runs)
            </label>
          )}
        </div>
      ))}
      <div>
        <Button
          onClick={() =>
            set({
              limits: [
                ...fields.limits,
                {
                  state: '',
                  side: 'both',
                  note: '',
                  since: '',
                  cleared: false,
                },
              ],
            })
          }
        >
          Add a limit
        </Button>
      </div>
    </fieldset>
  );
}

/** Whose method holds for the person; asked for where the practice has several trainers. */
function TrainerField(field: { value: string } & Omit<ComponentProps<typeof SelectField>, 'label' | 'children' | 'value'>) {
  const me = api.useQuery('get', '/api/me');
  if (!me.data || me.data.trainers.length < 2) return null;
  return (
    <SelectField label="Trained by" {...field} value={field.value === '' ? me.data.id : field.value}>
      {me.data.trainers.map((one) => (
        <option key={one.value} value={one.value}>
          {one.label}
        </option>
      ))}
    </SelectField>
  );
}
