import { describe, expect, it } from 'vitest';
import { emptyItem, exchanged, toldSets, withLine, wrong } from './draft';
import { way } from './way.fixture';

const press = way({ pieces: [[], []] });
const plank = way({
  id: 'plank',
  rung: 'front-plank/forearms-toes',
  unit: 'seconds',
  sides: ['both', 'both', 'both'],
  targets: [60, 60, 60],
  sets: 3,
  pieces: [[], [], []],
});
const ways = [plank, press];
const empty = { on: '2026-06-01', minutes: '', items: {} };
const line = {
  exercises: [
    {
      item: 'plank',
      sets: [60, 60, 55].map((both) => ({ both, left: null, right: null })),
      effort: 7,
      pain: 0,
      clean: null,
      asked: 'plank',
      choices: [],
    },
    {
      item: 'press',
      sets: [{ both: null, left: 10, right: 9 }],
      effort: null,
      pain: null,
      clean: true,
      asked: 'thing',
      choices: ['plank'],
    },
  ],
  unread: [],
  minutes: 14,
  daysAgo: 1,
};
const read = withLine(empty, ways, line, (days) => `2026-06-0${1 - days}`);

describe('a training told afterwards', () => {
  it('takes what a line tells into its fields', () => {
    expect([read.on, read.minutes]).toEqual(['2026-06-00', '14']);
    expect(toldSets(plank, read.items.plank).map(({ set, both, effort, pain }) => [set, both, effort, pain])).toEqual([
      [1, 60, 7, 0],
      [2, 60, 7, 0],
      [3, 55, 7, 0],
    ]);
    expect(toldSets(press, read.items.press)).toMatchObject([
      { set: 1, left: 10, right: 9, effort: null, pain: null, form: { ribs: true } },
    ]);
  });

  it('tells no set nothing was typed of, and of one side what was typed of it', () => {
    const item = { ...emptyItem(press), sets: [{ left: ' 8 ' }, { left: '', right: '' }] };
    expect(toldSets(press, item)).toMatchObject([{ set: 1, left: 8, right: null, form: {}, felt: null }]);
    expect(toldSets(press, undefined)).toEqual([]);
  });

  it('tells no set of what is no number', () => {
    expect(
      toldSets(press, {
        ...emptyItem(press),
        sets: [
          { left: 'twenty', right: '2001' },
          { left: '9', right: 'x' },
        ],
      }),
    ).toMatchObject([{ set: 2, left: 9, right: null }]);
  });

  it('tells the pain of a set with its place and side, and none where there is none', () => {
    const item = {
      ...emptyItem(press),
      sets: [{ left: '8', right: '8' }],
      pain: 3,
      painPlace: 'shoulder',
      painSide: 'left',
      painNote: 'dull',
    } as const;
    expect(toldSets(press, { ...item, sets: [...item.sets] })).toMatchObject([
      { pain: 3, painPlace: 'shoulder', painSide: 'left', painNote: 'dull' },
    ]);
    expect(toldSets(press, { ...item, sets: [...item.sets], pain: 0 })).toMatchObject([
      { pain: 0, painPlace: null, painSide: null, painNote: '' },
    ]);
  });

  it('keeps what was there of what a line does not speak of', () => {
    const again = withLine(
      read,
      ways,
      { ...line, exercises: [{ ...line.exercises[1]!, effort: 6 }], minutes: null, daysAgo: null },
      String,
    );
    expect(again).toMatchObject({
      minutes: '14',
      on: '2026-06-00',
      items: { plank: { effort: 7 }, press: { effort: 6, clean: true } },
    });
  });

  it('gives what was put to one exercise to another, and takes its own back', () => {
    const turned = exchanged(read, ways, 'press', 'plank');
    expect(toldSets(press, turned.items.press).map(({ left, right }) => [left, right])).toEqual([
      [60, 60],
      [60, 60],
    ]);
    expect(toldSets(plank, turned.items.plank).map(({ both }) => both)).toEqual([10]);
  });

  it('says of a number that it is none', () => {
    expect(['', ' 12 ', '0', '2000', '2001', '1.5', 'x', '-1'].map((typed) => wrong(typed) === null)).toEqual([
      true,
      true,
      true,
      true,
      false,
      false,
      false,
      false,
    ]);
  });
});
