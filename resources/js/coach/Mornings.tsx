import { useRef, useState } from 'react';
import { http, newId, type Schemas } from '@/api/client';
import { sayOnce } from '@/frame/sayOnce';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Scale } from '@/ui/Scale';

type Question = Schemas['MorningQuestionView'];

interface Answer {
  /** null until it is told: not asked is not none */
  pain: number | null;
  worse: boolean;
}
const UNTOLD: Answer = { pain: null, worse: false };

/** Asks, ladder by ladder, how it was the morning after the last session; what is not told is not kept. */
export function Mornings({ person, questions, onDone }: { person: string; questions: Question[]; onDone: () => void }) {
  const [answers, setAnswers] = useState<Record<string, Answer>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const ids = useRef(new Map(questions.map((question) => [question.ladder, { current: newId() }])));

  const of = (question: Question): Answer => answers[question.ladder] ?? UNTOLD;
  const told = questions.filter((question) => of(question).pain !== null);
  const save = async (answerTo: (question: Question) => Answer) => {
    const half = questions.find((question) => answerTo(question).worse && answerTo(question).pain === null);
    if (half) return setProblem(`${half.name} is worse than before: say how much, from 0 to 10.`);
    for (const question of questions) {
      const { pain, worse } = answerTo(question);
      if (pain === null) continue;
      const { error } = await sayOnce(ids.current.get(question.ladder) ?? { current: newId() }, (id) =>
        http.POST('/api/people/{person}/mornings', {
          params: { path: { person } },
          body: { id, log: question.log, ladder: question.ladder, pain, worse },
        }),
      );
      if (error) return setProblem(error.sentence);
    }
    onDone();
  };

  return (
    <section className="grid gap-3 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-xl">How was the morning after {day(questions[0]?.doneOn ?? '')}?</h1>
      {questions.map((question) => {
        const answer = of(question);
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
        <Button
          look={Object.keys(answers).length === 0 ? 'next' : 'floor'}
          onClick={() => void save(() => ({ pain: 0, worse: false }))}
          disabled={questions.some((question) => (of(question).pain ?? 0) > 0 || of(question).worse)}
        >
          Nothing anywhere
        </Button>
        {Object.keys(answers).length > 0 && (
          <Button look="next" onClick={() => void save(of)}>
            Save the morning{told.length < questions.length && `, ${told.length} of ${questions.length}`}
          </Button>
        )}
        <Button look="quiet" onClick={onDone}>
          not asked today
        </Button>
      </div>
    </section>
  );
}
