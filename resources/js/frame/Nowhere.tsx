import { Link } from 'react-router';

/** An address there is nothing at. */
export function Nowhere() {
  return (
    <main className="flex-1 p-6">
      <div className="grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-6">
        <h1 className="text-2xl">There is nothing at this address</h1>
        <p>It may have been cut short. Nothing was changed.</p>
        <p className="flex flex-wrap gap-3">
          <Link to="/" className="look look-next">
            To the bench
          </Link>
          <Link to="/people" className="look look-plain">
            All people
          </Link>
        </p>
      </div>
    </main>
  );
}
