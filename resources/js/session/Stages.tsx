import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, http, newId, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { useShortcuts } from '@/frame/keys';
import { sayOnce } from '@/frame/sayOnce';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day, longDay } from '@/ui/day';
import { toast } from '@/ui/notice';
import { plusDays } from '@/ui/typedDate';
import { Dialog } from '@/ui/Dialog';
import { toHeadingNext } from '@/ui/toHeading';
import { openAnew, whenSaved } from './kept';
import { StageForm } from './StageForm';

type Stages = Schemas['StagesView'];
type Stage = Schemas['StageView'];

/** So many days the strip shows at least, and so many beyond the last stage. */
const DAYS = 14;
const BEYOND = 3;

/** The sheet that grows: what comes to this session on later days, on one strip. */
export function Stages({ person, session }: { person: string; session: string }) {
  const ask = { params: { path: { person, session } } };
  const stages = api.useQuery('get', '/api/people/{person}/sessions/{session}/stages', ask, { retry: false });
  const client = useQueryClient();
  const refresh = useRefresh();
  const [adding, setAdding] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [held, setHeld] = useState(false);
  const spread = useRef(newId());
  useShortcuts([{ key: 'l', label: 'a stage of the sheet', run: () => (stages.data ? setAdding(5) : undefined) }]);
  if (!stages.data) return null;
  const key = api.queryOptions('get', '/api/people/{person}/sessions/{session}/stages', ask).queryKey;
  const put = (next: Stages) => client.setQueryData(key, next);
  const take = async (asked: Promise<{ data?: Stages; error?: Refusal }>, said: string, way?: Parameters<typeof toast>[1]) => {
    setBusy(true);
    const { data, error } = await asked;
    setBusy(false);
    setProblem(error ? sentenceOf(error) : null);
    if (!data) return false;
    put(data);
    toast(said, way);
    return true;
  };
  const of = (stage: Stage) => ({ params: { path: { person, session, stage: stage.id } } });
  const bringBack = async (stage: Stage) => {
    const { error } = await http.POST('/api/people/{person}/taken-back/{kind}/{row}', {
      params: { path: { person, kind: 'stages', row: stage.id } },
    });
    toast(error ? sentenceOf(error) : 'It comes again.');
    await stages.refetch();
  };
  const remove = async (stage: Stage) => {
    await take(http.DELETE('/api/people/{person}/sessions/{session}/stages/{stage}', of(stage)), 'Taken out.', {
      action: { label: 'Take back', onClick: () => void bringBack(stage) },
    });
    toHeadingNext('#stages');
  };
  const { data } = stages;
  /** What writes the session on the server waits for what was written here, and lets nothing be written meanwhile: it is read anew. */
  const rewrite = async (asked: () => ReturnType<typeof take>, isRewritten: () => boolean) => {
    setHeld(true);
    if (!(await whenSaved(person, session))) setProblem('What you wrote last is not saved yet. Once it is, press this again.');
    else if ((await asked()) && isRewritten()) return openAnew(session);
    setHeld(false);
  };
  const itemsNow = () => JSON.stringify(client.getQueryData<Stages>(key)?.items);
  const again = async (stage: Stage) => {
    const before = itemsNow();
    await rewrite(
      () => take(http.POST('/api/people/{person}/sessions/{session}/stages/{stage}/again', of(stage)), 'Looked at again.'),
      () => itemsNow() !== before,
    );
    await refresh();
  };
  const oneAWeek = () =>
    rewrite(
      () =>
        take(
          sayOnce(spread, (id) =>
            http.POST('/api/people/{person}/sessions/{session}/stages/one-a-week', { ...ask, body: { id } }),
          ),
          'One a week.',
        ),
      () => true,
    );
  const allAtOnce = () =>
    rewrite(
      () => take(http.DELETE('/api/people/{person}/sessions/{session}/stages/one-a-week', ask), 'All at once again.'),
      () => true,
    );
  return (
    <section aria-labelledby="stages" className="mt-8 grid gap-3 border-t border-hairline pt-4 print:hidden">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 id="stages" className="text-xl">
          A sheet that grows
        </h2>
        <p className="text-sm text-ink2">
          {data.stages.length === 0
            ? 'Press a day: what comes to this session then, by itself.'
            : `Counted from ${longDay(data.beginsOn)}, its first day.`}
        </p>
        <Button className="ml-auto" hotkey="L" onClick={() => setAdding(5)}>
          What comes later
        </Button>
        {data.stages.length === 0 && data.items.length > 1 && (
          <Button look="quiet" disabled={busy} onClick={() => void oneAWeek()}>
            one exercise a week, then the next
          </Button>
        )}
        {data.isSpread && (
          <Button look="quiet" disabled={busy} onClick={() => void allAtOnce()}>
            all exercises at once again
          </Button>
        )}
      </div>
      <Strip stages={data} onDay={setAdding} />
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {data.stages.length > 0 && (
        <ol className="grid gap-1.5">
          {data.stages.map((stage) => (
            <Line
              key={stage.id}
              stage={stage}
              busy={busy}
              onRemove={() => void remove(stage)}
              onAgain={() => void again(stage)}
            />
          ))}
        </ol>
      )}
      <Dialog open={held} onClose={() => undefined} title="A sheet that grows">
        <p role="status">The session is written anew …</p>
      </Dialog>
      {adding !== null && (
        <StageForm
          person={person}
          session={session}
          stages={data}
          day={adding}
          onClose={() => setAdding(null)}
          onAdded={(next) => {
            put(next);
            setAdding(null);
          }}
        />
      )}
    </section>
  );
}

const what = ({ kind, rungName, dose }: Stage): string =>
  kind === 'addition'
    ? `${rungName ?? 'An exercise'} joins in, ${dose ?? ''}`
    : kind === 'dose'
      ? `${rungName ?? 'An exercise'}: ${dose ?? ''}`
      : kind === 'variation'
        ? `${rungName ?? 'Another version'} in its place, ${dose ?? ''}`
        : kind === 're-test'
          ? 'Re-test'
          : 'Follow-up';

function Line({ stage, busy, onRemove, onAgain }: { stage: Stage; busy: boolean; onRemove: () => void; onAgain: () => void }) {
  const isStill = stage.cameOn === null;
  return (
    <li
      className={cx(
        'flex flex-wrap items-baseline gap-x-4 gap-y-1 border-l-4 bg-sheet px-3 py-1.5',
        stage.held ? 'border-ochre' : isStill ? 'border-rail' : 'border-fern',
      )}
    >
      <span className="w-32 shrink-0 text-ink2">
        {stage.when}
        {stage.dueOn && <span className="block text-sm">{day(stage.dueOn)}</span>}
      </span>
      <span className="min-w-0 flex-1">
        <strong>{what(stage)}</strong>
        {stage.message && <span className="block">“{stage.message}”</span>}
        {stage.held && <span className="block text-ochre">Held back: {stage.held}</span>}
        {stage.warning && <span className="block text-ochre">As things stand it will be held back: {stage.warning}</span>}
      </span>
      {stage.held && (
        <Button look="quiet" disabled={busy} onClick={onAgain}>
          try it now
        </Button>
      )}
      {isStill ? (
        <Button look="quiet" disabled={busy} onClick={onRemove}>
          take out
        </Button>
      ) : stage.kind === 'follow-up' || stage.kind === 're-test' ? (
        <Button look="quiet" disabled={busy} onClick={onAgain}>
          seen to
        </Button>
      ) : (
        <span className="text-sm text-fern">came {day(stage.cameOn ?? '')}</span>
      )}
    </li>
  );
}

const mark = { addition: '+', dose: '↕', variation: '⇄', 'follow-up': '◔', 're-test': '◎' } as const;

/** One cell for each day; arrows walk along it, Enter or a press begins a stage on that day. */
function Strip({ stages, onDay }: { stages: Stages; onDay: (day: number) => void }) {
  const daysUntil = (date: string): number => Math.round((Date.parse(date) - Date.parse(stages.beginsOn)) / 86_400_000) + 1;
  const today = daysUntil(stages.today);
  const dues = new Map<number, Stage[]>();
  for (const stage of stages.stages)
    if (stage.dueOn) dues.set(daysUntil(stage.dueOn), [...(dues.get(daysUntil(stage.dueOn)) ?? []), stage]);
  const days = Math.max(DAYS, today + BEYOND, ...[...dues.keys()].map((due) => due + BEYOND));
  const [at, setAt] = useState(Math.max(1, today));
  const walk = (strip: HTMLElement, to: number) => {
    const next = Math.min(days, Math.max(1, to));
    setAt(next);
    strip.querySelector<HTMLElement>(`[data-day="${next}"]`)?.focus();
  };
  return (
    <div className="overflow-x-auto pb-1">
      {/* The arrows belong to the strip as a whole; one of its days has the focus. */}
      {/* oxlint-disable-next-line jsx-a11y/interactive-supports-focus */}
      <div
        role="toolbar"
        aria-label="Days of the sheet"
        className="flex min-w-max"
        onKeyDown={(event) => {
          const by = { ArrowLeft: -1, ArrowRight: 1, PageUp: -7, PageDown: 7 }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          walk(event.currentTarget, at + by);
        }}
      >
        {Array.from({ length: days }, (_, index) => index + 1).map((number) => {
          const here = dues.get(number) ?? [];
          return (
            <button
              key={number}
              type="button"
              data-day={number}
              tabIndex={number === at ? 0 : -1}
              onFocus={() => setAt(number)}
              onClick={() => onDay(Math.max(2, number))}
              aria-label={`Day ${number}, ${longDay(plusDays(stages.beginsOn, number - 1))}${number === today ? ', today' : ''}${here.map((stage) => `: ${what(stage)}`).join('')}`}
              className={cx(
                'grid h-14 w-9 shrink-0 grid-rows-[1fr_auto] items-end justify-items-center border-t border-r border-b border-rail pb-1 first:rounded-l-md first:border-l last:rounded-r-md',
                number < today ? 'bg-ground' : 'bg-paper hover:bg-sheet',
                number === today && 'shadow-[inset_0_-4px_0_var(--ink)]',
              )}
            >
              <span
                aria-hidden="true"
                className={cx(
                  'text-lg leading-none font-bold',
                  here.some(({ held }) => held) ? 'text-ochre' : here.some(({ cameOn }) => cameOn) ? 'text-fern' : 'text-ink',
                )}
              >
                {here.map(({ kind }) => mark[kind]).join('')}
              </span>
              <span aria-hidden="true" className="font-mono text-sm text-ink2">
                {number}
              </span>
            </button>
          );
        })}
      </div>
    </div>
  );
}
