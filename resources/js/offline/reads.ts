import { forgetDrafts, shelf } from '@/editor/device';
import { lock } from './code';
import { wipe } from './store';

/** Who only reads, as far as this device knows: what it kept of people while they trained has gone. */
const reads = shelf<true>('reads', (value) => value);

/** Whoever only reads keeps nobody on a device: what was kept there before goes, once. */
export async function keepNobody(owner: string): Promise<void> {
  if (reads.of(owner)) return;
  await wipe(owner);
  lock();
  forgetDrafts();
  reads.keep(owner, true);
}

/** Whoever trains again may keep people again. */
export const mayKeep = (owner: string): boolean => reads.keep(owner, null);
