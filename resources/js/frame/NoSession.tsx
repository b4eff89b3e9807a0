import { Link } from 'react-router';

/** Stands where a sheet or a player would, until a session is written. */
export function NoSession({ person }: { person: string }) {
  return (
    <main className="flex-1 p-6">
      <div className="grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-6">
        <h1 className="text-2xl">No session written yet</h1>
        <p>Write one from the working rungs: it comes with doses, its length and where the work falls.</p>
        <Link to={`/people/${person}/session`} className="look look-next justify-self-start">
          Write the session
        </Link>
      </div>
    </main>
  );
}
