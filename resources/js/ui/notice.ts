import type { ExternalToast } from 'sonner';

type Said = [sentence: string, options?: ExternalToast];

/** What was said before anything could draw it. */
const said: Said[] = [];
let draw: ((...one: Said) => void) | null = null;
let ask: (() => void) | null = null;

/** A notice at the foot of the page. What draws it comes with the first one. */
export const toast = (...one: Said): void => {
  if (draw) return draw(...one);
  said.push(one);
  ask?.();
};

/** Asked for once there is something to draw. */
export const onFirstNotice = (run: () => void): void => {
  ask = run;
  if (said.length > 0) run();
};

/** From here on notices are drawn; what was said meanwhile is. */
export const drawNotices = (run: NonNullable<typeof draw>): void => {
  draw = run;
  for (const one of said.splice(0)) run(...one);
};
