import { newId, type Schemas } from '@/api/client';
import { begin, redone, settled, stepped, undone, type History } from '@/editor/history';

type Item = Schemas['ItemInput'];
export type Block = Schemas['BlockInput'];
export type Part = Block['part'];
type Edit = Schemas['EditView'];
/** `minutes` of this session; the person’s own when null. `picks`: so many of its exercises the person does; all where there is none. */
export type Draft = { title: string; minutes: number | null; picks?: number; blocks: Block[] };

export type Change =
  | { do: 'title'; title: string }
  | { do: 'minutes'; minutes: number | null }
  | { do: 'picks'; picks: number | null }
  | { do: 'dose'; item: string; dose: string }
  /** By fields: the line is the server's to write. */
  | { do: 'fields'; item: string; fields: Schemas['DoseFields'] }
  | { do: 'settle'; item: string; dose: string }
  | { do: 'add'; rung: string; dose: string }
  | { do: 'swap'; item: string; rung: string; dose: string }
  | { do: 'remove'; items: string[] }
  /** One place up or down: a station inside its circuit, else the whole block. */
  | { do: 'move'; items: string[]; by: -1 | 1 }
  /** Next to another exercise, and into its circuit where it is in one. */
  | { do: 'place'; items: string[]; over: string; after: boolean }
  | { do: 'circuit'; items?: string[] }
  | { do: 'straight'; items?: string[] }
  | { do: 'part'; items: string[]; part: Part }
  | { do: 'gap'; block: number; gap: number; seconds: number }
  | { do: 'round-rest'; block: number; seconds: number }
  /** What a repair, an order or a text gives. */
  | { do: 'edits'; edits: Edit[] }
  | { do: 'blocks'; blocks: Block[]; title?: string | null }
  | { do: 'append'; blocks: Block[] }
  | { do: 'undo' }
  | { do: 'redo' };

/** Gaps a new circuit starts with; the preview warns where they are shorter than the change-over. */
const GAP = 20;
const ROUND_REST = 45;

/** Parts of a session in their order, by the words they go by. */
export const PARTS: { part: Part; label: string }[] = [
  { part: 'primer', label: 'Primer' },
  { part: 'main', label: 'Main part' },
  { part: 'finisher', label: 'Finisher' },
];
const place = (part: Part): number => PARTS.findIndex((one) => one.part === part);

const straight = (item: Item, part: Part): Block => ({
  kind: 'straight',
  part,
  items: [item],
  gapSeconds: [],
  roundRestSeconds: 0,
});

const circuit = (items: Item[], part: Part, gaps: number[] = [], roundRest = ROUND_REST): Block => ({
  kind: 'circuit',
  part,
  items,
  gapSeconds: items.slice(1).map((_, index) => gaps[index] ?? GAP),
  roundRestSeconds: roundRest,
});

/** A circuit that has lost all but one station is straight sets again; an empty one is gone; parts come in their order. */
const tidy = (blocks: Block[]): Block[] =>
  blocks
    .flatMap((block) => {
      if (block.items.length === 0) return [];
      if (block.kind === 'straight' || block.items.length === 1) return block.items.map((item) => straight(item, block.part));
      return [circuit(block.items, block.part, block.gapSeconds, block.roundRestSeconds)];
    })
    .sort((a, b) => place(a.part) - place(b.part));

const mapItems = (blocks: Block[], change: (item: Item) => Item): Block[] =>
  blocks.map((block) => ({ ...block, items: block.items.map(change) }));

export const itemsOf = (blocks: Block[]): Item[] => blocks.flatMap((block) => block.items);

/** Between two stations that follow each other then stays the longest gap of those that were between them. */
export function without(block: Block, leaving: (item: Item) => boolean): Block {
  const kept = block.items.flatMap((item, at) => (leaving(item) ? [] : [at]));
  const gaps = kept.slice(1).map((next, index) => Math.max(...block.gapSeconds.slice(kept[index], next)));
  return { ...block, items: block.items.filter((item) => !leaving(item)), gapSeconds: block.kind === 'circuit' ? gaps : [] };
}

const swapped = <T>(list: T[], a: number, b: number): T[] => {
  const copy = [...list];
  [copy[a], copy[b]] = [list[b] as T, list[a] as T];
  return copy;
};

/** Past the end of its part, a block goes over into the next one. */
function movedBlock(blocks: Block[], at: number, by: -1 | 1): Block[] {
  const block = blocks[at];
  const next = blocks[at + by];
  if (!block || !next) return blocks;
  return next.part === block.part
    ? swapped(blocks, at, at + by)
    : blocks.map((other) => (other === block ? { ...block, part: next.part } : other));
}

function moved(blocks: Block[], ids: string[], by: -1 | 1): Block[] {
  const has = (block: Block) => block.items.some((item) => ids.includes(item.id));
  const at = blocks.findIndex(has);
  const block = blocks[at];
  if (!block) return blocks;
  if (ids.length === 1) {
    const inside = block.items.findIndex((item) => item.id === ids[0]);
    if (block.items[inside + by])
      return blocks.map((other) => (other === block ? { ...block, items: swapped(block.items, inside, inside + by) } : other));
    return movedBlock(blocks, at, by);
  }
  const places = blocks.flatMap((other, index) => (has(other) ? [index] : []));
  const edge = by === -1 ? places[0] : places.at(-1);
  if (edge === undefined || !blocks[edge + by]) return blocks;
  return (by === -1 ? places : places.reverse()).reduce((list, place) => movedBlock(list, place, by), blocks);
}

/** Exercises taken from where they are and put next to another one; a circuit that goes whole stays a circuit. */
function placed(blocks: Block[], ids: string[], over: string, after: boolean): Block[] {
  if (ids.includes(over)) return blocks;
  const goes = (item: Item) => ids.includes(item.id);
  const whole = blocks.filter((block) => block.kind === 'circuit' && block.items.every(goes));
  const single = blocks.filter((block) => !whole.includes(block)).flatMap((block) => block.items.filter(goes));
  const target = blocks.find((block) => block.items.some((item) => item.id === over));
  if (!target || whole.length + single.length === 0) return blocks;
  return tidy(
    blocks
      .filter((block) => !whole.includes(block))
      .flatMap((block) => {
        const left = without(block, goes);
        if (block !== target) return [left];
        const moving = [
          ...whole.map((other) => ({ ...other, part: target.part })),
          ...single.map((item) => straight(item, target.part)),
        ];
        if (block.kind === 'straight' || single.length === 0) return after ? [left, ...moving] : [...moving, left];
        const at = left.items.findIndex((item) => item.id === over) + (after ? 1 : 0);
        const items = [...left.items.slice(0, at), ...single, ...left.items.slice(at)];
        const gaps = [...left.gapSeconds.slice(0, at), ...single.map(() => GAP), ...left.gapSeconds.slice(at)];
        return [{ ...left, items, gapSeconds: gaps.slice(0, items.length - 1) }, ...whole];
      }),
  );
}

/** The exercises named as one circuit, where the first of them stands. */
function grouped(blocks: Block[], ids: string[]): Block[] {
  const goes = (item: Item) => ids.includes(item.id);
  const items = itemsOf(blocks).filter(goes);
  const first = blocks.find((block) => block.items.some(goes));
  if (items.length < 2 || !first) return blocks;
  return tidy(
    blocks.flatMap((block) => {
      const left = without(block, goes);
      return block === first ? [circuit(items, block.part), left] : [left];
    }),
  );
}

/** Mirrors what an edit of the core does to a session. */
function edited(blocks: Block[], edit: Edit): Block[] {
  const [id] = edit.items;
  const position = (item?: Item) => edit.items.indexOf(item?.id ?? '');
  switch (edit.kind) {
    case 'swap':
    case 'dose':
      return mapItems(blocks, (item) =>
        item.id === id ? { id: item.id, rung: edit.rung ?? item.rung, dose: edit.dose ?? item.dose } : item,
      );
    case 'gap':
      return blocks.map((block) => {
        const at = block.items.findIndex((item) => item.id === id);
        return { ...block, gapSeconds: block.gapSeconds.map((gap, index) => (index === at ? (edit.seconds ?? gap) : gap)) };
      });
    case 'remove':
      return tidy(blocks.map((block) => without(block, (item) => item.id === id)));
    case 'add':
      return tidy([...blocks, straight({ id: newId(), rung: edit.rung ?? '', dose: edit.dose ?? '' }, edit.part ?? 'main')]);
    case 'order': {
      const named = (block: Block) => block.items.every((item) => edit.items.includes(item.id));
      const inside = blocks.map((block) =>
        named(block) ? { ...block, items: [...block.items].sort((a, b) => position(a) - position(b)) } : block,
      );
      const order = inside.filter(named).sort((a, b) => position(a.items[0]) - position(b.items[0]));
      return tidy(inside.map((block) => (named(block) ? (order.shift() ?? block) : block)));
    }
  }
}

/** Changes in the dose that is due, where one would come in that of the table. */
export const inDueDoses = (edits: Edit[], due: { rung: string; dose: string }[]): Edit[] =>
  edits.map((edit) => (edit.byTable ? { ...edit, dose: due.find(({ rung }) => rung === edit.rung)?.dose ?? edit.dose } : edit));

/** Blocks from elsewhere under ids of their own, so that they can come twice. */
export const withFreshIds = (blocks: Block[]): Block[] => mapItems(blocks, (item) => ({ ...item, id: newId() }));

function changed(draft: Draft, change: Change): Draft {
  const { blocks } = draft;
  const on = (next: Block[]): Draft => (next === blocks ? draft : { ...draft, blocks: next });
  switch (change.do) {
    case 'title':
      return { ...draft, title: change.title };
    case 'minutes':
      return { ...draft, minutes: change.minutes };
    case 'picks': {
      const all = { ...draft };
      delete all.picks;
      return change.picks === null ? all : { ...all, picks: change.picks };
    }
    case 'dose':
      return on(
        mapItems(blocks, (item) => (item.id === change.item ? { id: item.id, rung: item.rung, dose: change.dose } : item)),
      );
    case 'fields':
      return on(mapItems(blocks, (item) => (item.id === change.item ? { ...item, fields: change.fields } : item)));
    case 'swap':
      return on(
        mapItems(blocks, (item) => (item.id === change.item ? { id: item.id, rung: change.rung, dose: change.dose } : item)),
      );
    case 'add':
      return on(tidy([...blocks, straight({ id: newId(), rung: change.rung, dose: change.dose }, 'main')]));
    case 'remove':
      return on(tidy(blocks.map((block) => without(block, (item) => change.items.includes(item.id)))));
    case 'move':
      return on(moved(blocks, change.items, change.by));
    case 'place':
      return on(placed(blocks, change.items, change.over, change.after));
    case 'circuit':
      return on(grouped(blocks, change.items ?? itemsOf(blocks.filter((block) => block.part === 'main')).map((item) => item.id)));
    case 'straight':
      return on(
        blocks.flatMap((block) =>
          !change.items || block.items.some((item) => change.items?.includes(item.id))
            ? block.items.map((item) => straight(item, block.part))
            : [block],
        ),
      );
    case 'part':
      return on(
        tidy(
          blocks.map((block) =>
            block.items.some((item) => change.items.includes(item.id)) ? { ...block, part: change.part } : block,
          ),
        ),
      );
    case 'gap':
      return on(
        blocks.map((block, index) =>
          index === change.block
            ? { ...block, gapSeconds: block.gapSeconds.map((gap, at) => (at === change.gap ? change.seconds : gap)) }
            : block,
        ),
      );
    case 'round-rest':
      return on(blocks.map((block, index) => (index === change.block ? { ...block, roundRestSeconds: change.seconds } : block)));
    case 'edits':
      return on(change.edits.reduce(edited, blocks));
    case 'blocks':
      return { ...draft, title: change.title ?? draft.title, blocks: tidy(change.blocks) };
    case 'append':
      return on(tidy([...blocks, ...withFreshIds(change.blocks)]));
    default:
      return draft;
  }
}

export const startHistory = (draft: Draft, past: Draft[] = []): History<Draft> => ({ ...begin(draft), past });

/** What is being typed in, so that its letters make one step of undo. */
const fieldOf = (change: Change): string | null => {
  switch (change.do) {
    case 'dose':
      return change.item;
    case 'fields':
      return `fields ${change.item}`;
    case 'title':
    case 'minutes':
      return change.do;
    case 'gap':
      return `gap ${change.block} ${change.gap}`;
    case 'round-rest':
      return `rest ${change.block}`;
    default:
      return null;
  }
};

/** Changes a session in writing; typing in one field is one step. */
export function compose(history: History<Draft>, change: Change): History<Draft> {
  const { now } = history;
  switch (change.do) {
    case 'settle':
      // The server's written form of the same dose: not a step of its own.
      return itemsOf(now.blocks).some((item) => item.id === change.item && (item.dose !== change.dose || item.fields))
        ? settled(history, changed(now, { do: 'dose', item: change.item, dose: change.dose }))
        : history;
    case 'undo':
      return undone(history);
    case 'redo':
      return redone(history);
    default:
      return stepped(history, changed(now, change), fieldOf(change));
  }
}
