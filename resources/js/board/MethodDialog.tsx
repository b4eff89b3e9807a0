import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, http, refusalOf } from '@/api/client';
import { savedNow } from '@/frame/saving';
import { Dialog } from '@/ui/Dialog';
import { Loading } from '@/ui/Loading';

/** The practice's answers that change which rungs are offered, each with what it does. */
export function MethodDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const client = useQueryClient();
  const method = api.useQuery('get', '/api/method', {}, { enabled: open });
  const [problem, setProblem] = useState<string | null>(null);

  const choose = async (question: string, choice: string) => {
    if (!method.data) return;
    const { error } = await http
      .PUT('/api/method', { body: { version: method.data.version, question, choice } })
      .catch((failed: unknown) => ({ error: failed }));
    setProblem(error ? refusalOf(error).sentence : null);
    if (!error) savedNow();
    await client.invalidateQueries();
  };

  return (
    <Dialog open={open} onClose={onClose} title="Method of this practice">
      <p className="text-ink2">
        Schools of the trade differ here. The answers hold for everybody in the practice and can be changed back at any time.
      </p>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {!method.data ? (
        <Loading what="Reading the method" error={method.error} again={() => void method.refetch()} />
      ) : (
        <div className="grid gap-4">
          {method.data.questions.map((question) => (
            <fieldset key={question.question} className="grid gap-1 border-t border-hairline pt-2">
              <legend className="float-left font-semibold first-letter:uppercase">{question.label}</legend>
              <div className="grid gap-0.5">
                {question.choices.map((choice, index) => (
                  <label key={choice} className="flex min-h-7 items-center gap-2">
                    <input
                      type="radio"
                      name={question.question}
                      checked={choice === question.chosen}
                      onChange={() => void choose(question.question, choice)}
                      className="size-4 accent-rowan"
                    />
                    {choice}
                    {index === 0 && <span className="text-sm text-ink3">default</span>}
                  </label>
                ))}
              </div>
              <p className="text-sm text-ink2">{question.effect}</p>
            </fieldset>
          ))}
        </div>
      )}
    </Dialog>
  );
}
