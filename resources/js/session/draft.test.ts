import { describe, expect, it } from 'vitest';
import { compose, inDueDoses, startHistory, withFreshIds, type Block, type Change, type Draft, type Part } from './draft';

const block = (id: string, part: Part = 'main'): Block => ({
  kind: 'straight',
  part,
  items: [{ id, rung: `r/${id}`, dose: '2x10' }],
  gapSeconds: [],
  roundRestSeconds: 0,
});
const three: Draft = { title: 'Monday', minutes: null, blocks: ['a', 'b', 'c'].map((id) => block(id)) };
const from = (draft: Draft, ...changes: Change[]) => changes.reduce(compose, startHistory(draft));
const after = (...changes: Change[]) => from(three, ...changes);
const order = (draft: Draft) => draft.blocks.map((each) => each.items.map((item) => item.id).join('+')).join(' ');
const five: Draft = {
  title: 'Five',
  minutes: null,
  blocks: [
    block('p', 'primer'),
    block('a'),
    {
      kind: 'circuit',
      part: 'main',
      items: ['b', 'c', 'd'].flatMap((id) => block(id).items),
      gapSeconds: [10, 20],
      roundRestSeconds: 60,
    },
    block('e'),
    block('f', 'finisher'),
  ],
};

describe('writing a session', () => {
  it('moves an exercise past its neighbour and stops at the end', () => {
    expect(order(after({ do: 'move', items: ['a'], by: 1 }).now)).toBe('b a c');
    expect(order(after({ do: 'move', items: ['a'], by: -1 }).now)).toBe('a b c');
  });

  it('moves a station inside its circuit, then the circuit as a whole', () => {
    expect(order(from(five, { do: 'move', items: ['c'], by: -1 }).now)).toBe('p a c+b+d e f');
    expect(order(from(five, { do: 'move', items: ['b'], by: -1 }).now)).toBe('p b+c+d a e f');
  });

  it('takes a block into the next part before it moves on', () => {
    const once = from(five, { do: 'move', items: ['a'], by: -1 });
    expect(once.now.blocks.map((each) => each.part)).toEqual(['primer', 'primer', 'main', 'main', 'finisher']);
    expect(order(compose(once, { do: 'move', items: ['a'], by: -1 }).now)).toBe('a p b+c+d e f');
  });

  it('moves several together and stops when the first is at the edge', () => {
    expect(order(after({ do: 'move', items: ['b', 'c'], by: -1 }).now)).toBe('b c a');
    expect(order(after({ do: 'move', items: ['a', 'b'], by: -1 }).now)).toBe('a b c');
    expect(order(after({ do: 'move', items: ['a', 'b'], by: 1 }).now)).toBe('c a b');
  });

  it('drops exercises next to another, and into its circuit where it is in one', () => {
    expect(order(after({ do: 'place', items: ['a'], over: 'c', after: true }).now)).toBe('b c a');
    const joined = from(five, { do: 'place', items: ['e'], over: 'c', after: true }).now;
    expect(order(joined)).toBe('p a b+c+e+d f');
    expect(joined.blocks[2]?.gapSeconds).toHaveLength(3);
    expect(order(from(five, { do: 'place', items: ['c', 'd'], over: 'a', after: false }).now)).toBe('p c d a b e f');
    expect(order(from(five, { do: 'place', items: ['b', 'c', 'd'], over: 'e', after: true }).now)).toBe('p a e b+c+d f');
    expect(from(five, { do: 'place', items: ['a'], over: 'a', after: true }).past).toHaveLength(0);
  });

  it('makes one circuit of the main part, with a gap between any two, and straight sets again', () => {
    const one = from(five, { do: 'circuit' }).now;
    expect(order(one)).toBe('p a+b+c+d+e f');
    expect(one.blocks[1]?.gapSeconds).toHaveLength(4);
    expect(order(after({ do: 'circuit' }, { do: 'straight' }).now)).toBe('a b c');
  });

  it('makes a superset of two that were picked, where the first stands', () => {
    expect(order(after({ do: 'circuit', items: ['a', 'c'] }).now)).toBe('a+c b');
    expect(order(from(five, { do: 'circuit', items: ['a', 'c'] }).now)).toBe('p a+c b+d e f');
  });

  it('puts picked exercises into a part, in the order of the parts', () => {
    expect(order(after({ do: 'part', items: ['c'], part: 'primer' }).now)).toBe('c a b');
    expect(order(after({ do: 'part', items: ['a'], part: 'finisher' }).now)).toBe('b c a');
  });

  it('turns a circuit that has lost its second station into straight sets', () => {
    const left = after({ do: 'circuit' }, { do: 'remove', items: ['a', 'b'] }).now;
    expect(left.blocks).toHaveLength(1);
    expect(left.blocks[0]?.kind).toBe('straight');
  });

  it('keeps the gaps of the stations that stay', () => {
    expect(from(five, { do: 'remove', items: ['b'] }).now.blocks[2]?.gapSeconds).toEqual([20]);
    expect(from(five, { do: 'remove', items: ['d'] }).now.blocks[2]?.gapSeconds).toEqual([10]);
    expect(from(five, { do: 'remove', items: ['c'] }).now.blocks[2]?.gapSeconds).toEqual([20]);
  });

  it('puts another rung with its dose in the place of an exercise', () => {
    expect(after({ do: 'swap', item: 'b', rung: 'r/next', dose: '2x8' }).now.blocks[1]?.items[0]).toEqual({
      id: 'b',
      rung: 'r/next',
      dose: '2x8',
    });
  });

  it('applies a repair in one step', () => {
    const none = { rung: null, dose: null, seconds: null, part: null, byTable: false };
    const edits = (...list: Parameters<typeof compose>[1][]) => from(five, ...list).now;
    expect(edits({ do: 'edits', edits: [{ ...none, kind: 'gap', items: ['b'], seconds: 30 }] }).blocks[2]?.gapSeconds).toEqual([
      30, 20,
    ]);
    expect(order(edits({ do: 'edits', edits: [{ ...none, kind: 'order', items: ['d', 'c', 'b'] }] }))).toBe('p a d+c+b e f');
    expect(order(edits({ do: 'edits', edits: [{ ...none, kind: 'order', items: ['e', 'b', 'c', 'd', 'a'] }] }))).toBe(
      'p e b+c+d a f',
    );
    expect(order(edits({ do: 'edits', edits: [{ ...none, kind: 'remove', items: ['a'] }] }))).toBe('p b+c+d e f');
    const added = edits({ do: 'edits', edits: [{ ...none, kind: 'add', items: [], rung: 'r/x', dose: '2x8' }] });
    expect(added.blocks.at(-2)?.items[0]?.rung).toBe('r/x');
    const first = edits({ do: 'edits', edits: [{ ...none, kind: 'add', items: [], rung: 'r/x', dose: '2x8', part: 'primer' }] });
    expect(first.blocks[1]).toMatchObject({ part: 'primer', items: [{ rung: 'r/x' }] });
    const two = from(five, {
      do: 'edits',
      edits: [
        { ...none, kind: 'swap', items: ['a'], rung: 'r/low', dose: '1x5' },
        { ...none, kind: 'dose', items: ['e'], dose: '3x9' },
      ],
    });
    expect(two.now.blocks[1]?.items[0]).toEqual({ id: 'a', rung: 'r/low', dose: '1x5' });
    expect(two.now.blocks[3]?.items[0]?.dose).toBe('3x9');
    expect(two.past).toHaveLength(1);
  });

  it('brings a repair in the dose that is due, where it would come in that of the table', () => {
    const add = { rung: 'r/x', dose: '3x12', seconds: null, part: null, kind: 'add' as const, items: [] };
    const due = [{ rung: 'r/x', dose: '2x6' }];
    const doses = (...edits: Parameters<typeof inDueDoses>[0]) => inDueDoses(edits, due).map(({ dose }) => dose);
    expect(doses({ ...add, byTable: true }, { ...add, byTable: false }, { ...add, rung: 'r/y', byTable: true })).toEqual([
      '2x6',
      '3x12',
      '3x12',
    ]);
  });

  it('takes in blocks from elsewhere under ids of their own', () => {
    const twice = after({ do: 'append', blocks: three.blocks }, { do: 'append', blocks: three.blocks }).now;
    expect(new Set(twice.blocks.flatMap((each) => each.items.map((item) => item.id))).size).toBe(9);
    expect(withFreshIds(three.blocks)[0]?.items[0]?.rung).toBe('r/a');
  });

  it('takes changes back and brings them again, and a new change ends the bringing again', () => {
    const back = after({ do: 'remove', items: ['a'] }, { do: 'undo' });
    expect(order(back.now)).toBe('a b c');
    expect(order(compose(back, { do: 'redo' }).now)).toBe('b c');
    expect(compose(compose(back, { do: 'title', title: 'Tuesday' }), { do: 'redo' }).now.title).toBe('Tuesday');
  });

  it('remembers fifty steps', () => {
    const many = Array.from({ length: 60 }, (_, index): Change => ({ do: 'move', items: ['b'], by: index % 2 === 0 ? 1 : -1 }));
    expect(after(...many).past).toHaveLength(50);
  });

  it('counts the letters typed in one field as one step', () => {
    const typed = after(
      { do: 'dose', item: 'a', dose: '3' },
      { do: 'dose', item: 'a', dose: '3x' },
      { do: 'dose', item: 'a', dose: '3x8' },
    );
    expect(compose(typed, { do: 'undo' }).now.blocks[0]?.items[0]?.dose).toBe('2x10');
  });

  it('does not count the server’s written form of a dose as a step', () => {
    const settled = after({ do: 'dose', item: 'a', dose: '3 × 12' }, { do: 'settle', item: 'a', dose: '3x12' });
    expect(settled.now.blocks[0]?.items[0]?.dose).toBe('3x12');
    expect(settled.past).toHaveLength(1);
  });
});
