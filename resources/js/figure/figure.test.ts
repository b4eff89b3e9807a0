import { describe, expect, it } from 'vitest';
import { outline, standing, tween, type Pose } from './body';
import { motionOf, waysOf, type FigureData } from './motion';
import { partAt } from './tempo';

const limb = (...angles: number[]) => [angles[0]!, angles[1]!, angles[2] ?? angles[1]!];
const stand: Pose = {
  trunk: [90, 90],
  head: 90,
  arm: limb(270, 270),
  farArm: limb(270, 270),
  leg: limb(270, 270, 0),
  farLeg: limb(270, 270, 0),
  short: [],
};
const figure = (change: Partial<FigureData>): FigureData => ({
  view: 'side',
  start: stand,
  middle: null,
  end: null,
  props: [],
  lift: 0,
  pin: null,
  ...change,
});

describe('a drawn body', () => {
  it('stands with its lowest point on the ground, whatever the pose', () => {
    for (const trunk of [90, 45, 0, 180] as const) {
      const body = standing({ ...stand, trunk: [trunk, trunk] }, 'side');
      const lowest = Math.min(
        ...body.pieces
          .filter((piece) => !piece.part.startsWith('far'))
          .flatMap((piece) => [piece.from.y - piece.fromRadius, piece.to.y - piece.toRadius]),
      );
      expect(lowest).toBeCloseTo(0, 5);
    }
  });

  it('keeps the length of its limbs while it moves', () => {
    const end: Pose = { ...stand, arm: limb(0, 90) };
    for (const part of [0, 0.3, 0.7, 1]) {
      const body = standing(tween(stand, end, part), 'side');
      expect(Math.hypot(body.elbow.x - body.shoulder.x, body.elbow.y - body.shoulder.y)).toBeCloseTo(31, 5);
    }
  });

  it('turns each limb the short way', () => {
    expect(tween({ ...stand, arm: limb(350, 350) }, { ...stand, arm: limb(10, 10) }, 0.5).arm[0]).toBe(360);
  });

  it('draws a segment short that points towards the viewer', () => {
    const body = standing({ ...stand, short: ['thigh'] }, 'front');
    expect(Math.hypot(body.knee.x - body.hip.x, body.knee.y - body.hip.y)).toBeLessThan(30);
  });

  it('keeps what is pinned in its place', () => {
    const hang = figure({ end: { ...stand, leg: limb(0, 270, 300) }, lift: 20, pin: 'shoulder' });
    const body = motionOf(hang);
    expect(body(1).shoulder).toEqual(body(0).shoulder);
  });

  it('has an outline for tapering and for round pieces', () => {
    expect(outline({ part: 'arm', from: { x: 0, y: 0 }, to: { x: 10, y: 0 }, fromRadius: 3, toRadius: 2 })).toMatch(
      /^M.*A2 2.*A3 3.*Z$/,
    );
    expect(outline({ part: 'head', from: { x: 0, y: 0 }, to: { x: 0, y: 0 }, fromRadius: 5, toRadius: 5 })).toMatch(/^M-5 0a5 5/);
  });
});

describe('the arrows', () => {
  it('are left out for a held rung and follow what moves most', () => {
    expect(waysOf(figure({}))).toEqual([]);
    const ways = waysOf(figure({ end: { ...stand, arm: limb(0, 0) } }));
    expect(ways).toHaveLength(1);
    expect(ways[0]!.at(-1)!.y).toBeGreaterThan(ways[0]![0]!.y);
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
