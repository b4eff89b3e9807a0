import { refusalOf } from '@/api/client';
import { Button } from './Button';

/** What stands in a view while it waits, and when it could not be had. */
export function Loading({ what, error, again }: { what: string; error?: unknown; again?: () => void }) {
  if (!error) return <p className="p-6 text-ink3">{what} …</p>;
  const refusal = refusalOf(error);
  return (
    <div role="alert" className="m-6 grid max-w-xl gap-3 rounded-lg border border-rail bg-sheet p-5">
      <p className="font-semibold">{refusal.sentence}</p>
      {refusal.id && <p className="text-sm text-ink3">Number to quote: {refusal.id}</p>}
      {again && refusal.code !== 'danger-sign' && (
        <div>
          <Button onClick={again}>Try again</Button>
        </div>
      )}
    </div>
  );
}
