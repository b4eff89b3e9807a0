import type { ReactNode } from 'react';
import { useFloor } from '@/frame/useFloor';
import { cx } from '@/ui/cx';

/** A clock on a wall: the whole window, dark, nothing of the desk around it. */
export function OnWall({ rows, children }: { rows: string; children: ReactNode }) {
  useFloor(true);
  return (
    <main data-theme="dark" className={cx('fixed inset-0 z-20 grid gap-[2vh] overflow-hidden bg-ground p-[3vh] text-ink', rows)}>
      {children}
    </main>
  );
}
