import { newId, type Schemas } from '@/api/client';

type Item = Schemas['ItemInput'];
export type Block = Schemas['BlockInput'];
export type Draft = { title: string; blocks: Block[] };

/** `typing` names the field being typed in, so that its letters make one step. */
type History = { past: Draft[]; now: Draft; future: Draft[]; typing: string | null };

export type Change =
  | { do: 'load'; draft: Draft }
  | { do: 'title'; title: string }
  | { do: 'dose'; item: string; dose: string }
  | { do: 'settle'; item: string; dose: string }
  | { do: 'add'; rung: string; dose: string }
  | { do: 'swap'; item: string; rung: string; dose: string }
  | { do: 'remove'; item: string }
  | { do: 'move'; item: string; by: -1 | 1 }
  | { do: 'circuit' }
  | { do: 'straight' }
  | { do: 'gap'; block: number; gap: number; seconds: number }
  | { do: 'round-rest'; block: number; seconds: number }
  | { do: 'undo' }
  | { do: 'redo' };

const STEPS = 50;

/** Gaps a new circuit starts with; the preview warns where they are shorter than the change-over. */
const GAP = 20;
const ROUND_REST = 45;

const straight = (item: Item): Block => ({ kind: 'straight', items: [item], gapSeconds: [], roundRestSeconds: 0 });

const circuit = (items: Item[], gaps: number[] = [], roundRest = ROUND_REST): Block => ({
  kind: 'circuit',
  items,
  gapSeconds: items.slice(1).map((_, index) => gaps[index] ?? GAP),
  roundRestSeconds: roundRest,
});

/** A circuit that has lost all but one station is straight sets again; an empty one is gone. */
const tidy = (blocks: Block[]): Block[] =>
  blocks.flatMap((block) => {
    if (block.items.length === 0) return [];
    if (block.kind === 'straight') return block.items.map(straight);
    return block.items.length === 1
      ? block.items.map(straight)
      : [circuit(block.items, block.gapSeconds, block.roundRestSeconds)];
  });

const mapItems = (blocks: Block[], change: (item: Item) => Item): Block[] =>
  blocks.map((block) => ({ ...block, items: block.items.map(change) }));

const itemsOf = (blocks: Block[]): Item[] => blocks.flatMap((block) => block.items);

/** Moves an exercise one place inside its block, or its whole block past the next one. */
function moved(blocks: Block[], id: string, by: -1 | 1): Block[] {
  const at = blocks.findIndex((block) => block.items.some((item) => item.id === id));
  const block = blocks[at];
  if (!block) return blocks;
  const inside = block.items.findIndex((item) => item.id === id);
  const swap = <T>(list: T[], a: number, b: number): T[] => {
    const copy = [...list];
    [copy[a], copy[b]] = [list[b] as T, list[a] as T];
    return copy;
  };
  if (block.items[inside + by])
    return blocks.map((other) => (other === block ? { ...block, items: swap(block.items, inside, inside + by) } : other));
  return blocks[at + by] ? swap(blocks, at, at + by) : blocks;
}

function changed(draft: Draft, change: Change): Draft {
  const { blocks } = draft;
  switch (change.do) {
    case 'title':
      return { ...draft, title: change.title };
    case 'dose':
      return { ...draft, blocks: mapItems(blocks, (item) => (item.id === change.item ? { ...item, dose: change.dose } : item)) };
    case 'swap':
      return {
        ...draft,
        blocks: mapItems(blocks, (item) => (item.id === change.item ? { ...item, rung: change.rung, dose: change.dose } : item)),
      };
    case 'add':
      return { ...draft, blocks: [...blocks, straight({ id: newId(), rung: change.rung, dose: change.dose })] };
    case 'remove':
      return {
        ...draft,
        blocks: tidy(blocks.map((block) => ({ ...block, items: block.items.filter((item) => item.id !== change.item) }))),
      };
    case 'move':
      return { ...draft, blocks: moved(blocks, change.item, change.by) };
    case 'circuit':
      return itemsOf(blocks).length < 2 ? draft : { ...draft, blocks: [circuit(itemsOf(blocks))] };
    case 'straight':
      return { ...draft, blocks: itemsOf(blocks).map(straight) };
    case 'gap':
      return {
        ...draft,
        blocks: blocks.map((block, index) =>
          index === change.block
            ? { ...block, gapSeconds: block.gapSeconds.map((gap, at) => (at === change.gap ? change.seconds : gap)) }
            : block,
        ),
      };
    case 'round-rest':
      return {
        ...draft,
        blocks: blocks.map((block, index) => (index === change.block ? { ...block, roundRestSeconds: change.seconds } : block)),
      };
    default:
      return draft;
  }
}

export const startHistory = (draft: Draft): History => ({ past: [], now: draft, future: [], typing: null });

/** Changes a session in writing; undo and redo reach fifty steps. Typing in one field is one step. */
export function compose(history: History, change: Change): History {
  const { past, now, future } = history;
  switch (change.do) {
    case 'load':
      return startHistory(change.draft);
    case 'settle':
      // The server's written form of the same dose: not a step of its own.
      return itemsOf(now.blocks).some((item) => item.id === change.item && item.dose !== change.dose)
        ? { ...history, now: changed(now, { do: 'dose', item: change.item, dose: change.dose }), typing: null }
        : history;
    case 'undo': {
      const before = past.at(-1);
      return before ? { past: past.slice(0, -1), now: before, future: [now, ...future], typing: null } : history;
    }
    case 'redo': {
      const [next, ...rest] = future;
      return next ? { past: [...past, now], now: next, future: rest, typing: null } : history;
    }
    default: {
      const next = changed(now, change);
      if (next === now) return history;
      const typing = change.do === 'dose' ? change.item : change.do === 'title' ? 'title' : null;
      const goesOn = typing !== null && typing === history.typing;
      return { past: goesOn ? past : [...past, now].slice(-STEPS), now: next, future: [], typing };
    }
  }
}
