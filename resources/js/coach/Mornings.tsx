import { useState } from 'react';
import { http, newId, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Scale } from '@/ui/Scale';

type Question = Schemas['MorningQuestionView'];

/** Asks, ladder by ladder, how it was the morning after the last session. */
export function Mornings({ person, questions, onDone }: { person: string; questions: Question[]; onDone: () => void }) {
  const [answers, setAnswers] = useState<Record<string, { pain: number; worse: boolean }>>(() =>
    Object.fromEntries(questions.map((question) => [question.ladder, { pain: 0, worse: false }])),
  );
  const [problem, setProblem] = useState<string | null>(null);
  const [ids] = useState(() => Object.fromEntries(questions.map((question) => [question.ladder, newId()])));

  const save = async () => {
    for (const question of questions) {
      const { error } = await http.POST('/api/people/{person}/mornings', {
        params: { path: { person } },
        body: {
          id: ids[question.ladder] ?? newId(),
          log: question.log,
          ladder: question.ladder,
          ...(answers[question.ladder] ?? { pain: 0, worse: false }),
        },
      });
      if (error) return setProblem(error.sentence);
    }
    onDone();
  };

  return (
    <section className="grid gap-3 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-xl">How was the morning after {day(questions[0]?.doneOn ?? '')}?</h1>
      {questions.map((question) => {
        const answer = answers[question.ladder] ?? { pain: 0, worse: false };
        const change = (next: Partial<typeof answer>) => setAnswers({ ...answers, [question.ladder]: { ...answer, ...next } });
        return (
          <fieldset key={question.ladder} className="grid gap-1">
            <legend className="mb-1">
              <strong>{question.name}</strong>
              {question.pain !== null && <span className="text-ink2">, pain {question.pain} in the session</span>}
            </legend>
            <Scale name="pain" value={answer.pain} onChange={(pain) => change({ pain })} />
            <label className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="size-5 accent-rowan"
                checked={answer.worse}
                onChange={(event) => change({ worse: event.target.checked })}
              />
              worse than before the session
            </label>
          </fieldset>
        );
      })}
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button look="next" onClick={() => void save()}>
          Save the morning
        </Button>
        <Button look="quiet" onClick={onDone}>
          not asked today
        </Button>
      </div>
    </section>
  );
}
