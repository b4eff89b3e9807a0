import type { Schemas } from '@/api/client';
import { SelectField, TextField } from '@/ui/Field';
import type { Setter, Text, Value } from './Group';
import { kitLine, kitOf } from './source';

/** Name, height, position and kit. */
export function NameFields({
  text,
  value,
  set,
  lists,
}: {
  text: Text;
  value: Value;
  set: Setter;
  lists: Schemas['CatalogueView'];
}) {
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
