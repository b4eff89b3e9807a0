import { describe, expect, it } from 'vitest';
import { soundsOf } from '@/clock/sounds';
import { cuesOf, doneBy, pieceAt, roundAt, whoIsAt } from './course';
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
    expect(cuesOf({ turns: [], members: [] })).toEqual([]);
  });

  it('moves everybody on by a station at each change, and who does not train is nowhere', () => {
    expect(whoIsAt(view, 0, 0).map(({ name }) => name)).toEqual(['Tam', 'Maud']);
    expect(whoIsAt(view, 0, 1).map(({ name }) => name)).toEqual(['Ilse']);
  });

  it('sounds when somebody changes sides, in place of the half', () => {
    const kinds = (of: typeof cues) => soundsOf(of, { at: 1, leftMs: 30_000 }, 30_000).map(({ at, kind }) => [kind, at]);
    expect(cues[1]?.sidesAt).toEqual([12]);
    expect(kinds(cues)).toContainEqual(['sides', 12_000]);
    expect(kinds(cues).map(([kind]) => kind)).not.toContain('halfway');
    const nobody = cuesOf({ ...view, members: [] });
    expect(kinds(nobody).map(([kind]) => kind)).toEqual(['go', 'last', 'last', 'last']);
  });

  it('counts what was worked through, and not what was begun and left', () => {
    expect(doneBy(view, cues, 2, { way: [1, 0] })).toEqual([0, 1]);
    expect(doneBy(view, cues, 3, { way: [1, 0] })).toEqual([0, 1]);
    expect(doneBy(view, cues, cues.length, { way: [1, 0] })).toEqual([2, 2]);
    expect(doneBy(view, cues, cues.length, { way: [] })).toEqual([0, 0]);
  });

  it('says in which round somebody comes to a station next: what is behind them comes again in the round after', () => {
    const ilse = { way: [1, 0] };
    expect(roundAt(ilse, 1, { place: 0, round: 1 })).toBe(1);
    expect(roundAt(ilse, 1, { place: 1, round: 1 })).toBe(2);
    expect(roundAt(ilse, 0, { place: 1, round: 2 })).toBe(2);
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
