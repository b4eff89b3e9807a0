import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { compose, startHistory, type Block, type Part } from './draft';

type Written = (string | number)[];
type Case = { says: string; blocks: Written[]; edit: Schemas['EditView']; after: Written[] };

// The core’s test reads the same cases: what is shown at once is what the server comes to.
const cases = JSON.parse(readFileSync('tests/Cases/session-edits.json', 'utf8')) as Case[];

function blocksOf(written: Written[]): Block[] {
  let number = 0;
  return written.map(([part, ...entries]) => {
    const rests = entries.filter((entry) => typeof entry === 'number');
    const items = entries
      .filter((entry) => typeof entry === 'string')
      .map((entry) => {
        const [rung = '', ...dose] = entry.split(' ');
        return { id: `e${++number}`, rung, dose: dose.join(' ') };
      });
    return {
      kind: items.length > 1 ? 'circuit' : 'straight',
      part: part as Part,
      items,
      gapSeconds: rests.slice(0, -1),
      roundRestSeconds: rests.at(-1) ?? 0,
    };
  });
}

const written = (blocks: Block[]): Written[] =>
  blocks.map((block) => [
    block.part,
    ...block.items.flatMap((item, at) => {
      const line = `${/^e\d+$/.test(item.id) ? item.id : 'added'} ${item.rung} ${item.dose}`;
      return block.kind === 'circuit' ? [line, block.gapSeconds[at] ?? block.roundRestSeconds] : [line];
    }),
  ]);

describe('an edit of the server, shown at once', () => {
  it.each(cases)('$says', ({ blocks, edit, after }) => {
    const history = startHistory({ title: 'x', minutes: null, blocks: blocksOf(blocks) });
    expect(written(compose(history, { do: 'edits', edits: [edit] }).now.blocks)).toEqual(after);
  });
});
