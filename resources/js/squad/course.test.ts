import { describe, expect, it } from 'vitest';
import { cuesOf, doneBy, pieceAt, whoIsAt } from './course';
import { member, squad } from './squad.fixture';

const view = squad([member('Tam', 0), member('Ilse', 1), member('Osk', null), member('Maud', 0)]);
const cues = cuesOf(view);

describe('the clock of a squad', () => {
  it('begins with getting ready, and a change speaks of the station it leads to', () => {
    expect(cues.map(({ stretch, seconds, round, place }) => [stretch, seconds, round, place])).toEqual([
      ['change-over', 10, 1, 0],
      ['work', 30, 1, 0],
      ['change-over', 20, 1, 1],
      ['work', 30, 1, 1],
      ['rest', 60, 2, 0],
      ['work', 30, 2, 0],
      ['change-over', 20, 2, 1],
      ['work', 30, 2, 1],
    ]);
    expect(cuesOf({ turns: [] })).toEqual([]);
  });

  it('moves everybody on by a station at each change, and who does not train is nowhere', () => {
    expect(whoIsAt(view, 0, 0).map(({ name }) => name)).toEqual(['Tam', 'Maud']);
    expect(whoIsAt(view, 0, 1).map(({ name }) => name)).toEqual(['Ilse']);
  });

  it('counts what was worked through, and not what was begun and left', () => {
    expect(doneBy(view, cues, 2, { way: [1, 0] })).toEqual([0, 1]);
    expect(doneBy(view, cues, 3, { way: [1, 0] })).toEqual([0, 1]);
    expect(doneBy(view, cues, cues.length, { way: [1, 0] })).toEqual([2, 2]);
    expect(doneBy(view, cues, cues.length, { way: [] })).toEqual([0, 0]);
  });

  it('has one side after the other at a station, as the core laid it out, and then rest until the change', () => {
    const [plank, side] = member('Tam', 0).places;
    const at = (place: typeof plank, gone: number) => place && pieceAt(place, gone);
    expect([0, 11.9, 12, 17, 28.9, 29].map((gone) => at(side, gone)?.side)).toEqual([
      'left',
      'left',
      'right',
      'right',
      'right',
      undefined,
    ]);
    expect(at(side, 12)?.stretch).toBe('side-change');
    expect([at(plank, 29.9)?.stretch, at(plank, 30)]).toEqual(['work', null]);
  });
});
