import type { ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { MovingFigure } from '@/figure/MovingFigure';
import { SelectField, TextArea, TextField } from '@/ui/Field';
import {
  anglesLine,
  anglesOf,
  faultLines,
  faultsOf,
  fieldOf,
  kitLine,
  kitOf,
  textOf,
  withField,
  type Fields,
  type Source,
} from './source';

const SENTENCES: [string, string][] = [
  ['purpose', 'Purpose, one line'],
  ['check', 'Check by'],
  ['breathing', 'Breathing'],
  ['felt', 'Felt'],
  ['not_felt', 'Not felt'],
  ['fallback', 'Easier now'],
  ['way_out', 'Way out'],
  ['relief', 'Relief position'],
];
const LIMBS: [string, string][] = [
  ['trunk', 'trunk'],
  ['head', 'head'],
  ['arm', 'arm'],
  ['far_arm', 'far arm'],
  ['leg', 'leg'],
  ['far_leg', 'far leg'],
];

/** All fields of one rung, with its figure as it is drawn from them. */
export function RungEditor({
  source,
  slug,
  drawn,
  lists,
  moving,
  onChange,
}: {
  source: Source;
  slug: string;
  /** The rung as the check read it last. */
  drawn: Schemas['RungView'] | undefined;
  lists: Schemas['CatalogueView'];
  moving: boolean;
  onChange: (source: Source) => void;
}) {
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
  const loads = (value('loads') ?? {}) as Fields;
  const figure = (value('figure') ?? {}) as Fields;

  return (
    <div className="grid gap-4">
      {drawn && (
        <div className="sticky top-0 z-10 rounded-md border border-hairline bg-paper p-2">
          <MovingFigure figure={drawn.figure} tempo={drawn.tempo} moving={moving} label={drawn.name} className="h-36 w-full" />
        </div>
      )}
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

      <Group title="Figure: degrees, 0 to the right, 90 up">
        {(['start', 'end'] as const).map((at) => (
          <Pose
            key={at}
            title={at === 'start' ? 'Start' : 'End, where it moves'}
            pose={figure[at]}
            names={lists.poses}
            onChange={(pose) => {
              const drawn = { ...figure, [at]: pose };
              if (pose === undefined) delete drawn[at];
              set('figure', drawn);
            }}
          />
        ))}
        <SelectField label="Seen from" {...part('figure', 'view')}>
          <option value="">the side</option>
          <option value="front">the front</option>
          <option value="above">above</option>
        </SelectField>
        <TextField
          label="Stays in place"
          hint="a joint, such as toe or elbow; found by itself when empty"
          {...part('figure', 'pin')}
        />
        <TextField
          label="Kit in the picture"
          hint="kit@joint, or kit@joint:degrees, commas between: bench@elbow, band@hand:180"
          wide
          defaultValue={Array.isArray(figure.props) ? figure.props.join(', ') : ''}
          onChange={(event) => {
            const props = event.target.value.split(',').flatMap((one) => one.trim() || []);
            set('figure', { ...figure, props });
          }}
        />
      </Group>

      <Group title="Coaching">
        <TextArea
          label="Cues, one a line (3 to 5)"
          rows={4}
          wide
          value={Array.isArray(value('cues')) ? (value('cues') as string[]).join('\n') : ''}
          onChange={(event) => set('cues', event.target.value.split('\n'))}
        />
        <TextArea
          label="Faults, one a line (2 to 4): seen > fix"
          rows={3}
          wide
          defaultValue={faultLines(value('faults'))}
          onChange={(event) => set('faults', faultsOf(event.target.value))}
        />
        {SENTENCES.map(([field, label]) => (
          <TextField key={field} label={label} {...text(field)} />
        ))}
      </Group>

      <Group title="Dose">
        <SelectField label="Kind of work" {...text('dose')}>
          {lists.doseKinds.map((kind) => (
            <option key={kind} value={kind}>
              {kind.replace('-', ' ')}
            </option>
          ))}
        </SelectField>
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

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="border-t border-hairline pt-2">
      <legend className="float-left mb-2 w-full font-display font-[650]">{title}</legend>
      <div className="clear-both grid gap-3 sm:grid-cols-2">{children}</div>
    </fieldset>
  );
}

/** A pose: one that has a name, and the limbs that differ from it. */
function Pose({
  title,
  pose,
  names,
  onChange,
}: {
  title: string;
  pose: unknown;
  names: string[];
  onChange: (pose: unknown) => void;
}) {
  const own: Fields = typeof pose === 'string' ? { like: pose } : ((pose ?? {}) as Fields);
  const set = (field: string, next: unknown) => {
    const changed: Fields = { ...own, [field]: next };
    if (next === undefined || next === '') delete changed[field];
    onChange(Object.keys(changed).length === 0 ? undefined : changed);
  };
  return (
    <div className="grid grid-cols-3 content-start gap-2 rounded-md border border-hairline p-2 sm:col-span-2">
      <div className="col-span-3">
        <SelectField label={`${title}: like`} value={textOf(own.like)} onChange={(event) => set('like', event.target.value)}>
          <option value="">no named pose</option>
          {names.map((name) => (
            <option key={name} value={name}>
              {name.replaceAll('-', ' ')}
            </option>
          ))}
        </SelectField>
      </div>
      {LIMBS.map(([field, label]) => (
        <TextField
          key={field}
          label={label}
          className="px-1.5 font-mono text-sm"
          defaultValue={anglesLine(own[field])}
          onChange={(event) => set(field, anglesOf(event.target.value))}
        />
      ))}
    </div>
  );
}
