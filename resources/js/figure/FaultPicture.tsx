import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { Figure } from './Figure';

/** A fault as a picture beside the right one, marked by a cross as well as by its frame, in the words that its answer goes with. */
export function FaultPicture({
  fault,
  mirrored = false,
  className = 'h-24',
}: {
  fault: Schemas['DrawnFault'];
  mirrored?: boolean;
  /** Height of the picture. */
  className?: string;
}) {
  return (
    <figure className="grid content-start rounded-md border border-rowan p-1.5">
      <Figure figure={fault.figure} plain mirrored={mirrored} label={`Seen: ${fault.seen}`} className={cx('w-full', className)} />
      <figcaption className="text-sm leading-snug font-semibold text-rowan">
        <span aria-hidden="true">✕ </span>
        {fault.seen.replace(/\.$/, '') || fault.kind}
      </figcaption>
    </figure>
  );
}
