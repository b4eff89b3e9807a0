import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { http, refusalOf, type Refusal, type Schemas } from '@/api/client';
import { Pane } from '@/frame/Pane';
import { savedNow } from '@/frame/saving';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Clearance } from './Clearance';
import { DangerSigns } from './DangerSigns';
import { PersonForm, type PersonFields } from './PersonForm';
import { ReferralNote } from './ReferralNote';

const fieldsOf = (person: Schemas['PersonView']): PersonFields => ({
  name: person.name,
  about: person.about,
  aim: person.aim,
  trainingDays: person.trainingDays,
  minutes: person.minutes,
  kit: person.kit,
  limits: person.limits.map(({ state, side, note }) => ({ state, side, note })),
});

/** Intake: the person, the danger signs, and what stands in the way. */
export function PersonStep() {
  const person = usePerson();
  const refresh = useRefresh();
  const navigate = useNavigate();
  const [asking, setAsking] = useState(false);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [theirs, setTheirs] = useState<{ mine: PersonFields; theirs: Schemas['PersonView'] } | null>(null);
  const [busy, setBusy] = useState(false);
  const start = useMemo(() => fieldsOf(person), [person]);

  const save = async (fields: PersonFields, version = person.version) => {
    setBusy(true);
    const { error } = await http
      .PUT('/api/people/{person}', { params: { path: { person: person.id } }, body: { id: person.id, version, ...fields } })
      .catch((failed: unknown) => ({ error: failed }));
    setBusy(false);
    if (error) {
      const said = refusalOf(error);
      if (said.code === 'changed-meanwhile')
        return setTheirs({ mine: fields, theirs: said.present as unknown as Schemas['PersonView'] });
      return setRefusal(said);
    }
    setRefusal(null);
    setTheirs(null);
    savedNow();
    toast('Saved.');
    await refresh();
  };

  const screened = person.screening !== null;
  return (
    <>
      <ReferralNote person={person} />
      <main className="relative min-w-0 flex-1 overflow-y-auto p-6 print:hidden">
        <div className="mx-auto grid max-w-3xl gap-6 lg:mx-0">
          <h1 className="text-3xl">Person</h1>
          {!person.standing.open && <Clearance person={person} />}
          {(asking || !screened) && (
            <DangerSigns key={person.screening?.answeredOn ?? 'first'} person={person} onDone={() => setAsking(false)} />
          )}
          <PersonForm
            start={start}
            refusal={refusal}
            busy={busy}
            onSave={(fields) => void save(fields)}
            action="Save"
            person={person.id}
          />
        </div>
      </main>
      <Pane label="Where this person stands">
        <div className="grid gap-5">
          <section className="grid gap-2">
            <h2 className="text-xl">Danger signs</h2>
            {screened ? (
              <p>
                Asked on {day(person.screening?.answeredOn ?? '')}:{' '}
                {person.screening?.signs.length === 0 ? 'no to every question.' : `yes to ${person.screening?.signs.length}.`}
              </p>
            ) : (
              <p>Not asked yet.</p>
            )}
            {screened && !asking && (
              <div>
                <Button onClick={() => setAsking(true)}>Ask again</Button>
              </div>
            )}
          </section>
          {person.clearances.length > 0 && (
            <section className="grid gap-2">
              <h2 className="text-xl">Clearances</h2>
              {person.clearances.map((clearance) => (
                <p key={clearance.id}>
                  <strong>{clearance.clinician}</strong>, {day(clearance.from)} to {day(clearance.until)}: {clearance.scope}
                </p>
              ))}
            </section>
          )}
          {person.limits.length > 0 && (
            <section className="grid gap-2">
              <h2 className="text-xl">What the limits ask</h2>
              {person.limits.map((limit) => (
                <p key={limit.id}>
                  <strong className="inline-block first-letter:uppercase">{limit.label}.</strong> {limit.caution}
                </p>
              ))}
              <p className="text-sm text-ink3">Local rules and the advice of a licensed professional come first.</p>
            </section>
          )}
          {screened && person.standing.open && (
            <Button look="next" onClick={() => void navigate(`/people/${person.id}/board`)}>
              On to the board
            </Button>
          )}
        </div>
      </Pane>
      <Dialog open={theirs !== null} onClose={() => setTheirs(null)} title="Changed somewhere else in the meantime">
        <p>Nothing was overwritten. Both versions are here:</p>
        <div className="grid grid-cols-2 gap-4 text-sm">
          {theirs &&
            [
              { title: 'Yours', fields: theirs.mine },
              { title: 'Saved meanwhile', fields: fieldsOf(theirs.theirs) },
            ].map(({ title, fields }) => (
              <dl key={title} className="grid content-start gap-1">
                <dt className="font-display text-base font-[650]">{title}</dt>
                <dd>{fields.name}</dd>
                <dd>{fields.about}</dd>
                <dd>
                  {fields.aim} · {fields.minutes} min · days {fields.trainingDays.join(', ')}
                </dd>
                <dd>{fields.kit.join(', ')}</dd>
                <dd>{fields.limits.map((limit) => `${limit.state} (${limit.side})`).join('; ')}</dd>
              </dl>
            ))}
        </div>
        <div className="flex gap-3">
          <Button onClick={() => theirs && void save(theirs.mine, theirs.theirs.version)}>Save mine over it</Button>
          <Button onClick={() => window.location.reload()}>Take theirs</Button>
        </div>
      </Dialog>
    </>
  );
}
