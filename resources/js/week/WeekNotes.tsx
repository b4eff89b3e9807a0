import { Link } from 'react-router';
import { newId, type Schemas } from '@/api/client';
import { Why } from '@/frame/reason';

type View = Schemas['WeekView'];

/** The program’s own sessions of this week, where they are not written yet; where nothing is, the empty week says so itself. */
export function ProgramWaits({ view, person }: { view: View; person: Schemas['PersonView'] }) {
  return (
    <>
      {view.programWaits && view.sessions.length > 0 && (
        <p className="mb-3 border-l-4 border-slate bg-sheet p-3">
          The program has sessions of its own for this week.{' '}
          <Link to={`/people/${person.id}/weeks`} className="font-semibold underline underline-offset-4">
            Write them into the week
          </Link>
        </p>
      )}
    </>
  );
}

/** Sore today: activation only, and the session for it. */
export function SoreNote({ sore, person }: { sore: View['days'][number] | undefined; person: Schemas['PersonView'] }) {
  return (
    <>
      {sore?.activationOnly && (
        <p className="mb-3 border-l-4 border-ochre bg-sheet p-3">
          <Why title="Soreness" reasons={sore.activationOnly} className="font-semibold">
            ◇ {sore.activationOnly.sentence}
          </Why>{' '}
          <Link
            to={`/people/${person.id}/session?s=${newId()}&from=template&template=activation-before-training`}
            className="underline underline-offset-4"
          >
            Write the activation session
          </Link>
        </p>
      )}
    </>
  );
}
