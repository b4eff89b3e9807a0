import { type ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { Choices, SelectField } from '@/ui/Field';
import { Group, type Setter, type Text, type Value } from './Group';
import { listOf, textOf, type Fields, type Source } from './source';

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
    <div className="col-span-full grid gap-2">
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
export function MethodFields({
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
