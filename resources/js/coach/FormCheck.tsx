import { useEffect, useState } from 'react';
import type { Schemas } from '@/api/client';
import type { SetLog } from '@/offline/told';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Scale } from '@/ui/Scale';
import { doneAsWritten } from '@/offline/asWritten';
import type { Counted } from '@/offline/trainings';
import { PainQuestions } from './PainQuestions';
import { SmallBody } from './SmallBody';

/** The check after a set: what was done, form, pain, effort. "All clean" is one press; effort and pain are one more each. */
export function FormCheck({
  item,
  set,
  start,
  counted,
  last,
  painStopsAbove,
  painPlaces,
  feltPlaces,
  painBefore,
  onAnswer,
  onSave,
  onPass,
}: {
  item: Schemas['CueWayView'];
  set: number;
  /** what was answered before: in part, or a set that is taken up again */
  start: SetLog | null;
  /** what was counted, where the set was open */
  counted: Counted | undefined;
  /** what was told of the exercise last: offered, never taken for granted */
  last: Pick<SetLog, 'effort' | 'felt'>;
  painStopsAbove: number;
  painPlaces: Schemas['PainPlaceView'][];
  feltPlaces: Schemas['ChoiceView'][];
  /** pain that was there before the first set */
  painBefore: Schemas['StartPain'][] | null;
  /** told of each answer, so that none is lost before the set is saved */
  onAnswer: (log: SetLog) => void;
  onSave: (log: SetLog) => void;
  onPass: () => void;
}) {
  const [log, answer] = useState<SetLog>(() => start ?? doneAsWritten(item, set, false, counted));
  const setLog = (next: SetLog) => {
    answer(next);
    onAnswer(next);
  };
  const sides = item.sides[set - 1] ?? 'both';
  const unit = item.unit === 'reps' ? '' : item.unit === 'seconds' ? ' s' : ' m';
  // Every tick yes includes the one about pain: untold pain is none then, and stays untold otherwise.
  const allClean: SetLog = { ...log, form: doneAsWritten(item, set, true).form, pain: log.pain ?? 0, felt: log.felt ?? 'right' };
  const told = item.questions.every((question) => log.form[question.value] !== undefined);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key !== 'Enter' || event.target instanceof HTMLInputElement || event.target instanceof HTMLButtonElement) return;
      event.preventDefault();
      onSave(told ? log : allClean);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });

  const done = (side: 'both' | 'left' | 'right', label: string) => (
    <div className="flex flex-wrap items-center justify-between gap-2">
      <span>{label}</span>
      <span className="flex items-center gap-1 sm:gap-2">
        <button
          type="button"
          aria-label={`${label}: one less`}
          className="size-11 rounded-md border border-rail text-2xl"
          onClick={() => setLog({ ...log, [side]: Math.max(0, (log[side] ?? 0) - 1) })}
        >
          −
        </button>
        <output className="min-w-10 text-center font-mono text-2xl font-bold sm:min-w-16">
          {log[side] ?? '–'}
          {unit}
        </output>
        <button
          type="button"
          aria-label={`${label}: one more`}
          className="size-11 rounded-md border border-rail text-2xl"
          onClick={() => setLog({ ...log, [side]: (log[side] ?? 0) + 1 })}
        >
          +
        </button>
      </span>
    </div>
  );
  const scale = (legend: string, key: 'pain' | 'effort') => (
    <fieldset>
      <legend className="mb-1 font-semibold">
        {legend}, 0 to 10
        {key === 'effort' && last.effort !== null && <span className="font-normal text-ink2"> · last {last.effort}</span>}
      </legend>
      <Scale
        name={key}
        value={log[key]}
        last={key === 'effort' ? last.effort : null}
        onChange={(value) => setLog({ ...log, [key]: value })}
      />
    </fieldset>
  );

  return (
    <section
      aria-label={`Form check, ${item.name}, set ${set}`}
      className="grid gap-3 rounded-lg border border-rail bg-sheet p-4"
    >
      <h2 className="text-xl">
        {item.name}, set {set}
        {set <= item.sets ? ` of ${item.sets}` : ', on top'}
      </h2>
      <div className="grid gap-1">
        {(sides === 'left' || sides === 'each') && done('left', 'Left')}
        {(sides === 'right' || sides === 'each') && done('right', 'Right')}
        {sides === 'both' && done('both', 'Done')}
      </div>
      {scale('Effort', 'effort')}
      {scale('Pain', 'pain')}
      <PainQuestions
        sided={sides === 'each'}
        told={log}
        onTell={(told) => setLog({ ...log, ...told })}
        painStopsAbove={painStopsAbove}
        places={painPlaces}
        before={painBefore ?? []}
      />
      <Button
        data-all-clean
        look="next"
        hotkey="Enter"
        className="min-h-14 justify-center text-lg"
        onClick={() => onSave(allClean)}
      >
        {butFor(log)}
      </Button>
      <FeltPlaces item={item} places={feltPlaces} log={log} setLog={setLog} last={last.felt} />
      <FormQuestions item={item} log={log} setLog={setLog} set={set} />
      {Object.values(log.form).includes(false) && (
        <Button look="floor" onClick={() => onSave(log)}>
          Save with what was lost
        </Button>
      )}
      <Button look="quiet" className="min-h-11 justify-self-start text-sm" onClick={onPass}>
        leave this set unlogged
      </Button>
    </section>
  );
}

/** What the one press says: clean, but for what was told already. */
function butFor(log: SetLog): string {
  const but = [(log.pain ?? 0) > 0 && 'the pain', log.felt && log.felt !== 'right' && 'the place'].filter(Boolean);
  return but.length === 0 ? 'All clean, no pain' : `All clean but for ${but.join(' and ')}`;
}

/** Where it was felt: one press, after any set. */
function FeltPlaces({
  item,
  places,
  log,
  setLog,
  last,
}: {
  item: Schemas['CueWayView'];
  places: Schemas['ChoiceView'][];
  log: SetLog;
  setLog: (value: SetLog) => void;
  last: SetLog['felt'];
}) {
  const lastPlace = places.find(({ value }) => value === last);
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">
        Felt <span className="font-normal text-ink2">· {item.felt}</span>
      </legend>
      <SmallBody
        label="Where it was felt"
        places={places}
        pressed={log.felt}
        onPress={(place) => setLog({ ...log, felt: log.felt === place ? null : (place as SetLog['felt']) })}
        beside={lastPlace && <p className="text-sm text-ink2">last {lastPlace.label}</p>}
      />
    </fieldset>
  );
}

/** The form questions one by one. */
function FormQuestions({
  item,
  log,
  setLog,
  set,
}: {
  item: Schemas['CueWayView'];
  log: SetLog;
  setLog: (value: SetLog) => void;
  set: number;
}) {
  return (
    <fieldset className="grid gap-1">
      <legend className="mb-1 text-sm text-ink2">Or answer one by one, press what was lost:</legend>
      <div className="grid grid-cols-1 gap-1 sm:grid-cols-2">
        {item.questions.map((question) => {
          const lost = log.form[question.value] === false;
          return (
            <button
              key={question.value}
              type="button"
              aria-pressed={lost}
              onClick={() =>
                setLog({ ...log, form: { ...doneAsWritten(item, set, true).form, ...log.form, [question.value]: lost } })
              }
              className={cx(
                'flex min-h-11 items-center gap-3 rounded-md border px-3 text-left',
                lost ? 'border-ochre bg-ochre font-semibold text-ground' : 'border-rail',
              )}
            >
              <span aria-hidden="true" className="w-4 font-bold">
                {lost ? '×' : log.form[question.value] ? '✓' : '–'}
              </span>
              {question.label}
              {lost && <span className="ml-auto text-sm">lost</span>}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
