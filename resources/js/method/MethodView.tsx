import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, type Schemas } from '@/api/client';
import { useSettled } from '@/frame/useSettled';
import { cx } from '@/ui/cx';
import { Loading } from '@/ui/Loading';
import { TrialPane, type Looking } from './TrialPane';
import { LEVELS, useMethod, type Answer, type Level } from './useMethod';

type Trial = Schemas['ChoiceTrialView'];
type Question = Schemas['MethodQuestionView'];

const HOLDS: Record<Level, string> = {
  practice: 'They hold for everybody in the practice, where nobody nearer has answered.',
  trainer: 'They hold for the people you train, whoever looks, before those of the practice.',
  person: 'They hold for this person, before those of the trainer and of the practice.',
  program: 'They hold for this person as long as the program does, before all others.',
};

/** The school, question by question and level by level, each answer with what it does to a real session before it is chosen. */
export function MethodView() {
  const [search, setSearch] = useSearchParams();
  const [sought, setSought] = useState('');
  const q = useSettled(sought.trim(), 150);
  const people = api.useQuery(
    'get',
    '/api/people',
    { params: { query: q === '' ? {} : { q } } },
    { placeholderData: keepPreviousData },
  );
  const open = people.data?.people.filter((line) => !line.flags.includes('stop')) ?? [];
  const isLong = people.data?.next != null || sought !== '';
  const person = search.get('person') ?? (open.find((line) => line.lastDone !== null) ?? open[0])?.id ?? '';
  const level = LEVELS.find((one) => one === search.get('level')) ?? 'practice';
  const { method, error, again, problem, forget, choose } = useMethod(level, person);
  const trial = api.useQuery(
    'get',
    '/api/people/{person}/method',
    { params: { path: { person } } },
    { enabled: person !== '', retry: false },
  );
  const [looking, setLooking] = useState<Looking | null>(null);

  const go = (next: { level?: Level; person?: string }) => {
    forget();
    setSearch({ level, ...(person === '' ? {} : { person }), ...next }, { replace: true });
  };
  const trialOf = (answer: Answer): Trial | undefined =>
    trial.data?.questions.flatMap((each) => each.choices).find((each) => each.choice === answer);
  const groups = [
    { title: 'Rungs, doses, order and decisions', cuesOnly: false },
    { title: 'Cues on the sheet and the floor', cuesOnly: true },
  ];

  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <main className="min-w-0 flex-1 overflow-y-auto px-5 pt-4 pb-8">
        <h1 className="text-3xl">Method</h1>
        <Levels level={level} name={method?.name ?? ''} hasPerson={person !== ''} onLevel={(next) => go({ level: next })} />
        <p className="mt-2 max-w-3xl text-ink2">
          Schools of the trade differ here. {HOLDS[level]} Where a method and a limit of somebody’s body disagree, the limit wins
          and says so.
        </p>
        {problem && (
          <p role="alert" className="mt-2 font-semibold text-rowan">
            {problem}
          </p>
        )}
        {method?.closed && (
          <p className="mt-2 max-w-3xl border-l-4 border-ochre bg-paper p-3">
            {method.closed}{' '}
            <Link to={`/people/${person}/weeks`} className="underline">
              To the weeks
            </Link>
          </p>
        )}
        {!method ? (
          <Loading what="Reading the method" error={error} again={again} />
        ) : (
          groups.map(({ title, cuesOnly }) => (
            <section key={title} className="mt-5">
              <h2 className="mb-2 text-xl">{title}</h2>
              <div className="grid gap-x-8 xl:grid-cols-2">
                {method.questions
                  .filter((one) => one.cuesOnly === cuesOnly)
                  .map((question) => (
                    <QuestionField
                      key={question.question}
                      question={question}
                      level={level}
                      closed={method.closed !== null}
                      looking={looking}
                      trialOf={trialOf}
                      totalText={trial.data?.totalText}
                      onLook={setLooking}
                      onChoose={(answer) => choose(question.question, answer)}
                    />
                  ))}
              </div>
            </section>
          ))
        )}
      </main>
      <TrialPane
        person={person}
        onPerson={(next) => go({ person: next })}
        open={open}
        sought={isLong ? sought : null}
        onSeek={setSought}
        trial={trial}
        shown={looking ? trialOf(looking.value) : undefined}
        looking={looking}
      />
    </div>
  );
}

/** Whose method is looked at: from far to near, the nearest answer wins. */
function Levels({
  level,
  name,
  hasPerson,
  onLevel,
}: {
  level: Level;
  name: string;
  hasPerson: boolean;
  onLevel: (level: Level) => void;
}) {
  const words = { practice: 'Practice', trainer: 'Mine', person: 'Person', program: 'Program' };
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
      <div role="group" aria-label="Whose method" className="flex flex-wrap gap-1">
        {LEVELS.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={one === level}
            disabled={!hasPerson && (one === 'person' || one === 'program')}
            onClick={() => onLevel(one)}
            className={cx(
              'min-h-9 rounded-md border px-3 disabled:opacity-50',
              one === level ? 'border-ink bg-ink font-semibold text-ground' : 'border-rung-edge',
            )}
          >
            {words[one]}
          </button>
        ))}
      </div>
      <span className="text-ink2">{level === 'program' && name !== '' ? `the program of ${name}` : name}</span>
    </div>
  );
}

/** One question with its answers; below the practice the first choice is to inherit. */
function QuestionField({
  question,
  level,
  closed,
  looking,
  trialOf,
  totalText,
  onLook,
  onChoose,
}: {
  question: Question;
  level: Level;
  /** Nothing can be answered at this level now. */
  closed: boolean;
  looking: Looking | null;
  trialOf: (answer: Answer) => Trial | undefined;
  totalText: string | undefined;
  onLook: (looking: Looking) => void;
  onChoose: (answer: Answer | null) => void;
}) {
  const inherits = level !== 'practice';
  const isChosen = (answer: Answer) => answer === (inherits ? question.given : question.chosen);
  return (
    <fieldset disabled={closed} className="grid content-start gap-1 border-t border-hairline py-3 disabled:opacity-60">
      <legend className="float-left font-semibold first-letter:uppercase">{question.label}</legend>
      {inherits && (
        <label className="flex min-h-8 items-start gap-2 rounded-sm px-1 py-1">
          <input
            type="radio"
            name={question.question}
            checked={question.given === null}
            onChange={() => onChoose(null)}
            className="mt-1 size-4 shrink-0 accent-rowan"
          />
          <span className={cx(question.given !== null && 'text-ink2')}>inherited: {question.inherited}</span>
        </label>
      )}
      {question.choices.map((choice, index) => {
        const answer = choice.value as Answer;
        const tried = trialOf(answer);
        const look = () => onLook({ value: answer, label: choice.label });
        return (
          <label
            key={answer}
            onPointerEnter={look}
            className={cx('flex min-h-8 items-start gap-2 rounded-sm px-1 py-1', looking?.value === answer && 'bg-sheet')}
          >
            <input
              type="radio"
              name={question.question}
              checked={isChosen(answer)}
              onFocus={look}
              onChange={() => onChoose(answer)}
              className="mt-1 size-4 shrink-0 accent-rowan"
            />
            <span>
              {choice.label}
              {index === 0 && <span className="ml-2 text-sm text-ink3">default</span>}
              {answer !== question.chosen && tried && (
                <span className={cx('block text-sm', tried.changes.length > 0 ? 'text-slate' : 'text-ink3')}>
                  {tried.changes.length === 0
                    ? 'changes nothing in this session'
                    : `changes ${tried.changes.length === 1 ? 'one thing' : `${tried.changes.length} things`} in this session`}
                  {totalText !== undefined && tried.totalText !== totalText && `, ${totalText} → ${tried.totalText}`}
                </span>
              )}
            </span>
          </label>
        );
      })}
      <p className="text-sm text-ink2">{question.effect}</p>
    </fieldset>
  );
}
