import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { boundsOf, piecesAt, startOf, waysOf, type FigureData } from './drawing';
import { Figure } from './Figure';
import { partAt } from './tempo';

/** Twenty-five points on a line upwards, the first finger at a place of its own. */
const standing = (finger: [number, number, number]): number[] =>
  Array.from({ length: 25 }, (_, at) => (at === 23 ? finger : [0, 0, 40 * at])).flat();
const figure = (change: Partial<FigureData> = {}): FigureData => ({
  view: [0, 0],
  side: 'left',
  frames: [standing([100, 0, 500])],
  kit: [],
  shadow: [[0, 0, 0]],
  force: [],
  ...change,
});
const moving = figure({
  frames: [standing([100, 0, 500]), standing([300, 0, 500]), standing([300, 0, 900])],
  shadow: [[], [], []],
});

describe('a drawn body', () => {
  it('is sorted from far to near, and the nearer it is the darker', () => {
    const deep = figure({
      frames: [standing([0, 0, 500]).map((value, at) => (at % 3 === 1 ? (at % 2 === 0 ? -300 : 300) : value))],
    });
    const tones = piecesAt(deep, 1, [0, 0])
      .slice(1)
      .map((piece) => Number(piece.tone.slice(5)));
    expect(tones).toEqual([...tones].sort((a, b) => b - a));
    expect(new Set(tones).size).toBeGreaterThan(2);
  });

  it('is seen from the right, from the front and from above as it is turned', () => {
    const out = (view: [number, number]) => {
      const at = waysOf(moving, view)[0]!;
      return at[1]![0] - at[0]![0];
    };
    expect(out([0, 0])).toBeCloseTo(40);
    expect(waysOf(moving, [90, 0])[0]![1]![0]).toBeCloseTo(waysOf(moving, [90, 0])[0]![0]![0]);
    expect(out([180, 0])).toBeCloseTo(-40);
  });

  it('stands between its frames as far as the part of the way says', () => {
    const hand = (part: number) => Math.max(...piecesAt(moving, part, [0, 0]).flatMap((piece) => piece.outline.map(([x]) => x)));
    expect(hand(0.25) - hand(0)).toBeCloseTo(20, 0);
    expect(hand(0.5)).toBeCloseTo(hand(1), 0);
  });

  it('keeps every position of its way and the kit within the frame', () => {
    const box = boundsOf({ ...moving, kit: [{ tone: 'weight', radii: [50], frames: [[2000, 0, 0]] }] }, [0, 0]);
    expect(box.right).toBeGreaterThanOrEqual(410);
    expect(box.top).toBeGreaterThanOrEqual(180);
  });
});

describe('a figure that an earlier version kept', () => {
  it('is not drawn, and breaks nothing', () => {
    const old = { view: 'side', start: { trunk: [90, 90] }, end: null, props: [] } as unknown as FigureData;
    expect(renderToStaticMarkup(createElement(Figure, { figure: old, label: 'Plank' }))).not.toContain('<path');
    expect(renderToStaticMarkup(createElement(Figure, { figure: figure(), label: 'Plank' }))).toContain('<path');
  });
});

describe('the arrows', () => {
  it('are left out for a held rung and follow what moves most', () => {
    expect(waysOf(figure(), [0, 0])).toEqual([]);
    expect(startOf(figure(), [0, 0])).toEqual([]);
    const ways = waysOf(moving, [0, 0]);
    expect(ways).toHaveLength(1);
    expect(ways[0]!.at(-1)![1]).toBeGreaterThan(ways[0]![0]![1]);
    expect(startOf(moving, [0, 0])).toHaveLength(1);
  });
});

describe('the tempo of a moving figure', () => {
  const tempo = [
    { seconds: 2, isPause: false },
    { seconds: 3, isPause: true },
    { seconds: 2, isPause: false },
  ];

  it('goes out, holds and comes back in its own seconds, and begins again', () => {
    expect(partAt(tempo, 0)).toBe(0);
    expect(partAt(tempo, 1)).toBeCloseTo(0.5);
    expect(partAt(tempo, 3.5)).toBe(1);
    expect(partAt(tempo, 6)).toBeCloseTo(0.5);
    expect(partAt(tempo, 7)).toBe(0);
  });

  it('moves plainly where a rung has no tempo', () => {
    expect(partAt([], 1.5)).toBe(1);
  });
});
