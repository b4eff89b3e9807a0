import { useState } from 'react';
import { api, type Schemas } from '@/api/client';
import type { FigureData } from '@/figure/drawing';
import { MovingFigure } from '@/figure/MovingFigure';
import { useFigure } from '@/figure/RungFigure';
import { SelectField, TextField } from '@/ui/Field';
import { CoachingFields } from './CoachingFields';
import { DoseFields } from './DoseFields';
import { FigureEditor } from './FigureEditor';
import { Group } from './Group';
import { MethodFields } from './MethodFields';
import { NameFields } from './NameFields';
import { fieldOf, textOf, withField, withWords, wordsOf, type Fields, type Source } from './source';

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
    value: wordsOf(value(field)),
    onChange: (event: { target: { value: string } }) => set(field, withWords(value(field), event.target.value)),
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
