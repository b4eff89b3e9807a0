import { useState, type ReactNode } from 'react';
import { api, type Schemas } from '@/api/client';
import type { FigureData } from '@/figure/drawing';
import { MovingFigure } from '@/figure/MovingFigure';
import { useFigure } from '@/figure/RungFigure';
import { Choices, SelectField, TextField } from '@/ui/Field';
import { CoachingFields } from './CoachingFields';
import { FigureEditor } from './FigureEditor';
import { Group, type Part, type Setter, type Text, type Value } from './Group';
import { fieldOf, kitLine, kitOf, listOf, textOf, withField, type Fields, type Source } from './source';

/** All fields of one rung, with its figure as it is drawn from them. */
export function RungEditor({
  source,
  slug,
  drawn,
  sketch,
  faults,
  lists,
  moving,
  onChange,
}: {
  source: Source;
  slug: string;
  /** The rung as the check read it last. */
  drawn: Schemas['RungView'] | undefined;
  /** Its figure, where it is not one of the library. */
  sketch: FigureData | undefined;
  /** Its faults, as the check drew them last. */
  faults: Schemas['DrawnFault'][];
  lists: Schemas['CatalogueView'];
  moving: boolean;
  onChange: (source: Source) => void;
}) {
  const kept = useFigure(drawn?.slug);
  // While a pose cannot be, the last one that could stays.
  const [last, setLast] = useState<FigureData>();
  if (sketch && sketch !== last) setLast(sketch);
  const value = (field: string) => fieldOf(source, slug, field);
  const set = (field: string, next: unknown) => onChange(withField(source, slug, field, next));
  const text = (field: string) => ({
    value: textOf(value(field)),
    onChange: (event: { target: { value: string } }) => set(field, event.target.value),
  });
  const part = (field: string, name: string) => {
    const whole = (value(field) ?? {}) as Fields;
    return {
      value: textOf(whole[name]),
      onChange: (event: { target: { value: string } }) => {
        const next: Fields = { ...whole, [name]: event.target.value };
        if (event.target.value === '') delete next[name];
        set(field, Object.keys(next).length === 0 ? undefined : next);
      },
    };
  };
  const number = (field: string, name: string) => {
    const whole = (value(field) ?? {}) as Fields;
    return {
      type: 'number',
      value: textOf(whole[name]),
      onChange: (event: { target: { value: string } }) => set(field, { ...whole, [name]: Number(event.target.value) }),
    };
  };
  const { data: method } = api.useQuery('get', '/api/method');
  const loads = (value('loads') ?? {}) as Fields;
  const others = source.rungs.filter((rung) => textOf(rung.slug) !== '' && rung.slug !== slug);
  const ofThisLadder = others.map((rung) => (
    <option key={textOf(rung.slug)} value={textOf(rung.slug)}>
      {textOf(rung.name)}
    </option>
  ));
  const rest = (field: string) => ({
    value: textOf(value(field)),
    onChange: (event: { target: { value: string } }) => set(field, event.target.value === '' ? undefined : event.target.value),
  });
  const figure = (value('figure') ?? {}) as Fields;

  return (
    <div className="grid gap-4">
      {drawn && (
        <div className="sticky top-0 z-10 rounded-md border border-hairline bg-paper p-2">
          <MovingFigure
            figure={sketch ?? last ?? kept}
            tempo={drawn.tempo}
            moving={moving}
            label={drawn.name}
            turnable
            className="h-36 w-full"
          />
        </div>
      )}
      <NameFields text={text} value={value} set={set} lists={lists} />

      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Load tags fall on"
          value={textOf(value('loads_on')) || 'both-sides'}
          onChange={(event) => set('loads_on', event.target.value)}
        >
          <option value="both-sides">both sides</option>
          <option value="working-side">the working side</option>
        </SelectField>
        <SelectField
          label="On the ladder"
          value={value('branch') === true ? 'branch' : 'step'}
          onChange={(event) => set('branch', event.target.value === 'branch' ? true : undefined)}
        >
          <option value="step">a step of it</option>
          <option value="branch">beside it: climbing passes it by</option>
        </SelectField>
      </div>

      <Group title="Lever: what makes it harder than the rung below">
        <SelectField label="Kind" {...part('lever', 'kind')}>
          <option value="">choose …</option>
          {lists.levers.map((one) => (
            <option key={one.value} value={one.value}>
              {one.label}
            </option>
          ))}
        </SelectField>
        <TextField label="In words" {...part('lever', 'text')} />
      </Group>

      <MethodFields
        lists={lists}
        source={source}
        value={value}
        set={set}
        method={method}
        rest={rest}
        ofThisLadder={ofThisLadder}
      />

      <FigureEditor lists={lists} figure={figure} onChange={(next) => set('figure', next)} />

      <CoachingFields
        value={value}
        set={set}
        text={text}
        rest={rest}
        topics={lists.topics}
        kinds={lists.faultKinds}
        pictures={faults}
        ofThisLadder={ofThisLadder}
      />

      <DoseFields text={text} rest={rest} lists={lists} number={number} part={part} />

      <Group title="Loads, 0 to 2">
        {lists.loads.map((load) => (
          <SelectField
            key={load.value}
            label={load.label.replace(/^the /, '')}
            value={String((loads[load.value] as number | undefined) ?? 0)}
            onChange={(event) => set('loads', { ...loads, [load.value]: Number(event.target.value) })}
          >
            {[0, 1, 2].map((step) => (
              <option key={step} value={step}>
                {step}
              </option>
            ))}
          </SelectField>
        ))}
      </Group>
    </div>
  );
}

/** A question of the method and the answers that let a rung in. */
function Condition({
  label,
  questions,
  value,
  onChange,
}: {
  label: string;
  questions: Schemas['MethodQuestionView'][];
  value: unknown;
  onChange: (value: unknown) => void;
}) {
  const own = (value ?? {}) as Fields;
  const question = questions.find((one) => one.question === own.question);
  return (
    <div className="grid gap-2 sm:col-span-2">
      <SelectField
        label={label}
        value={textOf(own.question)}
        onChange={(event) => {
          const next = questions.find((one) => one.question === event.target.value);
          onChange(next ? { question: next.question, choices: [next.choices[0]] } : undefined);
        }}
      >
        <option value="">anything</option>
        {questions.map((one) => (
          <option key={one.question} value={one.question}>
            {one.label}
          </option>
        ))}
      </SelectField>
      {question && (
        <Choices
          legend={question.label}
          options={question.choices}
          chosen={listOf(own.choices)}
          onChange={(choices) => choices.length > 0 && onChange({ question: question.question, choices })}
        />
      )}
    </div>
  );
}

/** Which demands it meets, and when the method offers it. */
function MethodFields({
  lists,
  source,
  value,
  set,
  method,
  rest,
  ofThisLadder,
}: {
  lists: Schemas['CatalogueView'];
  source: Source;
  value: Value;
  set: Setter;
  method: Schemas['MethodView'] | undefined;
  rest: Text;
  ofThisLadder: ReactNode;
}) {
  return (
    <Group title="Demand and method">
      <Choices
        legend="Also met, with half weight"
        options={lists.demands.filter((demand) => demand.value !== source.demand)}
        chosen={listOf(value('secondary') ?? source.secondary)}
        onChange={(secondary) => set('secondary', secondary)}
      />
      {(
        [
          ['offered_with', 'Only offered when the method says'],
          ['trunk_with', 'A step of the ladder only when the method says'],
        ] as const
      ).map(([field, label]) => (
        <Condition
          key={field}
          label={label}
          questions={method?.questions ?? []}
          value={value(field)}
          onChange={(next) => set(field, next)}
        />
      ))}
      <SelectField label="Follows, where that is not the next lower rung" wide {...rest('after')}>
        <option value="">the next lower rung</option>
        {ofThisLadder}
      </SelectField>
    </Group>
  );
}

/** Kind of work, tempo and the band its dose stays in. */
function DoseFields({
  text,
  rest,
  lists,
  number,
  part,
}: {
  text: Text;
  rest: Text;
  lists: Schemas['CatalogueView'];
  number: Part;
  part: Part;
}) {
  return (
    <Group title="Dose">
      <SelectField label="Kind of work" value={text('kind').value || 'bracing'} onChange={text('kind').onChange}>
        {lists.workKinds.map((one) => (
          <option key={one.value} value={one.value}>
            {one.label}
          </option>
        ))}
      </SelectField>
      <SelectField label="Where the work comes from" {...rest('works_from')}>
        <option value="">not said</option>
        {lists.worksFrom.map((one) => (
          <option key={one.value} value={one.value}>
            {one.label}
          </option>
        ))}
      </SelectField>
      <SelectField label="Dosed as" {...text('dose')}>
        {lists.doseKinds.map((kind) => (
          <option key={kind} value={kind}>
            {kind.replace('-', ' ')}
          </option>
        ))}
      </SelectField>
      <TextField label="Default dose" hint="a typed line, where the table's does not fit" {...rest('default_dose')} />
      <TextField label="Tempo" hint="lowering-pause-lifting-pause" {...text('tempo')} />
      <TextField label="Band, low" {...number('band', 'low')} />
      <TextField label="Band, high" {...number('band', 'high')} />
      <TextField label="Word for lowering" {...part('phases', 'lowering')} />
      <TextField label="Word for lifting" {...part('phases', 'lifting')} />
      <SelectField label="Begins with" {...part('phases', 'starts')}>
        <option value="">choose …</option>
        <option value="lowering">lowering</option>
        <option value="lifting">lifting</option>
      </SelectField>
    </Group>
  );
}

/** Name, height, position and kit. */
function NameFields({ text, value, set, lists }: { text: Text; value: Value; set: Setter; lists: Schemas['CatalogueView'] }) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextField label="Name" wide {...text('name')} />
      <TextField label="Short name" {...text('short')} />
      <TextField
        label="Height"
        type="number"
        step={0.1}
        min={1}
        max={10}
        value={typeof value('height') === 'number' ? String((value('height') as number) / 10) : ''}
        onChange={(event) => set('height', Math.round(Number(event.target.value) * 10))}
      />
      <SelectField label="Position" {...text('position')}>
        {lists.positions.map((one) => (
          <option key={one.value} value={one.value}>
            {one.label}
          </option>
        ))}
      </SelectField>
      <SelectField label="Moves" {...text('moves')}>
        <option value="static">static</option>
        <option value="dynamic">dynamic</option>
      </SelectField>
      <SelectField label="Sides" {...text('sided')}>
        <option value="both">both at once</option>
        <option value="one-sided">one-sided</option>
        <option value="alternating">alternating</option>
      </SelectField>
      <TextField
        label="Kit"
        hint="commas between, “or” for any one: band or cable, bench"
        defaultValue={kitLine(value('kit'))}
        onChange={(event) => set('kit', kitOf(event.target.value))}
      />
    </div>
  );
}
