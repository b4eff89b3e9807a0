import { Link, useParams } from 'react-router';
import type { Schemas } from '@/api/client';
import { Why } from './reason';

/** Of what is left out until somebody decides. */
const WAITS = 'pain.waits';

/** What of a session a limit, missing kit or a decision that waits keeps from the person; for the trainer, not for paper. */
export function LeftOut({ leftOut }: { leftOut: Schemas['ReasonView'][] }) {
  const { id } = useParams();
  if (leftOut.length === 0) return null;
  return (
    <section aria-label="Left out" className="grid gap-1.5 rounded-md border border-dashed border-ochre bg-sheet p-3">
      <p className="font-semibold">
        {leftOut.length === 1 ? 'One thing of this session is left out' : `${leftOut.length} things of this session are left out`}
      </p>
      {leftOut.map((reason) => (
        <Why key={reason.sentence} title="Left out" reasons={reason} className="text-sm">
          {reason.sentence}
        </Why>
      ))}
      {leftOut.some(({ rule }) => rule === WAITS) && (
        <Link to={`/people/${id ?? ''}/review`} className="justify-self-start underline underline-offset-4">
          Decide first
        </Link>
      )}
    </section>
  );
}
