import type { ReactNode } from 'react';
import { cx } from './cx';

/** A key of the keyboard; `on` when it stands on the accent. */
export function Key({ children, on = false }: { children: ReactNode; on?: boolean }) {
  return (
    <kbd
      className={cx(
        'inline-block min-w-6 shrink-0 rounded-sm border px-1.5 text-center font-mono text-sm leading-5 whitespace-nowrap max-sm:hidden print:hidden',
        on ? 'border-on-rowan/60' : 'border-b-2 border-hairline bg-sheet text-ink2',
      )}
    >
      {children}
    </kbd>
  );
}
