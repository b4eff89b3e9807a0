/**
 * A jointed body: fixed segment lengths, posed by the absolute angle of each segment (0° to the right, 90° up).
 * Points are in the figure's own units with y upward and the ground at 0.
 */
/** Upper, middle and last segment of a limb. */
type Limb = readonly number[];
export interface Pose {
  /** hip to waist, waist to shoulder */
  trunk: readonly number[];
  head: number;
  arm: Limb;
  farArm: Limb;
  leg: Limb;
  farLeg: Limb;
  /** Segments that point towards the viewer or away, and so are drawn short. */
  short: readonly string[];
}
/** A pose between two poses has segments on their way between short and full. */
type Between = Pose & { lengths?: Record<string, number> };
export type View = 'side' | 'front' | 'above';
export interface Point {
  x: number;
  y: number;
}
/** A rounded, tapering piece of the body from one point to another. */
export interface Piece {
  part: 'trunk' | 'head' | 'arm' | 'leg' | 'far-arm' | 'far-leg';
  from: Point;
  to: Point;
  fromRadius: number;
  toRadius: number;
}

const LENGTH = { halfTrunk: 29, neck: 10, headUp: 9, upperArm: 31, forearm: 27, hand: 8, thigh: 46, shank: 44, foot: 16 };
/** Half the breadth of shoulders and hips, seen from the front. */
const BREADTH = { shoulder: 16, hip: 8.5 };
/** How far the far side stands behind, so that it shows beside a near limb in the same pose. */
const BEHIND: Point = { x: 3.5, y: 2 };

const JOINTS = [
  'hip', 'waist', 'shoulder', 'head', 'back',
  'elbow', 'wrist', 'hand', 'knee', 'ankle', 'toe',
  'far-elbow', 'far-wrist', 'far-hand', 'far-knee', 'far-ankle', 'far-toe',
] as const; // prettier-ignore
export type Joint = (typeof JOINTS)[number];
export type Skeleton = Record<Joint, Point> & { pieces: Piece[] };

const SEGMENTS = ['upper-arm', 'forearm', 'thigh', 'shank', 'far-upper-arm', 'far-forearm', 'far-thigh', 'far-shank'];
const SHORTENED = 0.45;
const lengthOf = (pose: Between, segment: string): number =>
  pose.lengths?.[segment] ?? (pose.short.includes(segment) ? SHORTENED : 1);

const RADIANS = Math.PI / 180;
const go = (from: Point, degrees: number, length: number): Point => ({
  x: from.x + Math.cos(degrees * RADIANS) * length,
  y: from.y + Math.sin(degrees * RADIANS) * length,
});
const move = (point: Point, by: Point, times = 1): Point => ({ x: point.x + by.x * times, y: point.y + by.y * times });
const between = (a: Point, b: Point, part: number): Point => ({ x: a.x + (b.x - a.x) * part, y: a.y + (b.y - a.y) * part });

/** The body with its hip at 0/0. */
function jointed(pose: Between, view: View): Skeleton {
  const hip: Point = { x: 0, y: 0 };
  const waist = go(hip, pose.trunk[0]!, LENGTH.halfTrunk);
  const shoulder = go(waist, pose.trunk[1]!, LENGTH.halfTrunk);
  const head = go(shoulder, pose.head, LENGTH.neck + LENGTH.headUp);
  const pieces: Piece[] = [];
  const piece = (part: Piece['part'], from: Point, to: Point, fromRadius: number, toRadius: number) =>
    pieces.push({ part, from, to, fromRadius, toRadius });

  const front = view !== 'side';
  const shoulderOf = (far: boolean): Point =>
    front
      ? go(shoulder, pose.trunk[1]! - 90, far ? -BREADTH.shoulder : BREADTH.shoulder)
      : far
        ? move(shoulder, BEHIND)
        : shoulder;
  const hipOf = (far: boolean): Point =>
    front ? go(hip, pose.trunk[0]! - 90, far ? -BREADTH.hip : BREADTH.hip) : far ? move(hip, BEHIND) : hip;
  const arm = (angles: Limb, far: boolean) => {
    const root = shoulderOf(far);
    const name = far ? 'far-' : '';
    const elbow = go(root, angles[0]!, LENGTH.upperArm * lengthOf(pose, `${name}upper-arm`));
    const wrist = go(elbow, angles[1]!, LENGTH.forearm * lengthOf(pose, `${name}forearm`));
    const hand = go(wrist, angles[2]!, LENGTH.hand);
    const part = far ? 'far-arm' : 'arm';
    piece(part, root, elbow, front ? 6.2 : 7, 5);
    piece(part, elbow, wrist, 5, 3.6);
    piece(part, wrist, hand, 3.8, 3);
    return [elbow, wrist, hand] as const;
  };
  const leg = (angles: Limb, far: boolean) => {
    const root = hipOf(far);
    const name = far ? 'far-' : '';
    const knee = go(root, angles[0]!, LENGTH.thigh * lengthOf(pose, `${name}thigh`));
    const ankle = go(knee, angles[1]!, LENGTH.shank * lengthOf(pose, `${name}shank`));
    const toe = go(ankle, angles[2]!, front ? LENGTH.foot * 0.6 : LENGTH.foot);
    const part = far ? 'far-leg' : 'leg';
    piece(part, root, knee, front ? 8.6 : 9.5, 6.2);
    // The calf is fullest a third of the way down.
    piece(part, knee, between(knee, ankle, 0.35), 6, 5.8);
    piece(part, between(knee, ankle, 0.35), ankle, 5.8, 3.8);
    piece(part, ankle, toe, 4, 2.8);
    return [knee, ankle, toe] as const;
  };

  const [farElbow, farWrist, farHand] = arm(pose.farArm, true);
  const [farKnee, farAnkle, farToe] = leg(pose.farLeg, true);
  if (front) {
    piece(
      'trunk',
      between(shoulderOf(true), shoulderOf(false), 0.06),
      between(shoulderOf(true), shoulderOf(false), 0.94),
      6.6,
      6.6,
    );
    piece('trunk', hipOf(true), hipOf(false), 8.8, 8.8);
    for (const far of [true, false])
      piece('trunk', between(shoulder, shoulderOf(far), 0.5), between(hip, hipOf(far), 0.6), 9.5, 9);
  } else {
    piece('trunk', hip, waist, 11, 9.6);
    piece('trunk', waist, between(waist, shoulder, 0.62), 9.6, 11.6);
    piece('trunk', between(waist, shoulder, 0.62), shoulder, 11.6, 8.2);
  }
  piece('head', shoulder, head, 4.6, 4.6);
  piece('head', between(shoulder, head, 0.98), between(shoulder, head, 1.13), 10.6, 10.4);
  const [knee, ankle, toe] = leg(pose.leg, false);
  const [elbow, wrist, hand] = arm(pose.arm, false);
  return {
    hip, waist, shoulder, head, back: go(waist, pose.trunk[0]! + 90, 10),
    elbow, wrist, hand, knee, ankle, toe,
    'far-elbow': farElbow, 'far-wrist': farWrist, 'far-hand': farHand,
    'far-knee': farKnee, 'far-ankle': farAnkle, 'far-toe': farToe,
    pieces,
  }; // prettier-ignore
}

function shifted(body: Skeleton, by: Point): Skeleton {
  const moved = {
    pieces: body.pieces.map((piece) => ({ ...piece, from: move(piece.from, by), to: move(piece.to, by) })),
  } as Skeleton;
  for (const joint of JOINTS) moved[joint] = move(body[joint], by);
  return moved;
}

/** How far the lowest point of the near side and the trunk is from the hip. */
function lowest(body: Skeleton, view: View): number {
  return Math.min(
    ...body.pieces.map((piece) => {
      const behind = view === 'side' && piece.part.startsWith('far') ? BEHIND.y : 0;
      return Math.min(piece.from.y - piece.fromRadius, piece.to.y - piece.toRadius) - behind;
    }),
  );
}

/** The body standing on the ground, or above it by `lift`. */
export function standing(pose: Between, view: View, lift = 0): Skeleton {
  const body = jointed(pose, view);
  return shifted(body, { x: 0, y: lift - lowest(body, view) });
}

const turn = (from: number, to: number, part: number): number => from + (((((to - from) % 360) + 540) % 360) - 180) * part;
const turnAll = (from: Limb, to: Limb, part: number): Limb => from.map((angle, index) => turn(angle, to[index]!, part));

/** A pose between two, each segment turning the short way. */
export function tween(from: Pose, to: Pose, part: number): Between {
  const blend = (segment: string) => lengthOf(from, segment) + (lengthOf(to, segment) - lengthOf(from, segment)) * part;
  return {
    short: [],
    lengths: Object.fromEntries(SEGMENTS.map((segment) => [segment, blend(segment)])),
    trunk: turnAll(from.trunk, to.trunk, part),
    head: turn(from.head, to.head, part),
    arm: turnAll(from.arm, to.arm, part),
    farArm: turnAll(from.farArm, to.farArm, part),
    leg: turnAll(from.leg, to.leg, part),
    farLeg: turnAll(from.farLeg, to.farLeg, part),
  };
}

/** Moves a body until the joint stands at x, and at y where that is given. */
export const pinned = (body: Skeleton, joint: Joint, x: number, y?: number): Skeleton =>
  shifted(body, { x: x - body[joint].x, y: y === undefined ? 0 : y - body[joint].y });

/** Outline of a piece as an SVG path. */
export function outline({ from, to, fromRadius, toRadius }: Piece): string {
  const distance = Math.hypot(to.x - from.x, to.y - from.y);
  const round = (value: number) => Math.round(value * 10) / 10;
  if (distance <= Math.abs(fromRadius - toRadius) + 0.01) {
    const [at, radius] = fromRadius > toRadius ? [from, fromRadius] : [to, toRadius];
    return `M${round(at.x - radius)} ${round(at.y)}a${radius} ${radius} 0 1 0 ${radius * 2} 0a${radius} ${radius} 0 1 0 ${-radius * 2} 0Z`;
  }
  const along = Math.atan2(to.y - from.y, to.x - from.x);
  const open = Math.acos((fromRadius - toRadius) / distance);
  const at = (point: Point, angle: number, radius: number) =>
    `${round(point.x + Math.cos(angle) * radius)} ${round(point.y + Math.sin(angle) * radius)}`;
  return [
    `M${at(from, along + open, fromRadius)}L${at(to, along + open, toRadius)}`,
    `A${toRadius} ${toRadius} 0 ${open > Math.PI / 2 ? 1 : 0} 0 ${at(to, along - open, toRadius)}`,
    `L${at(from, along - open, fromRadius)}`,
    `A${fromRadius} ${fromRadius} 0 ${open < Math.PI / 2 ? 1 : 0} 0 ${at(from, along + open, fromRadius)}Z`,
  ].join('');
}
