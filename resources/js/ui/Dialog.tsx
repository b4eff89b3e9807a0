import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { cx } from './cx';

/** A question or a small task over the page; Escape closes it. */
export function Dialog({
  open,
  onClose,
  title,
  wide = false,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  /** For two columns side by side. */
  wide?: boolean;
  children: ReactNode;
}) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-veil" />
        <Radix.Content
          aria-describedby={undefined}
          className={cx(
            'fixed left-1/2 z-50 grid -translate-x-1/2 gap-4 overflow-y-auto rounded-lg border border-rail bg-sheet p-5 text-ink',
            wide
              ? 'top-[6vh] max-h-[88vh] w-[min(62rem,calc(100vw-2rem))]'
              : 'top-[12vh] max-h-[80vh] w-[min(36rem,calc(100vw-2rem))]',
          )}
        >
          <Radix.Title className="font-display text-xl font-[650]">{title}</Radix.Title>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
