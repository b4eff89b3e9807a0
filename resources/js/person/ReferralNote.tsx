import { api, type Schemas } from '@/api/client';
import { counted } from '@/ui/counted';
import { longDay } from '@/ui/day';

/** Printed in place of the page while a danger sign is open: how urgent, what was answered, no diagnosis. */
export function ReferralNote({ person }: { person: Schemas['PersonView'] }) {
  const me = api.useQuery('get', '/api/me');
  return (
    <article className="hidden gap-4 text-black print:grid">
      <h1 className="text-2xl">Note to a licensed clinician</h1>
      <p>
        {me.data?.practice} · {me.data?.name} · {longDay(person.screening?.answeredOn ?? '')}
      </p>
      <p>
        <strong>{person.name}</strong>
        {person.about === '' ? '' : `, ${person.about},`} trains the trunk with us
        {person.trainingDays.length === 0 ? '' : ` on ${counted(person.trainingDays.length, 'day')} a week`} for{' '}
        {counted(person.minutes, 'minute')}.
      </p>
      <p>
        <strong>How urgent: {person.standing.urgencyText}.</strong>
      </p>
      {person.closing.length > 0 ? (
        <>
          <p>On that date these questions were answered with yes:</p>
          <ul className="list-disc pl-6">
            {person.closing.map((sign) => (
              <li key={sign.value}>{sign.question}</li>
            ))}
          </ul>
        </>
      ) : (
        <p>Pain stopped the training twice within 28 days.</p>
      )}
      {person.limits.length > 0 && <p>Limits we already respect: {person.limits.map((limit) => limit.label).join('; ')}.</p>}
      <p>
        We have stopped planning and coaching. Please tell us whether training may go on, what may be trained and what not, and
        until when your word holds.
      </p>
      <p className="mt-10 border-t border-black pt-2">Name, profession, date, signature</p>
      <p className="text-sm">This note is not a diagnosis. Local rules and the advice of a licensed professional come first.</p>
    </article>
  );
}
