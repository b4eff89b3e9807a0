import { Command } from 'cmdk';
import { Dialog as Radix } from 'radix-ui';
import type { ComponentProps } from 'react';
import { Over } from './Dialog';

/** A search over the page: a field, and what answers to it. */
export function SearchDialog({
  open,
  onClose,
  title,
  ...search
}: ComponentProps<typeof Command> & { open: boolean; onClose: () => void; title: string }) {
  return (
    <Over open={open} onClose={onClose} className="top-[10vh] w-[min(38rem,calc(100vw-2rem))] overflow-hidden">
      <Radix.Title className="sr-only">{title}</Radix.Title>
      <Command label={title} {...search} />
    </Over>
  );
}
