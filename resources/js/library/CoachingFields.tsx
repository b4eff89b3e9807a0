import { type ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { Choices, SelectField, TextArea, TextField } from '@/ui/Field';
import { FaultsEditor } from './FaultsEditor';
import { Group, type Setter, type Text, type Value } from './Group';
import { cueLines, cuesOf, listOf, textOf, type Fields } from './source';

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
/** What is said on the floor. */
export function CoachingFields({
  value,
  set,
  text,
  rest,
  topics,
  kinds,
  pictures,
  ofThisLadder,
}: {
  value: Value;
  set: Setter;
  text: Text;
  topics: { value: string; label: string }[];
  /** As faults can be drawn. */
  kinds: Schemas['FaultKindView'][];
  pictures: Schemas['DrawnFault'][];
  rest: Text;
  ofThisLadder: ReactNode;
}) {
  return (
    <Group title="Coaching">
      <TextArea
        label="Cues, one a line (3 to 5)"
        hint={`the topic first, where it has one: blades: Push the floor away. Topics: ${topics.map((one) => one.label).join(', ')}`}
        rows={4}
        wide
        defaultValue={cueLines(value('cues'))}
        onChange={(event) =>
          set(
            'cues',
            cuesOf(
              event.target.value,
              topics.map((one) => one.value),
            ),
          )
        }
      />
      <Choices
        legend="The exercise itself: no answer of the method changes its cue on"
        options={topics}
        chosen={listOf(value('sets'))}
        onChange={(sets) => set('sets', sets.length === 0 ? undefined : sets)}
      />
      <FaultsEditor
        faults={(value('faults') ?? []) as Fields[]}
        kinds={kinds}
        pictures={pictures}
        onChange={(faults) => set('faults', faults)}
      />
      {SENTENCES.map(([field, label]) => (
        <TextField key={field} label={label} {...text(field)} />
      ))}
      <SelectField label="The easier version is this rung" wide {...rest('fallback_rung')}>
        <option value="">none of this ladder</option>
        {textOf(value('fallback_rung')).includes('/') && (
          <option value={textOf(value('fallback_rung'))}>{textOf(value('fallback_rung'))}</option>
        )}
        {ofThisLadder}
      </SelectField>
    </Group>
  );
}
