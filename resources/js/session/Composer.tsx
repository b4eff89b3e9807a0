import { DndContext, PointerSensor, closestCenter, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api, type Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { useLibrary } from '@/frame/useLibrary';
import { usePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { copyText } from '@/ui/clipboard';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { Key } from '@/ui/Key';
import { AddExercise } from './AddExercise';
import { BalancePane } from './BalancePane';
import { CircuitHead, RestField } from './CircuitHead';
import { ConflictDialog } from './ConflictDialog';
import { compose, itemsOf, startHistory, withFreshIds, type Block, type Draft, type Part } from './draft';
import { ExerciseRow, type Numbered } from './ExerciseRow';
import { FitDialog } from './FitDialog';
import type { Kept } from './kept';
import { OrderDialog } from './OrderDialog';
import { RepairCard } from './RepairCard';
import { StartDialog, type Start } from './StartDialog';
import { sumsOf, SumsProvider, type AskSum } from './sums';
import { TextDialog } from './TextDialog';
import { TimeStrip } from './TimeStrip';
import { useFit } from './useFit';
import { usePreview } from './usePreview';
import { useContinuousSaving } from './useSaving';

type Preview = Schemas['PreviewView'];

const PARTS: { part: Part; label: string }[] = [
  { part: 'primer', label: 'Primer' },
  { part: 'main', label: 'Main part' },
  { part: 'finisher', label: 'Finisher' },
];

const blocksOf = (preview: Preview): Block[] =>
  preview.blocks.map((block) => ({
    kind: block.kind,
    part: block.part,
    items: block.items.map(({ id, rung, dose }) => ({ id, rung, dose })),
    gapSeconds: block.gapSeconds,
    roundRestSeconds: block.roundRestSeconds,
  }));

/** Writes a session: doses by line or field, order, circuits and parts, with its time, balance and repairs at once. */
export function Composer({
  id,
  version,
  title,
  minutes,
  preview: first,
  kept,
  notes,
  sessions,
  onOpen,
  onStart,
}: {
  id: string;
  /** 0 for a new session. */
  version: number;
  title: string;
  minutes: number | null;
  preview: Preview;
  /** What this device wrote and the server does not have yet. */
  kept: Kept | null;
  notes: Schemas['ReasonView'][];
  sessions: Schemas['SessionLineView'][];
  onOpen: (id: string) => void;
  onStart: (start: Start) => void;
}) {
  const person = usePerson();
  const { library } = useLibrary();
  const navigate = useNavigate();
  // Starts come with ids that every session from the same template would share.
  const [server] = useState<Draft>(() => ({ title, minutes, blocks: blocksOf(first) }));
  const [history, change] = useReducer(compose, null, () => startHistory(kept?.draft ?? server));
  const draft = history.now;
  const { preview, refusal, upToDate } = usePreview(person.id, draft, { preview: first, draft: server });
  const settled = upToDate && preview.complete && refusal === null;
  const saving = useContinuousSaving({
    person: person.id,
    id,
    version: kept?.version ?? version,
    draft,
    ready: settled || refusal?.code === 'offline',
    stored: version === 0 ? null : server,
  });
  const fit = useFit(person.id, id, draft, settled && draft.blocks.length > 0);
  const nextDoses = api.useQuery('get', '/api/people/{person}/sessions/next-doses', { params: { path: { person: person.id } } });
  const [current, setCurrent] = useState<string | null>(null);
  const [picked, setPicked] = useState<string[]>([]);
  const [open, setOpen] = useState<'add' | 'fit' | 'order' | 'start' | null>(null);
  const [swapping, setSwapping] = useState<string | null>(null);
  const [lines, setLines] = useState<string | null>(null);
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

  const items = itemsOf(draft.blocks);
  const order = items.map((item) => item.id);
  const chosen = picked.filter((each) => order.includes(each));
  const views = new Map(preview.blocks.flatMap((block) => block.items.map((item) => [item.id, item])));
  const nameOf = (item: string, rung: string) => views.get(item)?.name ?? library?.rungs.get(rung)?.name ?? rung;
  const isCircuit = draft.blocks.some((block) => block.kind === 'circuit');
  const over = preview.totals.total > preview.targetSeconds;

  // Repairs in the order they are read: row by row, then the session as a whole, then what time is left for.
  let key = 0;
  const numbered = (warning: Schemas['WarningView']): Numbered => ({ warning, key: warning.repair && key < 9 ? ++key : null });
  const rowWarnings = new Map(items.map((item) => [item.id, (views.get(item.id)?.warnings ?? []).map(numbered)]));
  const wholeWarnings = preview.warnings.map(numbered);
  const offer = fit?.offer ? numbered(fit.offer) : null;
  const repairs = [...[...rowWarnings.values()].flat(), ...wholeWarnings, ...(offer ? [offer] : [])];
  const repair = (warning: Schemas['WarningView']) => {
    if (!warning.repair) return;
    change({ do: 'edits', edits: warning.repair.edits });
    toast(warning.repair.label, { action: { label: 'Take back', onClick: () => change({ do: 'undo' }) } });
  };

  const move = (item: string, by: -1 | 1) => {
    change({ do: 'move', items: chosen.includes(item) ? chosen : [item], by });
    requestAnimationFrame(() => rows.current.get(item)?.focus());
  };
  const pick = (item: string, range: boolean) =>
    setPicked((before) => {
      const last = before.at(-1);
      if (range && last) {
        const [a, b] = [order.indexOf(last), order.indexOf(item)].sort((one, other) => one - other);
        return [...new Set([...before, ...order.slice(a, (b ?? 0) + 1)])];
      }
      return before.includes(item) ? before.filter((other) => other !== item) : [...before, item];
    });
  const toggleCircuit = () => {
    if (chosen.length > 1) change({ do: 'circuit', items: chosen });
    else change({ do: isCircuit ? 'straight' : 'circuit' });
    setPicked([]);
  };
  const textOf = (ids: string[]) =>
    draft.blocks
      .flatMap((block) => {
        const here = block.items.filter((item) => ids.includes(item.id));
        const written = here.map((item) => `${nameOf(item.id, item.rung)} ${item.dose}`);
        const rounds = preview.blocks[draft.blocks.indexOf(block)]?.rounds ?? 1;
        return block.kind === 'circuit' && here.length > 1
          ? [
              `${rounds}x{`,
              ...written.map((line, index) => `  ${line}${index < here.length - 1 ? ` r${block.gapSeconds[index]}` : ''}`),
              `} r${block.roundRestSeconds}`,
            ]
          : written;
      })
      .join('\n');
  const copy = (ids: string[]) => {
    void copyText(textOf(ids)).then((copied) => {
      if (copied)
        toast(`Copied ${ids.length === 1 ? 'one exercise' : `${ids.length} exercises`}: paste them into any session, anyone’s.`);
      else setLines(textOf(ids));
    });
  };

  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      if (
        (event.target instanceof HTMLElement && event.target.closest('input, textarea')) ||
        document.querySelector('[role=dialog]')
      )
        return;
      const text = event.clipboardData?.getData('text/plain').trim() ?? '';
      if (text !== '') setLines(text);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, []);

  const sums = useRef<{ of: Draft; asked: ReturnType<typeof sumsOf> } | null>(null);
  const asked = () => {
    if (sums.current?.of !== draft) sums.current = { of: draft, asked: sumsOf(person.id, draft) };
    return sums.current.asked;
  };
  const askSum: AskSum = async (of) => (await asked())?.sums.find((sum) => sum.of === of)?.reason ?? null;
  const openLines = () => {
    if (draft.blocks.length === 0) setLines('');
    else void asked().then((found) => setLines(found ? `# ${draft.title}\n${found.text}` : textOf(order)));
  };

  useShortcuts([
    { key: '/', label: 'first dose', run: () => rows.current.get(order[0] ?? '')?.focus() },
    { key: 'a', label: 'add', run: () => setOpen('add') },
    { key: 't', label: 'type lines', run: openLines },
    { key: 'c', label: 'circuit', run: toggleCircuit },
    { key: 'f', label: 'fit to time', run: () => fit && setOpen('fit') },
    { key: 'o', label: 'order', run: () => items.length > 1 && setOpen('order') },
    { key: 'n', label: 'new session', run: () => setOpen('start') },
    ...repairs.flatMap(({ warning, key: number }) =>
      number === null
        ? []
        : [{ key: String(number), label: warning.repair?.label ?? '', run: () => repair(warning), hidden: true }],
    ),
  ]);

  // A field that was left takes the server's written form, once the server has read what stands in it now.
  const left = useRef<string | null>(null);
  const settle = useCallback(() => {
    const item = preview.blocks.flatMap((block) => block.items).find((other) => other.id === left.current);
    if (!upToDate || !item) return;
    left.current = null;
    if (item.problem === null) change({ do: 'settle', item: item.id, dose: item.dose });
  }, [preview, upToDate]);
  useEffect(settle, [settle]);

  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const drop = ({ active, over: onto, delta }: DragEndEvent) => {
    const dragged = String(active.id);
    if (!onto || dragged === String(onto.id)) return;
    change({
      do: 'place',
      items: chosen.includes(dragged) ? chosen : [dragged],
      over: String(onto.id),
      after: delta.y > 0,
    });
  };

  const problem = refusal ?? saving.refusal;
  const parts = new Set(draft.blocks.map((block) => block.part));
  return (
    <SumsProvider value={askSum}>
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
          <p className="flex shrink-0 items-baseline gap-2">
            <Why title="Length" reasons={preview.clockReason}>
              <span className={cx('font-mono text-2xl font-bold', over && 'text-rowan')}>{preview.totals.totalText}</span>
            </Why>
            <label className="flex items-baseline gap-1 text-ink2">
              of
              <input
                type="number"
                min={1}
                max={180}
                aria-label="Minutes of this session"
                value={draft.minutes ?? person.minutes}
                onChange={(event) => {
                  const minutes = Math.round(Number(event.target.value));
                  change({ do: 'minutes', minutes: minutes === person.minutes || minutes < 1 ? null : Math.min(180, minutes) });
                }}
                className="w-14 rounded-sm border-b border-rail bg-transparent text-right font-mono text-ink"
              />
              min
            </label>
            {preview.optionalText !== '' && (
              <span className="text-ink2">
                optional <span className="font-mono">+{preview.optionalText}</span>
              </span>
            )}
          </p>
        </div>
        <TimeStrip preview={preview} current={current} onPick={(item) => rows.current.get(item)?.focus()} />

        <div className="mt-4 mb-2 flex flex-wrap items-center gap-2">
          {chosen.length > 0 ? (
            <div role="toolbar" aria-label="What was picked" className="flex flex-wrap items-center gap-2">
              <strong className="mr-1">{chosen.length} picked</strong>
              <Button hotkey="C" disabled={chosen.length < 2} onClick={toggleCircuit}>
                {chosen.length === 2 ? 'Superset' : 'Circuit'}
              </Button>
              {draft.blocks.some((block) => block.kind === 'circuit' && block.items.some((item) => chosen.includes(item.id))) && (
                <Button onClick={() => change({ do: 'straight', items: chosen })}>Straight sets</Button>
              )}
              {PARTS.map(({ part, label }) => (
                <Button key={part} onClick={() => change({ do: 'part', items: chosen, part })}>
                  {label}
                </Button>
              ))}
              <Button onClick={() => copy(chosen)}>Copy</Button>
              <Button
                onClick={() => {
                  change({ do: 'remove', items: chosen });
                  setPicked([]);
                }}
              >
                Take out
              </Button>
              <Button look="quiet" onClick={() => setPicked([])}>
                none
              </Button>
            </div>
          ) : (
            <>
              <Button hotkey="A" onClick={() => setOpen('add')}>
                Add
              </Button>
              <Button hotkey="T" onClick={openLines}>
                Type lines
              </Button>
              <Button hotkey="C" onClick={toggleCircuit} disabled={!isCircuit && draft.blocks.length < 2}>
                {isCircuit ? 'As straight sets' : 'As one circuit'}
              </Button>
              <Button hotkey="O" onClick={() => setOpen('order')} disabled={items.length < 2}>
                Order
              </Button>
              <Button hotkey="N" onClick={() => setOpen('start')}>
                New
              </Button>
            </>
          )}
          <span className="ml-auto flex gap-2">
            <Button look="quiet" disabled={history.past.length === 0} onClick={() => change({ do: 'undo' })}>
              Undo
            </Button>
            <Button look="quiet" disabled={history.future.length === 0} onClick={() => change({ do: 'redo' })}>
              Redo
            </Button>
          </span>
        </div>
        {draft.title.trim() === '' && (
          <p role="alert" className="mb-2 font-semibold text-rowan">
            A session needs a title; it is saved once it has one.
          </p>
        )}
        {saving.offline || refusal?.code === 'offline' ? (
          <p role="status" className="mb-2 border-l-4 border-ochre bg-paper p-2 text-sm">
            The server cannot be reached. What you write is kept on this device and sent once it answers; times and shares stand
            as they were.
          </p>
        ) : (
          problem && (
            <p role="alert" className="mb-2 font-semibold text-rowan">
              {Object.values(problem.fields)[0]?.[0] ?? problem.sentence}
            </p>
          )
        )}

        {draft.blocks.length === 0 && (
          <div className="grid justify-items-start gap-3 rounded-lg border border-dashed border-rail p-6">
            <p className="font-semibold">A session needs at least one exercise.</p>
            <p className="text-ink2">
              Type it as lines, such as <span className="font-mono text-ink">front plank 3x(4x10s/5) r30</span>; start from a
              template; or place the person on the{' '}
              <Link to={`/people/${person.id}/board`} className="underline">
                board
              </Link>
              , and the working rungs come here with their doses.
            </p>
            <div className="flex flex-wrap gap-2">
              <Button look="next" hotkey="T" onClick={() => setLines('')}>
                Type lines
              </Button>
              <Button hotkey="N" onClick={() => setOpen('start')}>
                Start from …
              </Button>
            </div>
          </div>
        )}
        <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
          <SortableContext items={order} strategy={verticalListSortingStrategy}>
            <ol className="grid gap-1.5">
              {draft.blocks.map((block, at) => (
                <li key={block.items[0]?.id ?? at} className="grid gap-1.5">
                  {parts.size + (parts.has('main') ? 0 : 1) > 1 && draft.blocks[at - 1]?.part !== block.part && (
                    <h2 className="mt-2 mb-1 text-base">{PARTS.find(({ part }) => part === block.part)?.label}</h2>
                  )}
                  <div className={cx(block.kind === 'circuit' && 'grid gap-1.5 border-l-4 border-ink pl-3')}>
                    {block.kind === 'circuit' && (
                      <CircuitHead
                        view={preview.blocks[at]}
                        stations={block.items.length}
                        roundRest={block.roundRestSeconds}
                        onRoundRest={(seconds) => change({ do: 'round-rest', block: at, seconds })}
                      />
                    )}
                    {block.items.map((item, index) => {
                      const view = views.get(item.id);
                      const next = nextDoses.data?.doses.find((dose) => dose.rung === item.rung);
                      return (
                        <div key={item.id}>
                          {block.kind === 'circuit' && index > 0 && (
                            <RestField
                              label="gap"
                              className="ml-10 py-1"
                              seconds={block.gapSeconds[index - 1] ?? 0}
                              onChange={(seconds) => change({ do: 'gap', block: at, gap: index - 1, seconds })}
                            />
                          )}
                          <ExerciseRow
                            number={order.indexOf(item.id) + 1}
                            name={nameOf(item.id, item.rung)}
                            id={item.id}
                            view={view}
                            dose={item.dose}
                            figure={library?.rungs.get(item.rung)?.figure}
                            straight={block.kind === 'straight'}
                            picked={chosen.includes(item.id)}
                            current={current === item.id}
                            warnings={rowWarnings.get(item.id) ?? []}
                            next={
                              block.kind === 'straight' &&
                              next?.rises &&
                              view?.problem === null &&
                              next.dose !== item.dose && (
                                <p className="flex items-baseline gap-x-1 text-sm text-slate">
                                  <Why title="Next dose" reasons={next.reason}>
                                    △ next <span className="font-mono">{next.dose}</span>
                                  </Why>
                                  <Button
                                    look="quiet"
                                    className="min-h-6 py-0 text-sm"
                                    onClick={() => change({ do: 'swap', item: item.id, rung: item.rung, dose: next.dose })}
                                  >
                                    take it
                                  </Button>
                                </p>
                              )
                            }
                            inputRef={(element) => {
                              if (element) rows.current.set(item.id, element);
                              else rows.current.delete(item.id);
                            }}
                            onFocus={() => setCurrent(item.id)}
                            onBlur={() => setCurrent(null)}
                            onPick={(range) => pick(item.id, range)}
                            onMove={(by) => move(item.id, by)}
                            onDose={(dose) => change({ do: 'dose', item: item.id, dose })}
                            onSettle={() => {
                              left.current = item.id;
                              settle();
                            }}
                            onSwap={() => setSwapping(item.id)}
                            onRemove={() => change({ do: 'remove', items: [item.id] })}
                          />
                        </div>
                      );
                    })}
                  </div>
                </li>
              ))}
            </ol>
          </SortableContext>
        </DndContext>
      </main>
      <Pane label="Where the work falls">
        <div className="flex flex-col gap-4 lg:min-h-full">
          <BalancePane preview={preview} aim={person.aimText} />
          {fit && fit.over > 0 && (
            <section className="grid justify-items-start gap-2 border-l-4 border-rowan bg-paper p-3">
              <p className="text-sm">{fit.sentence}</p>
              {fit.steps.length > 0 && (
                <Button hotkey="F" className="font-semibold" onClick={() => setOpen('fit')}>
                  Fit to time
                </Button>
              )}
            </section>
          )}
          {[...[...rowWarnings.values()].flat(), ...wholeWarnings]
            .filter(({ warning, key: number }) => number !== null || wholeWarnings.some((whole) => whole.warning === warning))
            .map(({ warning, key: number }, index) => (
              <RepairCard key={index} warning={warning} number={number} tone="watch" onRepair={() => repair(warning)} />
            ))}
          {offer && (
            <RepairCard warning={offer.warning} number={offer.key} tone="information" onRepair={() => repair(offer.warning)} />
          )}
          {notes.length > 0 && (
            <section className="grid gap-2 border-l-4 border-slate bg-paper p-3">
              <h3>How it started</h3>
              {notes.map((note, index) => (
                <Why key={index} title="How it started" reasons={note} className="text-sm">
                  {note.sentence}
                </Why>
              ))}
            </section>
          )}
          <section className="grid min-w-0 gap-1">
            <label className="grid min-w-0 gap-1 text-sm text-ink2">
              Other sessions
              <select
                value={sessions.some((line) => line.id === id) ? id : 'new'}
                onChange={(event) => (event.target.value === 'new' ? setOpen('start') : onOpen(event.target.value))}
                className="min-h-9 w-full min-w-0 rounded-md border border-rung-edge bg-paper px-2 text-ink"
              >
                {sessions.map((line) => (
                  <option key={line.id} value={line.id}>
                    {line.title}
                    {line.lastDone ? ` · done ${day(line.lastDone)}` : ''}
                  </option>
                ))}
                <option value="new">New …</option>
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
              A dose <Key>/</Key> · undo <Key>Ctrl Z</Key> · paste lines <Key>Ctrl V</Key>
            </p>
          </div>
        </div>
      </Pane>
      <AddExercise
        person={person.id}
        open={open === 'add' || swapping !== null}
        near={swapping === null ? null : (items.find((item) => item.id === swapping)?.rung ?? null)}
        onClose={() => {
          setOpen(null);
          setSwapping(null);
        }}
        onAdd={(rung, dose) => change(swapping === null ? { do: 'add', rung, dose } : { do: 'swap', item: swapping, rung, dose })}
      />
      <FitDialog
        fit={open === 'fit' ? fit : null}
        target={preview.targetText}
        onClose={() => setOpen(null)}
        onTake={(blocks, steps) => {
          change({ do: 'blocks', blocks });
          setOpen(null);
          toast(steps === 1 ? 'One step taken.' : `${steps} steps taken.`, {
            action: { label: 'Take back', onClick: () => change({ do: 'undo' }) },
          });
        }}
      />
      <OrderDialog
        person={person.id}
        blocks={draft.blocks}
        open={open === 'order'}
        onClose={() => setOpen(null)}
        onTake={(taken) => {
          change({ do: 'blocks', blocks: taken.blocks });
          setOpen(null);
        }}
      />
      <StartDialog
        person={person.id}
        open={open === 'start'}
        onClose={() => setOpen(null)}
        onStart={(start) => {
          setOpen(null);
          onStart(start);
        }}
      />
      <TextDialog
        person={person.id}
        start={lines}
        onClose={() => setLines(null)}
        onTake={(read, how) => {
          if (how === 'added') change({ do: 'append', blocks: read.blocks });
          else change({ do: 'blocks', blocks: withFreshIds(read.blocks), title: read.title });
          setLines(null);
        }}
      />
      <ConflictDialog
        mine={{
          title: draft.title,
          lines: items.map((item) => `${nameOf(item.id, item.rung)}: ${item.dose}`),
        }}
        theirs={
          saving.theirs && {
            title: saving.theirs.title,
            lines: saving.theirs.preview.blocks.flatMap((block) => block.items.map((item) => `${item.name}: ${item.dose}`)),
          }
        }
        onMine={saving.saveMine}
        onTheirs={saving.takeTheirs}
      />
    </SumsProvider>
  );
}
