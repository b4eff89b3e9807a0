import { pinned, standing, tween, type Joint, type Point, type Pose, type Skeleton, type View } from './body';

export interface FigureData {
  view: View;
  start: Pose;
  middle: Pose | null;
  end: Pose | null;
  props: { kind: string; joint: Joint; direction: number | null }[];
  lift: number;
  pin: Joint | null;
}

/** What can stay on the ground while the rest moves, likeliest first. */
const ANCHORS: Joint[] = [
  'hip',
  'knee',
  'far-knee',
  'toe',
  'far-toe',
  'ankle',
  'far-ankle',
  'elbow',
  'hand',
  'far-elbow',
  'far-hand',
];
/** Ends of limbs whose way an arrow can show, with the limb they belong to. */
const TIPS: [Joint, string][] = [
  ['hand', 'arm'], ['far-hand', 'far-arm'], ['toe', 'leg'], ['far-toe', 'far-leg'],
  ['knee', 'leg'], ['far-knee', 'far-leg'], ['hip', 'trunk'], ['head', 'trunk'],
]; // prettier-ignore
/** Ways shorter than this (a thigh is 46) are not worth an arrow. */
const SHORTEST_WAY = 9;
const SAMPLES = 12;

/** Bodies of a figure at any part of the way from start (0) to end (1). */
export function motionOf(figure: FigureData): (part: number) => Skeleton {
  const poses = [figure.start, ...(figure.middle ? [figure.middle] : []), ...(figure.end ? [figure.end] : [])];
  const first = standing(figure.start, figure.view, figure.lift);
  const last = standing(poses.at(-1)!, figure.view, figure.lift);
  const low = (body: Skeleton, joint: Joint) => body[joint].y < figure.lift + (joint === 'hip' ? 13 : 9);
  const pin = figure.pin ?? ANCHORS.find((joint) => low(first, joint) && low(last, joint)) ?? 'hip';
  return (part) => {
    const at = Math.max(0, Math.min(1, part)) * (poses.length - 1);
    const index = Math.min(Math.floor(at), Math.max(0, poses.length - 2));
    const pose = poses.length === 1 ? figure.start : tween(poses[index]!, poses[index + 1]!, at - index);
    // A named pin holds its height as well: hands on a bar, an elbow on the floor.
    return pinned(standing(pose, figure.view, figure.lift), pin, first[pin].x, figure.pin ? first[pin].y : undefined);
  };
}

/** The ways of what moves most, each as points from start to end; none for a held rung. */
export function waysOf(figure: FigureData): Point[][] {
  if (!figure.end) return [];
  const body = motionOf(figure);
  const samples = Array.from({ length: SAMPLES + 1 }, (_, index) => body(index / SAMPLES));
  const ways = TIPS.map(([joint, limb]) => {
    const points = samples.map((sample) => ({ x: sample[joint].x, y: sample[joint].y }));
    const length = points.slice(1).reduce((sum, point, i) => sum + Math.hypot(point.x - points[i]!.x, point.y - points[i]!.y), 0);
    return { limb, points, length };
  })
    .filter((way) => way.length >= SHORTEST_WAY)
    .sort((a, b) => b.length - a.length);
  const [longest] = ways;
  if (!longest) return [];
  const apart = (a: Point[], b: Point[]) => Math.hypot(a.at(-1)!.x - b.at(-1)!.x, a.at(-1)!.y - b.at(-1)!.y) > 18;
  const second = ways.find(
    (way) => way.limb !== longest.limb && way.length > 0.62 * longest.length && apart(way.points, longest.points),
  );
  return second ? [longest.points, second.points] : [longest.points];
}
