import type { ReactNode } from 'react';
import type { Refusal } from '@/api/client';
import { Button } from './Button';

/** What stands in a view while it waits, and when it could not be had. */
export function Loading({
  what,
  error,
  again,
  onward,
}: {
  what: string;
  error?: Refusal | null;
  again?: () => void;
  /** Where it goes from here, where asking once more changes nothing. */
  onward?: ReactNode;
}) {
  if (!error) return <p className="p-6 text-ink3">{what} …</p>;
  return (
    <div
      role="alert"
      className="m-6 grid max-w-xl content-start justify-items-start gap-3 self-start rounded-lg border border-rail bg-sheet p-5"
    >
      <p className="font-semibold">{error.sentence}</p>
      {error.id && !onward && <p className="text-sm text-ink3">Number to quote: {error.id}</p>}
      {error.code === 'not-found' ? (
        <p className="flex flex-wrap gap-4">
          The address may have been cut short, or belong to somebody else’s practice.
          <a href="/" className="look look-next">
            To the bench
          </a>
          <a href="/people" className="look look-plain">
            All people
          </a>
        </p>
      ) : (
        (onward ??
        (again && error.code !== 'danger-sign' && (
          <div>
            <Button onClick={again}>Try again</Button>
          </div>
        )))
      )}
    </div>
  );
}
