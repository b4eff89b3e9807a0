import { describe, expect, it } from 'vitest';
import { cuesOf, doneBy, stationOf, whoIsAt } from './course';
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
    expect([0, 1].map((place) => stationOf({ start: 1 }, 2, place))).toEqual([1, 0]);
    expect(stationOf({ start: null }, 2, 0)).toBeNull();
    expect(whoIsAt(view, 0, 0).map(({ name }) => name)).toEqual(['Tam', 'Maud']);
    expect(whoIsAt(view, 0, 1).map(({ name }) => name)).toEqual(['Ilse']);
  });

  it('counts what was worked through, and not what was begun and left', () => {
    expect(doneBy(view, cues, 2, { start: 1 })).toEqual([0, 1]);
    expect(doneBy(view, cues, 3, { start: 1 })).toEqual([0, 1]);
    expect(doneBy(view, cues, cues.length, { start: 1 })).toEqual([2, 2]);
    expect(doneBy(view, cues, cues.length, { start: null })).toEqual([0, 0]);
  });
});
