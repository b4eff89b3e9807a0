import { useState } from 'react';
import { Link } from 'react-router';
import { api, http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { useRefresh, useTakePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { longDay } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { toast } from '@/ui/notice';

type Person = Schemas['PersonView'];

/** Asks for the end of a record, and takes that back; the other one is always a press away. */
function useErasure(person: Person) {
  const take = useTakePerson();
  const refresh = useRefresh();
  const ask = { params: { path: { person: person.id } } };
  const told = async (
    { data, error }: { data?: Person; error?: Refusal },
    said: (now: Person) => string,
    back: [label: string, press: () => void],
  ) => {
    if (data) take(data);
    if (error) toast(sentenceOf(error));
    else if (data) toast(said(data), { action: { label: back[0], onClick: back[1] } });
    await refresh();
  };
  const erase = async (): Promise<void> =>
    told(
      await http.DELETE('/api/people/{person}/record', ask),
      ({ name, eraseOn }) => `${name} is put away, and erased on ${longDay(eraseOn ?? '')}.`,
      ['Take back', () => void keep()],
    );
  const keep = async (): Promise<void> =>
    told(await http.DELETE('/api/people/{person}/archive', ask), ({ name }) => `The record of ${name} stays.`, [
      'Erase it',
      () => void erase(),
    ]);
  return { erase, keep };
}

const useIsOwner = (): boolean => api.useQuery('get', '/api/me', {}, { retry: false }).data?.role === 'owner';

/** That the record is to be erased, where it is, with the way back. */
export function ToBeErased({ person }: { person: Person }) {
  const { keep } = useErasure(person);
  const isOwner = useIsOwner();
  if (!person.eraseOn) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-ink bg-paper p-3">
      <p className="min-w-0 flex-1">
        <strong>To be erased on {longDay(person.eraseOn)}</strong>, for good. Until then{' '}
        {isOwner ? 'it can be taken back.' : 'the owner of the practice can take it back.'}
      </p>
      {isOwner && <Button onClick={() => void keep()}>Keep this record</Button>}
    </div>
  );
}

/** A copy to hand over, and the end of it. For the owner. */
export function WholeRecord({ person }: { person: Person }) {
  const { erase } = useErasure(person);
  const [asking, setAsking] = useState(false);
  if (!useIsOwner()) return null;
  return (
    <section className="grid gap-2 border-t border-hairline pt-4">
      <h2 className="text-xl">The whole record</h2>
      <p className="text-sm text-ink2">
        A copy has every entry, each set in a table, and the pictures, as they are: whoever has the file can read it.
      </p>
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        <a className="look look-quiet" href={`/api/people/${person.id}/record`} download>
          take a copy
        </a>
        <Link className="look look-quiet" to={`/practice?of=${person.id}`}>
          who read it
        </Link>
        {!person.eraseOn && (
          <Button look="quiet" onClick={() => setAsking(true)}>
            erase it …
          </Button>
        )}
      </div>
      <Dialog open={asking} onClose={() => setAsking(false)} title={`Erase the record of ${person.name}?`}>
        <p>
          They are put away at once, and their page at home closes. In thirty days everything kept of them is gone for good:
          answers, tests, trainings, decisions, pictures. Until then it can be taken back.
        </p>
        <p className="text-ink2">
          Devices let go of it as they do of everybody who does not train; backups that were made before keep it as long as you
          keep them. How long a record has to be kept is for your local rules to say.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button
            look="next"
            onClick={() => {
              setAsking(false);
              void erase();
            }}
          >
            Erase it in thirty days
          </Button>
          <Button onClick={() => setAsking(false)}>Leave it</Button>
        </div>
      </Dialog>
    </section>
  );
}
