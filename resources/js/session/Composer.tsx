import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { useLibrary } from '@/frame/useLibrary';
import { usePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Key } from '@/ui/Key';
import { AddExercise } from './AddExercise';
import { DoseEditor } from './DoseEditor';
import { compose, startHistory, type Block } from './draft';
import { TimeStrip } from './TimeStrip';
import { usePreview } from './usePreview';
import { useContinuousSaving } from './useSaving';

type Preview = Schemas['PreviewView'];

const blocksOf = (preview: Preview): Block[] =>
  preview.blocks.map((block) => ({
    kind: block.kind,
    items: block.items.map(({ id, rung, dose }) => ({ id, rung, dose })),
    gapSeconds: block.gapSeconds,
    roundRestSeconds: block.roundRestSeconds,
  }));

/** Writes a session: doses by line or field, order, one circuit or straight sets, with its time and balance at once. */
export function Composer({
  id,
  version,
  title,
  preview: first,
  notes,
  sessions,
  onOpen,
}: {
  id: string;
  version: number;
  title: string;
  preview: Preview;
  notes: Schemas['ReasonView'][];
  sessions: Schemas['SessionLineView'][];
  onOpen: (id: string) => void;
}) {
  const person = usePerson();
  const { library } = useLibrary();
  const navigate = useNavigate();
  const [history, change] = useReducer(compose, null, () => startHistory({ title, blocks: blocksOf(first) }));
  const draft = history.now;
  const { preview, refusal, upToDate } = usePreview(person.id, draft.blocks, first);
  const saving = useContinuousSaving({
    person: person.id,
    id,
    version,
    draft,
    ready: upToDate && preview.complete && refusal === null,
    isNew: version === 0,
  });
  const [current, setCurrent] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const rows = useRef(new Map<string, HTMLInputElement>());

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || document.querySelector('[role=dialog]')) return;
      event.preventDefault();
      change({ do: event.shiftKey ? 'redo' : 'undo' });
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);

  const isCircuit = draft.blocks.some((block) => block.kind === 'circuit');
  const toggleCircuit = () => change({ do: isCircuit ? 'straight' : 'circuit' });
  useShortcuts([
    { key: '/', label: 'first dose', run: () => rows.current.get(draft.blocks[0]?.items[0]?.id ?? '')?.focus() },
    { key: 'a', label: 'add', run: () => setAdding(true) },
    { key: 'c', label: 'circuit', run: toggleCircuit },
  ]);

  const views = new Map(preview.blocks.flatMap((block) => block.items.map((item) => [item.id, item])));
  const over = preview.totals.total > preview.targetSeconds;
  const warnings = preview.warnings;
  // A field that was left takes the server's written form, once the server has read what stands in it now.
  const left = useRef<string | null>(null);
  const settle = useCallback(() => {
    const item = preview.blocks.flatMap((block) => block.items).find((other) => other.id === left.current);
    if (!upToDate || !item) return;
    left.current = null;
    if (item.problem === null) change({ do: 'settle', item: item.id, dose: item.dose });
  }, [preview, upToDate]);
  useEffect(settle, [settle]);
  const numbers = new Map(draft.blocks.flatMap((block) => block.items).map((item, index) => [item.id, index + 1]));

  return (
    <>
      <main className="relative min-w-0 flex-1 overflow-y-auto px-4 pt-4 pb-6">
        <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
          <h1 className="min-w-0 flex-1 max-sm:basis-full">
            <input
              aria-label="Title of the session"
              value={draft.title}
              maxLength={120}
              onChange={(event) => change({ do: 'title', title: event.target.value })}
              className="w-full min-w-40 rounded-sm border-b border-transparent bg-transparent font-display text-3xl font-[650] hover:border-rail"
            />
          </h1>
          <Why title="Length" reasons={preview.clockReason} className="shrink-0">
            <span className={cx('font-mono text-2xl font-bold', over && 'text-rowan')}>{preview.totals.totalText}</span>{' '}
            <span className="text-ink2">
              of <span className="font-mono">{preview.targetText}</span>
            </span>
          </Why>
        </div>
        <TimeStrip preview={preview} current={current} onPick={(item) => rows.current.get(item)?.focus()} />

        <div className="mt-4 mb-2 flex flex-wrap gap-2">
          <Button hotkey="A" onClick={() => setAdding(true)}>
            Add an exercise
          </Button>
          <Button hotkey="C" onClick={toggleCircuit} disabled={!isCircuit && draft.blocks.length < 2}>
            {isCircuit ? 'As straight sets' : 'As one circuit'}
          </Button>
          <span className="ml-auto flex gap-2">
            <Button disabled={history.past.length === 0} onClick={() => change({ do: 'undo' })}>
              Undo
            </Button>
            <Button disabled={history.future.length === 0} onClick={() => change({ do: 'redo' })}>
              Redo
            </Button>
          </span>
        </div>
        {draft.title.trim() === '' && (
          <p role="alert" className="mb-2 font-semibold text-rowan">
            A session needs a title; it is saved once it has one.
          </p>
        )}
        {(refusal ?? saving.refusal) && (
          <p role="alert" className="mb-2 font-semibold text-rowan">
            {Object.values((refusal ?? saving.refusal)?.fields ?? {})[0]?.[0] ?? (refusal ?? saving.refusal)?.sentence}
          </p>
        )}

        {draft.blocks.length === 0 && (
          <div className="grid gap-2 rounded-lg border border-dashed border-rail p-6">
            <p className="font-semibold">A session needs at least one exercise.</p>
            <p className="text-ink2">
              Place the person on the{' '}
              <Link to={`/people/${person.id}/board`} className="underline">
                board
              </Link>
              , and the working rungs come here with their doses; or add an exercise by name.
            </p>
          </div>
        )}
        <ol className="grid gap-1.5">
          {draft.blocks.map((block, at) => (
            <li
              key={block.items[0]?.id ?? at}
              className={cx(block.kind === 'circuit' && 'grid gap-1.5 border-l-4 border-ink pl-3')}
            >
              {block.kind === 'circuit' && (
                <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                  <strong>Circuit, {preview.blocks[at]?.rounds ?? 1} rounds</strong>
                  <label className="flex items-center gap-2 text-sm text-ink2">
                    between rounds
                    <input
                      type="number"
                      min={0}
                      max={600}
                      value={block.roundRestSeconds}
                      onChange={(event) => change({ do: 'round-rest', block: at, seconds: Number(event.target.value) })}
                      className="min-h-8 w-18 rounded-md border border-rung-edge bg-paper px-2 font-mono text-ink"
                    />
                    s
                  </label>
                  <span className="ml-auto font-mono">{preview.blocks[at]?.totals?.totalText}</span>
                </div>
              )}
              {block.items.map((item, index) => {
                const view = views.get(item.id);
                const figure = library?.rungs.get(item.rung)?.figure;
                return (
                  <div key={item.id}>
                    {block.kind === 'circuit' && index > 0 && (
                      <label className="ml-10 flex items-center gap-2 py-1 text-sm text-ink2">
                        gap
                        <input
                          type="number"
                          min={0}
                          max={600}
                          value={block.gapSeconds[index - 1] ?? 0}
                          onChange={(event) =>
                            change({ do: 'gap', block: at, gap: index - 1, seconds: Number(event.target.value) })
                          }
                          className="min-h-7 w-16 rounded-md border border-rung-edge bg-paper px-2 font-mono text-ink"
                        />
                        s
                      </label>
                    )}
                    {/* Alt with an arrow moves the exercise whose row has the focus. */}
                    {/* eslint-disable-next-line jsx-a11y/no-static-element-interactions */}
                    <div
                      onFocus={() => setCurrent(item.id)}
                      onBlur={() => setCurrent(null)}
                      onKeyDown={(event) => {
                        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
                        event.preventDefault();
                        change({ do: 'move', item: item.id, by: event.key === 'ArrowUp' ? -1 : 1 });
                        requestAnimationFrame(() => rows.current.get(item.id)?.focus());
                      }}
                      className={cx(
                        'grid items-center gap-x-3 gap-y-1 rounded-md border bg-sheet px-3 py-2 sm:grid-cols-[1.25rem_4rem_minmax(0,1fr)_auto_3.2rem_auto]',
                        current === item.id ? 'border-ink' : 'border-hairline',
                      )}
                    >
                      <span className="font-mono text-sm text-ink3 max-sm:hidden">{numbers.get(item.id)}</span>
                      <span className="max-sm:hidden">{figure && <Figure figure={figure} plain className="h-11 w-16" />}</span>
                      <div className="min-w-0">
                        <p className="font-semibold">
                          {view?.name ?? item.rung}{' '}
                          <span className="font-mono text-sm font-normal text-ink2">{view?.heightText}</span>
                        </p>
                        <p className="text-sm text-ink2">
                          {view &&
                            [view.doseText, view.tempoText, block.kind === 'straight' ? view.restText : '']
                              .filter(Boolean)
                              .join(' · ')}
                        </p>
                        {view?.warnings.map((warning, which) => (
                          <Why key={which} title="Warning" reasons={warning} className="block text-sm text-ochre">
                            ◇ {warning.sentence}
                          </Why>
                        ))}
                        {view?.swap && view.swap.rung !== item.rung && (
                          <Button
                            className="mt-1 text-sm"
                            onClick={() =>
                              view.swap && change({ do: 'swap', item: item.id, rung: view.swap.rung, dose: view.swap.dose })
                            }
                          >
                            Swap to the working rung
                          </Button>
                        )}
                      </div>
                      {view ? (
                        <DoseEditor
                          item={view}
                          value={item.dose}
                          onChange={(dose) => change({ do: 'dose', item: item.id, dose })}
                          onSettle={() => {
                            left.current = item.id;
                            settle();
                          }}
                          inputRef={(element) => {
                            if (element) rows.current.set(item.id, element);
                            else rows.current.delete(item.id);
                          }}
                        />
                      ) : (
                        <span className="font-mono">{item.dose}</span>
                      )}
                      <span className="text-right font-mono">{view?.totals?.totalText ?? '–'}</span>
                      <span className="flex">
                        <Button
                          look="quiet"
                          aria-label={`Move ${view?.name ?? ''} up`}
                          title="Up (Alt ↑)"
                          className="min-w-7 justify-center no-underline"
                          onClick={() => change({ do: 'move', item: item.id, by: -1 })}
                        >
                          ↑
                        </Button>
                        <Button
                          look="quiet"
                          aria-label={`Move ${view?.name ?? ''} down`}
                          title="Down (Alt ↓)"
                          className="min-w-7 justify-center no-underline"
                          onClick={() => change({ do: 'move', item: item.id, by: 1 })}
                        >
                          ↓
                        </Button>
                        <Button
                          look="quiet"
                          aria-label={`Remove ${view?.name ?? ''}`}
                          title="Remove"
                          className="min-w-7 justify-center no-underline"
                          onClick={() => change({ do: 'remove', item: item.id })}
                        >
                          ×
                        </Button>
                      </span>
                    </div>
                  </div>
                );
              })}
            </li>
          ))}
        </ol>
      </main>
      <Pane label="Where the work falls">
        <div className="flex flex-col gap-5 lg:min-h-full">
          <section className="grid gap-2">
            <p className="text-sm text-ink2">Where the work falls</p>
            <h2 className="text-xl">
              <Why title="Shares of work" reasons={preview.sharesReason}>
                {(preview.agreement / 10).toFixed(0)} % in line with the aim
              </Why>
            </h2>
            <p className="text-sm text-ink2">{person.aimText}</p>
            <dl className="grid gap-1.5">
              {preview.shares.map((share) => (
                <div key={share.demand} className="grid grid-cols-[6.8rem_1fr_2.6rem] items-center gap-2 text-sm">
                  <dt className="first-letter:uppercase">{share.shortName}</dt>
                  <dd className="relative h-3 rounded-sm bg-rung">
                    <span
                      className="absolute inset-y-0 left-0 rounded-sm bg-ink"
                      style={{ width: `${Math.min(100, share.share / 5)}%` }}
                    />
                    <span
                      title={`aim ${(share.target / 10).toFixed(0)} %`}
                      className="absolute -inset-y-0.5 w-0.5 bg-rowan"
                      style={{ left: `${Math.min(100, share.target / 5)}%` }}
                    />
                  </dd>
                  <dd className="text-right font-mono font-bold">{(share.share / 10).toFixed(0)} %</dd>
                </div>
              ))}
            </dl>
            <p className="text-sm text-ink3">Red mark: the share the aim asks for. Bars end at 50 %.</p>
          </section>
          {notes.length > 0 && (
            <section className="grid gap-2 border-l-4 border-slate bg-paper p-3">
              <h3>From the board</h3>
              {notes.map((note, index) => (
                <Why key={index} title="From the board" reasons={note} className="text-sm">
                  {note.sentence}
                </Why>
              ))}
            </section>
          )}
          {warnings.length > 0 && (
            <section className="grid gap-2 border-l-4 border-ochre bg-paper p-3">
              <h3>Look at</h3>
              {warnings.map((warning, index) => (
                <Why key={index} title="Warning" reasons={warning} className="text-sm">
                  {warning.sentence}
                </Why>
              ))}
            </section>
          )}
          <section className="grid min-w-0 gap-1">
            <label className="grid min-w-0 gap-1 text-sm text-ink2">
              Other sessions
              <select
                value={sessions.some((line) => line.id === id) ? id : 'new'}
                onChange={(event) => onOpen(event.target.value)}
                className="min-h-9 w-full min-w-0 rounded-md border border-rung-edge bg-paper px-2 text-ink"
              >
                {sessions.map((line) => (
                  <option key={line.id} value={line.id}>
                    {line.title}
                    {line.lastDone ? ` · done ${day(line.lastDone)}` : ''}
                  </option>
                ))}
                <option value="new">New, from the board</option>
              </select>
            </label>
          </section>
          <div className="mt-auto grid gap-2">
            <Button
              look="next"
              disabled={!preview.complete || draft.blocks.length === 0}
              onClick={() => void navigate(`/people/${person.id}/sheet?s=${id}`)}
            >
              Hand it over
            </Button>
            <p className="text-sm text-ink3 max-lg:hidden">
              Type a line <Key>/</Key> · undo <Key>Ctrl Z</Key>
            </p>
          </div>
        </div>
      </Pane>
      <AddExercise
        person={person.id}
        open={adding}
        onClose={() => setAdding(false)}
        onAdd={(rung, dose) => change({ do: 'add', rung, dose })}
      />
      <Dialog open={saving.theirs !== null} onClose={() => undefined} title="Changed somewhere else in the meantime">
        <p>Nothing was overwritten. Look at both and decide:</p>
        <div className="grid grid-cols-2 gap-4">
          {[
            {
              head: 'Yours',
              title: draft.title,
              lines: draft.blocks.flatMap((block) =>
                block.items.map((item) => `${views.get(item.id)?.name ?? item.rung}: ${item.dose}`),
              ),
            },
            {
              head: 'Saved meanwhile',
              title: saving.theirs?.title ?? '',
              lines:
                saving.theirs?.preview.blocks.flatMap((block) => block.items.map((item) => `${item.name}: ${item.dose}`)) ?? [],
            },
          ].map(({ head, title: name, lines }) => (
            <div key={head}>
              <h3>{head}</h3>
              <p className="font-semibold">{name}</p>
              <ul className="text-sm">
                {lines.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </div>
          ))}
        </div>
        <div className="flex gap-3">
          <Button onClick={saving.saveMine}>Save mine over it</Button>
          <Button onClick={() => window.location.reload()}>Take theirs</Button>
        </div>
      </Dialog>
    </>
  );
}
