import { Dialog as Radix } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { cx } from './cx';
import { toHeading } from './toHeading';

/**
 * Gives the keyboard back to what it came from; where that is gone with what was done in the dialog, to the heading
 * rather than the top of the page. Whoever was brought elsewhere meanwhile stays there.
 */
function giveBack(from: Element | null): void {
  if (document.activeElement !== document.body) return;
  if (from instanceof HTMLElement && from !== document.body && from.isConnected) from.focus();
  else toHeading();
}

/** The keyboard never begins on a button that acts: where it comes first, what it is about is read before. */
function beginBeforeWhatActs(event: Event): void {
  const box = event.currentTarget;
  if (!(box instanceof HTMLElement) || !box.querySelector('input, select, textarea, button, a[href]')?.matches('.look-next'))
    return;
  event.preventDefault();
  box.focus();
}

interface Content {
  /** As what it lies over. */
  dark?: boolean | undefined;
  className: string;
  children: ReactNode;
}

/** A question or a small task over the page; Escape closes it. */
export function Dialog({
  open,
  onClose,
  title,
  wide = false,
  dark,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  /** For two columns side by side. */
  wide?: boolean;
  /** Over the clock on the floor. */
  dark?: boolean;
  children: ReactNode;
}) {
  return (
    <Over
      open={open}
      onClose={onClose}
      dark={dark}
      className={cx(
        'grid gap-4 overflow-y-auto p-5',
        wide
          ? 'top-[6vh] max-h-[88vh] w-[min(62rem,calc(100vw-2rem))]'
          : 'top-[12vh] max-h-[80vh] w-[min(36rem,calc(100vw-2rem))]',
      )}
    >
      <Radix.Title className="font-display text-xl font-[650]">{title}</Radix.Title>
      {children}
    </Over>
  );
}

/** What lies over the page; its first child is its title. */
export function Over({ open, onClose, ...content }: Content & { open: boolean; onClose: () => void }) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-veil" />
        <Box {...content} />
      </Radix.Portal>
    </Radix.Root>
  );
}

/** It is there while the dialog is open, and remembers where the keyboard was before. */
function Box({ dark, className, children }: Content) {
  const [from] = useState(() => document.activeElement);
  return (
    <Radix.Content
      aria-describedby={undefined}
      data-theme={dark ? 'dark' : undefined}
      onOpenAutoFocus={beginBeforeWhatActs}
      onCloseAutoFocus={(event) => {
        event.preventDefault();
        giveBack(from);
      }}
      className={cx('fixed left-1/2 z-50 -translate-x-1/2 rounded-lg border border-rail bg-sheet text-ink', className)}
    >
      {children}
    </Radix.Content>
  );
}
