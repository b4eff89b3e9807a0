import { useState, type FormEvent } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { useLibrary } from '@/frame/useLibrary';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextArea, TextField } from '@/ui/Field';
import { AddExercise } from './AddExercise';

type Stages = Schemas['StagesView'];
type Kind = Schemas['StageRequest']['kind'];

/** What comes, when, and what the person is told of it. */
export function StageForm({
  person,
  session,
  stages,
  day,
  onClose,
  onAdded,
}: {
  person: string;
  session: string;
  stages: Stages;
  /** the one that was pressed */
  day: number;
  onClose: () => void;
  onAdded: (next: Stages) => void;
}) {
  const first = stages.items[0];
  const texts = useTexts(`stage ${session}`, { kind: 'addition', item: first?.id ?? '', rung: '', dose: '', message: '' });
  const [after, setAfter] = useState<'days' | 'sessions'>('days');
  const [count, setCount] = useState(String(day));
  const [choosing, setChoosing] = useState(false);
  const [fields, setFields] = useState<Partial<Record<string, string[]>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { library } = useLibrary();
  const kind = texts.of('kind') as Kind;
  const changes = kind === 'dose' || kind === 'variation';
  const brings = kind === 'addition' || kind === 'variation';
  const item = stages.items.find(({ id }) => id === texts.of('item')) ?? first;
  const rung = library?.rungs.get(texts.of('rung'));
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const { data, error } = await texts.say((id) =>
      http.POST('/api/people/{person}/sessions/{session}/stages', {
        params: { path: { person, session } },
        body: {
          id,
          kind,
          after,
          count: Number(count) || 0,
          item: changes ? (item?.id ?? null) : null,
          rung: brings ? texts.of('rung') : null,
          dose: brings || changes ? texts.of('dose').trim() : null,
          message: texts.of('message').trim(),
        },
      }),
    );
    setBusy(false);
    setFields(error?.fields ?? {});
    if (error) return setProblem(sentenceOf(error));
    texts.saved();
    onAdded(data);
  };
  return (
    <Dialog open onClose={onClose} title="A stage of the sheet">
      <form onSubmit={(event) => void save(event)} className="grid gap-4">
        <div className="grid grid-cols-2 gap-4">
          <SelectField
            label="It comes"
            value={after}
            onChange={(event) => setAfter(event.target.value === 'sessions' ? 'sessions' : 'days')}
          >
            <option value="days">on day</option>
            <option value="sessions">after so many sessions</option>
          </SelectField>
          <TextField
            label={after === 'days' ? 'Day' : 'Sessions'}
            inputMode="numeric"
            value={count}
            onChange={(event) => setCount(event.target.value)}
            problem={fields.count?.[0]}
          />
        </div>
        <SelectField label="What comes" value={kind} onChange={(event) => texts.write('kind', event.target.value)}>
          {stages.kinds.map(({ value, label }) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        {changes && (
          <SelectField
            label={kind === 'dose' ? 'Of which exercise' : 'In place of'}
            value={item?.id}
            onChange={(event) => texts.write('item', event.target.value)}
            problem={fields.item?.[0]}
          >
            {stages.items.map(({ id, name, dose }) => (
              <option key={id} value={id}>
                {name}, {dose}
              </option>
            ))}
          </SelectField>
        )}
        {brings && (
          <div className="grid gap-1">
            <p className="font-semibold">Which exercise</p>
            <p className="flex flex-wrap items-center gap-3">
              {rung && <span>{rung.name}</span>}
              <Button onClick={() => setChoosing(true)}>{rung ? 'Another' : 'Choose it'}</Button>
            </p>
            {fields.rung?.[0] && (
              <p role="alert" className="text-sm font-semibold text-rowan">
                {fields.rung[0]}
              </p>
            )}
          </div>
        )}
        {(brings || changes) && (
          <TextField label="Dose" className="font-mono" placeholder="2x20s" problem={fields.dose?.[0]} {...texts.field('dose')} />
        )}
        <TextArea
          label="What the person is told"
          hint="Short, in your own words; it stands on their page that day."
          maxLength={400}
          problem={fields.message?.[0]}
          {...texts.field('message')}
        />
        {problem && (
          <p role="alert" className="font-semibold text-rowan">
            {problem}
          </p>
        )}
        <div className="flex gap-3">
          <Button look="next" type="submit" disabled={busy}>
            Put it on the strip
          </Button>
          <Button onClick={onClose}>Back</Button>
        </div>
      </form>
      <AddExercise
        person={person}
        open={choosing}
        near={kind === 'variation' ? (item?.rung ?? null) : null}
        onClose={() => setChoosing(false)}
        doseOf={(found) => found.dose}
        onAdd={(slug, dose) => {
          texts.writeAll({ rung: slug, dose });
        }}
      />
    </Dialog>
  );
}
