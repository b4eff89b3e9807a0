import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, http, newId, sentenceOf, type Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Loading } from '@/ui/Loading';

type LoggedSet = Schemas['LoggedSetView'];
const FIGURES = ['both', 'left', 'right', 'effort', 'pain'] as const;
type Figure = (typeof FIGURES)[number];
type Typed = Partial<Record<Figure, string>>;

const head: Record<Figure, string> = { both: 'done', left: 'left', right: 'right', effort: 'effort', pain: 'pain' };
const keyOf = (set: LoggedSet): string => `${set.item} ${set.set}`;

/** What was told of a training, set by set: a typing error is put right, and what was told stays beside it. */
export function CorrectSets({ person, log, onClose }: { person: string; log: string; onClose: () => void }) {
  const ask = { params: { path: { person, log } } };
  const logged = api.useQuery('get', '/api/people/{person}/logs/{log}/sets', ask);
  const client = useQueryClient();
  const refresh = useRefresh();
  const [typed, setTyped] = useState<Partial<Record<string, Typed>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const shown = (set: LoggedSet, figure: Figure): string => typed[keyOf(set)]?.[figure] ?? set[figure]?.toString() ?? '';
  const number = (text: string): number | null => (text.trim() === '' ? null : Number(text));
  const changed = (set: LoggedSet) => FIGURES.some((figure) => number(shown(set, figure)) !== set[figure]);
  const isWrong = (text: string) => text.trim() !== '' && !/^\d{1,4}$/.test(text.trim());
  const save = async (sets: LoggedSet[]) => {
    if (sets.some((set) => FIGURES.some((figure) => isWrong(shown(set, figure)))))
      return setProblem('Something that was typed is no whole number.');
    setBusy(true);
    for (const set of sets.filter(changed)) {
      const [both, left, right, effort, pain] = FIGURES.map((figure) => number(shown(set, figure)));
      const { data, error } = await http.POST('/api/people/{person}/logs/{log}/corrections', {
        ...ask,
        body: {
          id: newId(),
          item: set.item,
          set: set.set,
          both: both ?? null,
          left: left ?? null,
          right: right ?? null,
          effort: effort ?? null,
          pain: pain ?? null,
        },
      });
      if (error) {
        setBusy(false);
        return setProblem(sentenceOf(error));
      }
      client.setQueryData(api.queryOptions('get', '/api/people/{person}/logs/{log}/sets', ask).queryKey, data);
    }
    await refresh();
    onClose();
  };
  const { data } = logged;
  return (
    <Dialog open onClose={onClose} title="Correct a typing error" wide>
      {!data ? (
        <Loading what="Reading what was told" error={logged.error} again={() => void logged.refetch()} />
      ) : (
        <>
          <p>
            “{data.title}”, {day(data.doneOn)}
            {data.atHome && ', told at home'}. What was told stays beside what is right; decisions that were taken stand.
          </p>
          <table className="w-full text-left">
            <thead className="text-sm text-ink2">
              <tr>
                <th className="font-normal">set</th>
                {FIGURES.map((figure) => (
                  <th key={figure} className="font-normal">
                    {head[figure]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {data.sets.map((set) => (
                <tr key={keyOf(set)} className="border-t border-hairline align-top">
                  <td className="py-2 pr-3">
                    {set.name}, {set.set}
                    {set.was.map((was) => (
                      <span key={was} className="block text-sm text-ink2">
                        told: {was}
                      </span>
                    ))}
                  </td>
                  {FIGURES.map((figure) => (
                    <td key={figure} className="py-1 pr-2">
                      {(figure === 'effort' || figure === 'pain' || set[figure] !== null) && (
                        <input
                          aria-label={`${set.name}, set ${set.set}, ${head[figure]}`}
                          inputMode="numeric"
                          className="field w-16! font-mono"
                          aria-invalid={isWrong(shown(set, figure)) || undefined}
                          value={shown(set, figure)}
                          onChange={(event) => {
                            setProblem(null);
                            setTyped({ ...typed, [keyOf(set)]: { ...typed[keyOf(set)], [figure]: event.target.value } });
                          }}
                        />
                      )}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          {problem && (
            <p role="alert" className="font-semibold text-rowan">
              {problem}
            </p>
          )}
          <div className="flex flex-wrap gap-3">
            <Button look="next" disabled={busy || !data.sets.some(changed)} onClick={() => void save(data.sets)}>
              Put it right
            </Button>
            <Button onClick={onClose}>Back</Button>
          </div>
        </>
      )}
    </Dialog>
  );
}
