import type { Schemas } from '@/api/client';
import { SelectField, TextField } from '@/ui/Field';
import { Group, type Part, type Text } from './Group';

/** Kind of work, tempo and the band its dose stays in. */
export function DoseFields({
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
