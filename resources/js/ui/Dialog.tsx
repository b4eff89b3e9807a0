import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** A question or a small task over the page; Escape closes it. */
export function Dialog({
  open,
  onClose,
  title,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  children: ReactNode;
}) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/40 dark:bg-black/60" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-50 grid max-h-[80vh] w-[min(36rem,calc(100vw-2rem))] -translate-x-1/2 gap-4 overflow-y-auto rounded-lg border border-rail bg-sheet p-5 text-ink"
        >
          <Radix.Title className="font-display text-xl font-[650]">{title}</Radix.Title>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
