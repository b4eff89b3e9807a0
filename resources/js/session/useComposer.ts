import { createContext, useCallback, useContext, useEffect, useReducer, useRef, useState } from 'react';
import { toast } from '@/ui/notice';
import { api, sentenceOf, type Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { useLibrary } from '@/frame/useLibrary';
import { usePerson } from '@/frame/usePerson';
import { copyText } from '@/ui/clipboard';
import { compose, inDueDoses, itemsOf, startHistory, without, type Block, type Draft } from './draft';
import type { Numbered } from './ExerciseRow';
import { isSame } from '@/editor/device';
import { keepSteps, stepsTo, type Kept } from './kept';
import type { Start } from './StartDialog';
import { sumsOf, type AskSum } from './sums';
import { useFit } from './useFit';
import { usePreview } from './usePreview';
import { useContinuousSaving } from './useSaving';

type Preview = Schemas['PreviewView'];
type Warning = Schemas['WarningView'];

export interface ComposerProps {
  id: string;
  /** 0 for a new session. */
  version: number;
  title: string;
  minutes: number | null;
  picks: number | null;
  preview: Preview;
  /** What this device wrote and the server does not have yet. */
  kept: Kept | null;
  notes: Schemas['ReasonView'][];
  /** A new session somebody asked for, or one that is kept: not one that an address made. */
  begun: boolean;
  /** Where a new session comes from; null for one that is there. */
  origin: string | null;
  sessions: Schemas['SessionLineView'][];
  /** Reads older ones; null when there are none. */
  more: (() => Promise<unknown>) | null;
  /** Let go of, and still to be brought back. */
  gone: Schemas['DeletedSessionView'][];
  onOpen: (id: string) => void;
  onStart: (start: Start) => void;
}

const blocksOf = (preview: Preview): Block[] =>
  preview.blocks.map((block) => ({
    kind: block.kind,
    part: block.part,
    items: block.items.map(({ id, rung, dose }) => ({ id, rung, dose })),
    gapSeconds: block.gapSeconds,
    roundRestSeconds: block.roundRestSeconds,
  }));

/** The session as it is written: its history, what it comes to, and how it is saved. */
function useWriting({ id, version, title, minutes, picks, preview: first, kept: onDevice, begun, origin }: ComposerProps) {
  const person = usePerson();
  // Starts come with ids that every session from the same template would share.
  const [server] = useState<Draft>(() => ({ title, minutes, ...(picks !== null && { picks }), blocks: blocksOf(first) }));
  // What was sent as the page went may be with the server by now: then it goes on from there.
  const [kept] = useState(() => (isSame(onDevice?.draft, server) ? null : onDevice));
  const [history, change] = useReducer(compose, null, () => {
    const now = kept?.draft ?? server;
    return startHistory(now, stepsTo(person.id, id, now));
  });
  const draft = history.now;
  useEffect(() => {
    if (history.past.length > 0) keepSteps(person.id, id, history.past, history.now);
  }, [history.past, history.now, person.id, id]);
  const { preview, refusal, upToDate, again } = usePreview(person.id, draft, { preview: first, draft: server });
  const settled = upToDate && preview.complete && refusal === null;
  const saving = useContinuousSaving({
    person: person.id,
    id,
    version: kept?.version ?? version,
    draft,
    ready: settled || refusal?.code === 'offline',
    // What a page made by being opened is not kept; what somebody began, or changed, is.
    stored: version === 0 && begun ? null : server,
    origin,
  });
  const { fit, waits } = useFit(person.id, id, draft, settled && draft.blocks.length > 0);

  // What was edited by fields takes the server’s line as soon as it is read; a line that was typed, once its field is left.
  const left = useRef<string | null>(null);
  const settle = useCallback(() => {
    if (!upToDate) return;
    const views = preview.blocks.flatMap((block) => block.items);
    for (const item of itemsOf(draft.blocks)) {
      const view = views.find((other) => other.id === item.id);
      const isLeft = left.current === item.id && view?.problem === null;
      if (view && (item.fields || isLeft)) change({ do: 'settle', item: item.id, dose: view.dose });
      if (left.current === item.id) left.current = null;
    }
  }, [preview, upToDate, draft.blocks]);
  useEffect(settle, [settle]);
  const leave = (item: string) => {
    left.current = item;
    settle();
  };

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || document.querySelector('[role=dialog]')) return;
      event.preventDefault();
      change({ do: event.shiftKey ? 'redo' : 'undo' });
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);

  return { person, history, change, draft, preview, refusal, upToDate, again, saving, fit, waits, leave };
}

/** Repairs in the order they are read: row by row, then the session as a whole, then what time is left for. */
function useRepairs({ draft, preview, fit, change }: ReturnType<typeof useWriting>, due: Schemas['NextDoseView'][]) {
  let key = 0;
  const numbered = (warning: Warning): Numbered => ({ warning, key: warning.repair && key < 9 ? ++key : null });
  const views = new Map(preview.blocks.flatMap((block) => block.items.map((item) => [item.id, item])));
  const rows = new Map(itemsOf(draft.blocks).map((item) => [item.id, (views.get(item.id)?.warnings ?? []).map(numbered)]));
  const whole = preview.warnings.map(numbered);
  const offers = [fit?.stations, fit?.offer, fit?.fill].flatMap((one) => (one ? [numbered(one)] : []));
  const all = [...[...rows.values()].flat(), ...whole];
  const repair = (warning: Warning) => {
    if (!warning.repair) return;
    change({ do: 'edits', edits: inDueDoses(warning.repair.edits, due) });
    toast(warning.repair.label, { action: { label: 'Take back', onClick: () => change({ do: 'undo' }) } });
  };
  return { views, rows, whole, offers, moved: fit?.movedOn ?? null, all, repair };
}

/** Which exercises are picked; the order is that of the session. */
function usePicking(order: string[]) {
  const [picked, setPicked] = useState<string[]>([]);
  const pick = (item: string, range: boolean) =>
    setPicked((before) => {
      const last = before.at(-1);
      if (range && last) {
        const [a, b] = [order.indexOf(last), order.indexOf(item)].sort((one, other) => one - other);
        return [...new Set([...before, ...order.slice(a, (b ?? 0) + 1)])];
      }
      return before.includes(item) ? before.filter((other) => other !== item) : [...before, item];
    });
  return { chosen: picked.filter((each) => order.includes(each)), pick, pickNone: () => setPicked([]) };
}

/** Everything the parts of the composer share. */
export function useComposer(props: ComposerProps) {
  const writing = useWriting(props);
  const { person, draft, change, fit } = writing;
  const { library } = useLibrary();
  const nextDoses = api.useQuery('get', '/api/people/{person}/sessions/next-doses', { params: { path: { person: person.id } } });
  const repairs = useRepairs(writing, nextDoses.data?.doses ?? []);
  const items = itemsOf(draft.blocks);
  const order = items.map((item) => item.id);
  const { chosen, pick, pickNone } = usePicking(order);
  const [current, setCurrent] = useState<string | null>(null);
  const [open, setOpen] = useState<'add' | 'fit' | 'order' | 'start' | null>(null);
  const [swapping, setSwapping] = useState<string | null>(null);
  const [lines, showLines] = useState<{ text: string; pasted: boolean } | null>(null);
  const setLines = (text: string | null, pasted = false) => showLines(text === null ? null : { text, pasted });
  const [fields] = useState(() => new Map<string, HTMLInputElement>());
  const isCircuit = draft.blocks.some((block) => block.kind === 'circuit');
  const nameOf = (item: string, rung: string) => repairs.views.get(item)?.name ?? library?.rungs.get(rung)?.name ?? rung;

  const move = (item: string, by: -1 | 1) => {
    change({ do: 'move', items: chosen.includes(item) ? chosen : [item], by });
    requestAnimationFrame(() => fields.get(item)?.focus());
  };
  const toggleCircuit = () => {
    if (chosen.length > 1) change({ do: 'circuit', items: chosen });
    else change({ do: isCircuit ? 'straight' : 'circuit' });
    pickNone();
  };

  const sums = useRef<{ of: Draft; asked: ReturnType<typeof sumsOf> } | null>(null);
  const asked = () => {
    if (sums.current?.of !== draft) sums.current = { of: draft, asked: sumsOf(person.id, draft) };
    return sums.current.asked;
  };
  const askSum: AskSum = async (of) => (await asked()).data?.sums.find((sum) => sum.of === of)?.reason ?? null;
  const openLines = async () => {
    if (draft.blocks.length === 0) return setLines('');
    const { data, error } = await asked();
    if (data) setLines(`# ${draft.title}\n${data.text}`);
    else if (error) toast(sentenceOf(error));
  };
  const copy = async (ids: string[]) => {
    const blocks = draft.blocks
      .map((block) => without(block, (item) => !ids.includes(item.id)))
      .filter((block) => block.items.length > 0);
    const { data, error } = await sumsOf(person.id, { ...draft, blocks });
    if (error) toast(sentenceOf(error));
    if (!data) return;
    if (await copyText(data.text))
      toast(`Copied ${ids.length === 1 ? 'one exercise' : `${ids.length} exercises`}: paste them into any session, anyone’s.`);
    else setLines(data.text, true);
  };

  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const inField = event.target instanceof HTMLElement && event.target.closest('input, textarea');
      if (inField || document.querySelector('[role=dialog]')) return;
      const text = event.clipboardData?.getData('text/plain').trim() ?? '';
      if (text !== '') showLines({ text, pasted: true });
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, []);

  useShortcuts([
    { key: '/', label: 'first dose', run: () => fields.get(order[0] ?? '')?.focus() },
    { key: 'a', label: 'add', run: () => setOpen('add') },
    { key: 't', label: 'type lines', run: () => void openLines() },
    { key: 'c', label: 'circuit', run: toggleCircuit },
    { key: 'f', label: 'fit to time', run: () => fit && setOpen('fit') },
    { key: 'o', label: 'order', run: () => items.length > 1 && setOpen('order') },
    { key: 'n', label: 'new session', run: () => setOpen('start') },
    ...(repairs.moved
      ? [{ key: 'b', label: 'bring up to date', run: () => repairs.moved && repairs.repair(repairs.moved) }]
      : []),
    ...[...repairs.all, ...repairs.offers].flatMap(({ warning, key }) =>
      key === null
        ? []
        : [{ key: String(key), label: warning.repair?.label ?? '', run: () => repairs.repair(warning), hidden: true }],
    ),
  ]);

  return {
    ...props,
    ...writing,
    library,
    repairs,
    items,
    order,
    chosen,
    pick,
    pickNone,
    nextDoses,
    current,
    setCurrent,
    open,
    setOpen,
    swapping,
    setSwapping,
    lines,
    setLines,
    fields,
    isCircuit,
    nameOf,
    move,
    toggleCircuit,
    askSum,
    openLines,
    copy,
  };
}

export type Composing = ReturnType<typeof useComposer>;

export const ComposingContext = createContext<Composing | null>(null);

/** What the composer at hand is about; for its parts only. */
export function useComposing(): Composing {
  const composing = useContext(ComposingContext);
  if (!composing) throw new Error('Only inside the composer.');
  return composing;
}
