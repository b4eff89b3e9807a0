import { describe, expect, it } from 'vitest';
import { compose, startHistory, type Change, type Draft } from './draft';

const three: Draft = {
  title: 'Monday',
  blocks: ['a', 'b', 'c'].map((id) => ({
    kind: 'straight',
    items: [{ id, rung: `r/${id}`, dose: '2x10' }],
    gapSeconds: [],
    roundRestSeconds: 0,
  })),
};
const after = (...changes: Change[]) => changes.reduce(compose, startHistory(three));
const order = (draft: Draft) => draft.blocks.map((block) => block.items.map((item) => item.id).join('+')).join(' ');

describe('writing a session', () => {
  it('moves an exercise past its neighbour and stops at the end', () => {
    expect(order(after({ do: 'move', item: 'a', by: 1 }).now)).toBe('b a c');
    expect(order(after({ do: 'move', item: 'a', by: -1 }).now)).toBe('a b c');
  });

  it('makes one circuit of all exercises, with a gap between any two, and straight sets again', () => {
    const circuit = after({ do: 'circuit' }).now;
    expect(order(circuit)).toBe('a+b+c');
    expect(circuit.blocks[0]?.gapSeconds).toHaveLength(2);
    expect(order(after({ do: 'circuit' }, { do: 'straight' }).now)).toBe('a b c');
  });

  it('turns a circuit that has lost its second station into straight sets', () => {
    const left = after({ do: 'circuit' }, { do: 'remove', item: 'a' }, { do: 'remove', item: 'b' }).now;
    expect(left.blocks).toHaveLength(1);
    expect(left.blocks[0]?.kind).toBe('straight');
  });

  it('puts another rung with its dose in the place of an exercise', () => {
    expect(after({ do: 'swap', item: 'b', rung: 'r/next', dose: '2x8' }).now.blocks[1]?.items[0]).toEqual({
      id: 'b',
      rung: 'r/next',
      dose: '2x8',
    });
  });

  it('takes changes back and brings them again, and a new change ends the bringing again', () => {
    const back = after({ do: 'remove', item: 'a' }, { do: 'undo' });
    expect(order(back.now)).toBe('a b c');
    expect(order(compose(back, { do: 'redo' }).now)).toBe('b c');
    expect(compose(compose(back, { do: 'title', title: 'Tuesday' }), { do: 'redo' }).now.title).toBe('Tuesday');
  });

  it('remembers fifty steps', () => {
    const many = Array.from({ length: 60 }, (_, index): Change => ({ do: 'move', item: 'b', by: index % 2 === 0 ? 1 : -1 }));
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
