import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from '@/ui/notice';
import { toHeadingNext } from '@/ui/toHeading';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { ConflictDialog } from '@/editor/ConflictDialog';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { usePerson, useRefresh, useTakePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Clearance, ClearanceForm } from './Clearance';
import { DangerSigns } from './DangerSigns';
import { fieldsOf, type PersonFields } from './fields';
import { PersonForm } from './PersonForm';
import { PutAway } from '@/frame/PutAway';
import { Readers, UnreadNotes } from './Readers';
import { ReferralNote } from './ReferralNote';
import { usePersonWriting } from './usePersonWriting';
import { ToBeErased, WholeRecord } from './WholeRecord';

/** Intake: the person, the danger signs, and what stands in the way. */
export function PersonStep() {
  const person = usePerson();
  const navigate = useNavigate();
  const [asking, setAsking] = useState(false);
  const [clearing, setClearing] = useState(false);
  // Once the questions are answered, the next step takes the keys.
  const [answered, setAnswered] = useState(false);
  const writing = usePersonWriting(person);

  const screened = person.screening !== null;
  const goOn = () => void navigate(`/people/${person.id}/checks`);
  return (
    <>
      <ReferralNote person={person} />
      <main className="relative min-w-0 flex-1 p-6 lg:overflow-y-auto print:hidden">
        <div className="mx-auto grid max-w-3xl gap-6 lg:mx-0">
          <h1 className="text-3xl">Person</h1>
          <ToBeErased person={person} />
          {person.archivedOn && !person.eraseOn && (
            <p className="border-l-4 border-slate bg-paper p-3">Put away on {day(person.archivedOn)}; everything is kept.</p>
          )}
          <UnreadNotes person={person} />
          {!person.standing.open && <Clearance person={person} />}
          {(asking || person.rescreen !== null) && (
            <DangerSigns
              key={person.screening?.answeredOn ?? 'first'}
              person={person}
              onDone={() => {
                setAsking(false);
                setAnswered(true);
              }}
            />
          )}
          <PersonForm
            fields={writing.fields}
            refusal={writing.refusal}
            onChange={writing.set}
            onSubmit={writing.again}
            person={person.id}
          >
            <Button look="quiet" disabled={!writing.canUndo} onClick={writing.undo}>
              undo
            </Button>
            <Button look="quiet" disabled={!writing.canRedo} onClick={writing.redo}>
              redo
            </Button>
            <span className="text-sm text-ink2">
              {writing.refusal
                ? 'Not saved: see above. It stays on this device.'
                : writing.offline
                  ? 'No network: kept on this device.'
                  : 'Saved as you go.'}
            </span>
          </PersonForm>
        </div>
      </main>
      <Standing
        person={person}
        screened={screened}
        asking={asking}
        setAsking={setAsking}
        setClearing={setClearing}
        answered={answered}
        goOn={goOn}
      />
      <Dialog open={clearing} onClose={() => setClearing(false)} title="The clinician’s clearance">
        <ClearanceForm person={person.id} onDone={() => setClearing(false)} />
      </Dialog>
      <ConflictDialog
        mine={versionOf(writing.fields)}
        theirs={writing.theirs && versionOf(fieldsOf(writing.theirs))}
        onMine={writing.keepMine}
        onTheirs={writing.takeTheirs}
      />
    </>
  );
}

/** A person as one looks at two versions of them. */
const versionOf = (fields: PersonFields) => ({
  title: fields.name,
  lines: [
    fields.about,
    `${fields.aim} · ${fields.minutes} min · days ${fields.trainingDays.join(', ')}`,
    ...fields.places.map((place) => `${place.name}: ${place.kit.join(', ')}`),
    ...fields.limits.map((limit) => `${limit.state} (${limit.side}) ${limit.note}`),
    fields.notes,
  ].filter((line) => line !== ''),
});

/** When and by whom the danger signs were asked for; while training is closed, only what closes it. */
function askedText({ screening, standing, closing }: Schemas['PersonView']): string {
  if (!screening) return 'Not asked yet.';
  const asked = `Asked on ${day(screening.answeredOn)} by ${screening.by}${screening.asked ? `, answered by ${screening.asked}` : ''}`;
  if (!standing.open) return `${asked}. Training is closed${closing.length > 0 ? `: yes to ${closing.length}` : ''}.`;
  return `${asked}: ${screening.signs.length === 0 ? 'no to every question.' : `yes to ${screening.signs.length}, cleared since.`}`;
}

/** Where the person stands: danger signs, clearances, what the limits ask. */
function Standing({
  person,
  screened,
  asking,
  setAsking,
  setClearing,
  answered,
  goOn,
}: {
  person: Schemas['PersonView'];
  screened: boolean;
  asking: boolean;
  setAsking: (value: boolean) => void;
  setClearing: (value: boolean) => void;
  answered: boolean;
  goOn: () => void;
}) {
  const take = useTakePerson();
  const refresh = useRefresh();
  const takeBack = async (clearance: string) => {
    const { data, error } = await http.DELETE('/api/people/{person}/clearances/{clearance}', {
      params: { path: { person: person.id, clearance } },
    });
    const bringBack = async () => {
      const { error } = await http.POST('/api/people/{person}/taken-back/{kind}/{row}', {
        params: { path: { person: person.id, kind: 'clearances', row: clearance } },
      });
      toast(error ? sentenceOf(error) : 'The clearance holds again, and opens what it opened.');
      await refresh();
    };
    if (data) take(data);
    if (error) toast(sentenceOf(error));
    else
      toast('The clearance is taken back; what it opened is closed again.', {
        action: { label: 'Bring back', onClick: () => void bringBack() },
      });
    await refresh();
    toHeadingNext();
  };
  return (
    <Pane label="Where this person stands">
      <div className="grid gap-5">
        <section className="grid gap-2">
          <h2 className="text-xl">Danger signs</h2>
          {person.rescreen && screened && (
            <Why title="Ask again" reasons={person.rescreen} className="font-semibold text-ochre">
              {person.rescreen.sentence}
            </Why>
          )}
          <p>{askedText(person)}</p>
          {person.takenBack.map((answer) => (
            <p key={answer.answeredOn + answer.reason} className="text-sm text-ink2">
              A yes of {day(answer.answeredOn)} was taken back by {answer.by}: {answer.reason}
            </p>
          ))}
          {screened && !asking && (
            <div>
              <Button onClick={() => setAsking(true)}>Ask again</Button>
            </div>
          )}
        </section>
        {(person.clearances.length > 0 || person.standing.open) && (
          <section className="grid gap-2">
            <h2 className="text-xl">Clearances</h2>
            {person.clearances.length === 0 && <p>None recorded.</p>}
            {person.clearances.map((clearance) => (
              <p key={clearance.id}>
                <strong>{clearance.clinician}</strong>, {day(clearance.from)} to {day(clearance.until)}: {clearance.scope}{' '}
                <Button look="quiet" onClick={() => void takeBack(clearance.id)}>
                  take back
                </Button>
              </p>
            ))}
            {person.standing.open && (
              <div>
                <Button onClick={() => setClearing(true)}>Record a clearance</Button>
              </div>
            )}
          </section>
        )}
        {person.cautions.length > 0 && (
          <section className="grid gap-3">
            <h2 className="text-xl">What the limits ask</h2>
            {person.cautions.map((limit) => (
              <div key={limit.name}>
                <p>
                  <strong className="inline-block first-letter:uppercase">{limit.name}</strong>{' '}
                  <span className="text-sm text-ink2">({limit.origin})</span>
                </p>
                <p>{limit.caution}</p>
                <ul className="list-disc pl-5 text-sm text-ink2">
                  {limit.effects.map((effect) => (
                    <li key={effect}>{effect}</li>
                  ))}
                </ul>
              </div>
            ))}
            {person.dayWarnings.map((warning) => (
              <Why key={warning.sentence} title="Training days" reasons={warning} className="font-semibold text-ochre">
                {warning.sentence}
              </Why>
            ))}
            <p className="text-sm text-ink3">Local rules and the advice of a licensed professional come first.</p>
          </section>
        )}
        {screened && person.standing.open && (
          <Button
            key={String(answered)}
            look="next"
            hotkey="."
            // oxlint-disable-next-line jsx-a11y/no-autofocus
            autoFocus={answered}
            onClick={goOn}
          >
            On to the checks
          </Button>
        )}
        <Readers person={person} />
        {!person.eraseOn && <PutAway person={person} />}
        <WholeRecord person={person} />
      </div>
    </Pane>
  );
}
