/**
 * Gives the keyboard to a heading where what had it is gone with what was done, rather than to the top of the page. Whoever
 * was brought elsewhere meanwhile stays there.
 */
export function toHeading(selector = 'main h1'): void {
  const heading = document.querySelector<HTMLElement>(selector);
  if (document.activeElement !== document.body || !heading) return;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}

/** The same once what was done is drawn. */
export const toHeadingNext = (selector?: string): number => requestAnimationFrame(() => toHeading(selector));
