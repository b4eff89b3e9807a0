import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { Status } from '@/ui/Status';

/** Stands in place of plan, session and coaching while a danger sign has no clearance. */
export function Closed({ person }: { person: Schemas['PersonView'] }) {
  return (
    <main className="flex-1 p-6">
      <div className="grid max-w-xl gap-3 rounded-lg border-2 border-ink bg-sheet p-5">
        <Status kind="stop" />
        <h1 className="text-2xl">{person.standing.urgencyText}</h1>
        <p>{person.standing.reason?.sentence}</p>
        <p className="text-sm text-ink2">{person.standing.reason?.source}</p>
        <Link to={`/people/${person.id}/person`} className="look look-next justify-self-start">
          Record the clearance, or print the referral note
        </Link>
      </div>
    </main>
  );
}
