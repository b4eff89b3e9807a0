/** Points of a body in the order they come, and the balls each part of it is drawn round: `core/Figure/Shape.php` is the same list. */
export const PARTS: readonly (readonly (readonly [point: number, radius: number])[])[] = [
  [[9, 50], [10, 50], [7, 47], [8, 47]],
  [[7, 46], [8, 46], [5, 50], [6, 50]],
  [[5, 52], [6, 52], [3, 36], [4, 36]],
  [[2, 24], [0, 24]],
  [[0, 47], [1, 50]],
  [[3, 32], [19, 22]],
  [[4, 32], [20, 22]],
  [[19, 22], [21, 15]],
  [[20, 22], [22, 15]],
  [[21, 15], [23, 9]],
  [[22, 15], [24, 9]],
  [[9, 46], [11, 31]],
  [[10, 46], [12, 31]],
  [[11, 30], [13, 19]],
  [[12, 30], [14, 19]],
  [[13, 19], [15, 15], [17, 10]],
  [[14, 19], [16, 15], [18, 10]],
]; // prettier-ignore

/** Ends of limbs whose way an arrow can show, with what they belong to. */
export const TIPS: readonly (readonly [point: number, limb: string])[] = [
  [23, 'left-arm'],
  [24, 'right-arm'],
  [17, 'left-leg'],
  [18, 'right-leg'],
  [11, 'left-leg'],
  [12, 'right-leg'],
  [9, 'trunk'],
  [0, 'trunk'],
];
