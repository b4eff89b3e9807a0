import type { Action, ExternalToast } from 'sonner';

type Said = [sentence: string, options?: ExternalToast];

/** So long a key does what the notice offers, also where it has gone meanwhile. */
const OFFERED_MS = 10_000;

/** What was said before anything could draw it. */
const said: Said[] = [];
let draw: ((...one: Said) => void) | null = null;
let close: ((id: string) => void) | null = null;
let ask: (() => void) | null = null;
let count = 0;
let offered: { id: string; at: number; take: () => void } | null = null;

const isAction = (action: ExternalToast['action']): action is Action =>
  typeof action === 'object' && action !== null && 'onClick' in action;

/** A notice at the foot of the page. What draws it comes with the first one. */
export const toast = (sentence: string, options?: ExternalToast): void => {
  const one: Said = options === undefined ? [sentence] : [sentence, offering(options)];
  if (draw) return draw(...one);
  said.push(one);
  ask?.();
};

/** What it offers, such as the way back, is at hand by a key too, once. */
function offering(options: ExternalToast): ExternalToast {
  const { action } = options;
  if (!isAction(action)) return options;
  const id = `notice-${++count}`;
  const take = (event?: Parameters<Action['onClick']>[0]) => {
    if (offered?.id === id) offered = null;
    // No handler here asks where it was pressed.
    action.onClick(event as Parameters<Action['onClick']>[0]);
  };
  offered = { id, at: Date.now(), take };
  return { ...options, id, action: { ...action, onClick: take } };
}

/** Takes what the newest notice offers; says whether there was anything. */
export function takeOffer(): boolean {
  if (!offered || Date.now() > offered.at + OFFERED_MS) return false;
  const { id, take } = offered;
  take();
  close?.(id);
  return true;
}

/** Asked for once there is something to draw. */
export const onFirstNotice = (run: () => void): void => {
  ask = run;
  if (said.length > 0) run();
};

/** From here on notices are drawn; what was said meanwhile is. */
export const drawNotices = (run: NonNullable<typeof draw>, dismiss: typeof close = null): void => {
  draw = run;
  close = dismiss;
  for (const one of said.splice(0)) run(...one);
};
