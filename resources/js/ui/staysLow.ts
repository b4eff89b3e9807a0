const bars = new WeakMap<HTMLElement, number>();

/**
 * As the `ref` of a bar that stays at the lower edge and covers what is below it: what scrolls around it is marked, so that
 * what takes the keyboard comes to stand clear of the bar. `:has()` would say the same, and be asked at every change of the page.
 */
export function staysLow(bar: HTMLElement | null): (() => void) | undefined {
  if (!bar) return;
  const around = [document.documentElement, bar.closest<HTMLElement>('main, aside')].filter((one) => one !== null);
  const count = (by: 1 | -1) => {
    for (const one of around) {
      const left = (bars.get(one) ?? 0) + by;
      bars.set(one, left);
      one.toggleAttribute('data-low', left > 0);
    }
  };
  count(1);
  return () => count(-1);
}
