import { cx } from './cx';

/** One of several answers, to be pressed on the floor. */
export function Choice({ pressed, onPress, children }: { pressed: boolean; onPress: () => void; children: string }) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={onPress}
      className={cx(
        'min-h-11 rounded-md border px-3 text-sm',
        pressed ? 'border-ink bg-ink font-semibold text-ground' : 'border-rung-edge',
      )}
    >
      {children}
    </button>
  );
}
