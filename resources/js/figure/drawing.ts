import type { Schemas } from '@/api/client';
import { PARTS, TIPS } from './shape';

/**
 * A body and its kit as sorted filled outlines, seen without perspective: projects, sorts by depth and draws, nothing else.
 * `core/Figure/Drawing.php` draws the same for paper, held together by tests/Library/picture.test.ts.
 */

export type FigureData = Schemas['Figure'];
export type View = readonly [round: number, up: number];
export type Point = [x: number, y: number];
type Deep = [x: number, y: number, depth: number];
type Ball = [x: number, y: number, depth: number, radius: number];
export interface Piece {
  /** `shadow`, `start`, `kit`, `weight`, `rail`, or `body-0` (near) to `body-6` (far). */
  tone: string;
  outline: Point[];
}

/** Units of the drawing for a stature. */
const SCALE = 200;
const TONES = 7;
const CORNERS = 20;
const DEPTH = 0.45;
const MOVED = 5;
const SHORTEST_WAY = 12;
/** Kit that lies on the body's own depth is drawn a little nearer than what holds it. */
const NEARER: Record<string, number> = { weight: 0.05, kit: -0.06, rail: 0 };
const turns = (corners: number): Point[] =>
  Array.from({ length: corners }, (_, at): Point => {
    const turn = (2 * Math.PI * at) / corners;
    return [Math.cos(turn), Math.sin(turn)];
  });
const TURNS = turns(CORNERS);
/** What is thinner than this has fewer corners. */
const THIN = 4;
const FEW = turns(8);

export const viewOf = (figure: FigureData): View => [figure.view[0] ?? 20, figure.view[1] ?? 10];

/** Numbers of all frames at a part of the way: between two frames each number is as far along. */
function along(frames: readonly (readonly number[])[], part: number): readonly number[] {
  if (frames.length === 1) return frames[0]!;
  const at = Math.max(0, Math.min(1, part)) * (frames.length - 1);
  const from = Math.min(Math.floor(at), frames.length - 2);
  const [a, b] = [frames[from]!, frames[from + 1]!];
  const share = at - from;
  if (share === 0 || a.length !== b.length) return a;
  return share === 1 ? b : a.map((value, index) => value + (b[index]! - value) * share);
}

/** To the right, up and away, in units of the drawing, of places in thousandths of stature. */
function seen(numbers: readonly number[], view: View): Deep[] {
  const [round, up] = [(view[0] * Math.PI) / 180, (view[1] * Math.PI) / 180];
  const [cr, sr, cu, su] = [Math.cos(round), Math.sin(round), Math.cos(up), Math.sin(up)];
  const points: Deep[] = [];
  for (let at = 0; at + 2 < numbers.length; at += 3) {
    const [x, y, z] = [numbers[at]! / 1000, numbers[at + 1]! / 1000, numbers[at + 2]! / 1000];
    const away = -x * sr + y * cr;
    points.push([SCALE * (x * cr + y * sr), SCALE * (away * su + z * cu), SCALE * (away * cu - z * su)]);
  }
  return points;
}

const ballsOf = (points: Deep[], balls: (typeof PARTS)[number]): Ball[] =>
  balls.map(([point, radius]) => [...points[point]!, (radius / 1000) * SCALE]);

const depthOf = (balls: Ball[]): number => balls.reduce((sum, ball) => sum + ball[2], 0) / Math.max(1, balls.length);

const outlineOf = (balls: Ball[]): Point[] =>
  hull(
    balls.flatMap(([x, y, , radius]) => (radius < THIN ? FEW : TURNS).map(([c, s]): Point => [x + radius * c, y + radius * s])),
  );

/** Andrew's monotone chain: the corners of what all points are in, against the clock. */
function hull(corners: Point[]): Point[] {
  corners.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (sorted: Point[]): Point[] => {
    const chain: Point[] = [];
    for (const next of sorted) {
      while (chain.length > 1) {
        const [a, b] = [chain.at(-2)!, chain.at(-1)!];
        if ((b[0] - a[0]) * (next[1] - a[1]) - (b[1] - a[1]) * (next[0] - a[0]) > 0) break;
        chain.pop();
      }
      chain.push(next);
    }
    chain.pop();
    return chain;
  };
  return [...half(corners), ...half(corners.reverse())];
}

function shadowOf(places: readonly number[], view: View): Point[] {
  const round = [];
  for (let at = 0; at + 2 < places.length; at += 3) {
    for (const [c, s] of TURNS) round.push(places[at]! + 55 * c, places[at + 1]! + 55 * s, 0);
  }
  return hull(seen(round, view).map(([x, y]): Point => [x, y]));
}

/** Body and kit at a part of the way (0 start, 1 end), farthest first. */
export function piecesAt(figure: FigureData, part: number, view: View): Piece[] {
  const points = seen(along(figure.frames, part), view);
  const pieces = PARTS.map((part): [string, number, Ball[]] => {
    const balls = ballsOf(points, part);
    return ['body', depthOf(balls), balls];
  });
  const near = Math.min(...pieces.map(([, depth]) => depth));
  const far = Math.max(...pieces.map(([, depth]) => depth));
  const spare = Math.max(0, DEPTH * SCALE - (far - near));
  for (const piece of figure.kit) {
    const balls = seen(along(piece.frames, part), view).map((point, at): Ball => [
      ...point,
      ((piece.radii[at] ?? 0) / 1000) * SCALE,
    ]);
    pieces.push([piece.tone, depthOf(balls) - (NEARER[piece.tone] ?? 0) * SCALE, balls]);
  }
  pieces.sort((a, b) => b[1] - a[1]);
  const frame = Math.round(Math.max(0, Math.min(1, part)) * (figure.shadow.length - 1));
  return [
    { tone: 'shadow', outline: shadowOf(figure.shadow[frame] ?? [], view) },
    ...pieces.map(([tone, depth, balls]) => {
      const step = Math.floor(((depth - near + spare / 2) / (far - near + spare)) * TONES);
      return { tone: tone === 'body' ? `body-${Math.max(0, Math.min(TONES - 1, step))}` : tone, outline: outlineOf(balls) };
    }),
  ];
}

/** The parts of the start that are elsewhere at the end. */
export function startOf(figure: FigureData, view: View): Piece[] {
  if (figure.frames.length === 1) return [];
  const [start, end] = [seen(figure.frames[0]!, view), seen(figure.frames.at(-1)!, view)];
  return PARTS.filter((balls) =>
    balls.some(([point]) => Math.hypot(start[point]![0] - end[point]![0], start[point]![1] - end[point]![1]) > MOVED),
  ).map((balls) => ({ tone: 'start', outline: outlineOf(ballsOf(start, balls)) }));
}

/** The ways of what moves most, from start to end; none for a held rung. */
export function waysOf(figure: FigureData, view: View): Point[][] {
  const frames = figure.frames.map((frame) => seen(frame, view));
  const ways = TIPS.map(([tip, limb]) => {
    const points = frames.map((frame): Point => [frame[tip]![0], frame[tip]![1]]);
    const length = points
      .slice(1)
      .reduce((sum, point, at) => sum + Math.hypot(point[0] - points[at]![0], point[1] - points[at]![1]), 0);
    return { limb, points, length };
  })
    .filter((way) => way.length >= SHORTEST_WAY)
    .sort((a, b) => b.length - a.length);
  const longest = ways[0];
  if (!longest) return [];
  const end = longest.points.at(-1)!;
  const second = ways.find(
    (way) =>
      way.limb !== longest.limb &&
      way.length > 0.62 * longest.length &&
      Math.hypot(way.points.at(-1)![0] - end[0], way.points.at(-1)![1] - end[1]) > 18,
  );
  return second ? [longest.points, second.points] : [longest.points];
}

/** The force that is resisted at the end, from where to where; empty where there is no arrow for it. */
export const forceOf = (figure: FigureData, view: View): Point[] =>
  // A device may have kept a figure from before arrows.
  seen(figure.force ?? [], view).map(([x, y]): Point => [x, y]);

/** The frame that holds every position of the way and the kit; small figures are not blown up. */
export function boundsOf(figure: FigureData, view: View): { left: number; right: number; top: number; bottom: number } {
  let [left, right, top, bottom] = [Infinity, -Infinity, -Infinity, Infinity];
  const take = ([x, y]: readonly number[], radius: number) => {
    left = Math.min(left, x! - radius);
    right = Math.max(right, x! + radius);
    top = Math.max(top, y! + radius);
    bottom = Math.min(bottom, y! - radius);
  };
  for (const frame of figure.frames) {
    const points = seen(frame, view);
    for (const balls of PARTS) for (const [point, radius] of balls) take(points[point]!, (radius / 1000) * SCALE);
  }
  for (const piece of figure.kit) {
    for (const frame of piece.frames) {
      seen(frame, view).forEach((point, at) => take(point, ((piece.radii[at] ?? 0) / 1000) * SCALE));
    }
  }
  for (const point of forceOf(figure, view)) take(point, 4);
  for (const places of figure.shadow) for (const point of seen(places, view)) take([point[0], point[1]], 11);
  const wide = Math.max(0, 190 - (right - left)) / 2;
  return { left: left - wide, right: right + wide, top: Math.max(top, bottom + 120), bottom };
}

export const pathOf = (points: readonly Point[], closed = true): string =>
  points.length === 0 ? '' : `M${points.map(([x, y]) => `${x.toFixed(1)} ${(-y).toFixed(1)}`).join('L')}${closed ? 'Z' : ''}`;
