import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { toast } from '@/ui/notice';
import { toHeadingNext } from '@/ui/toHeading';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { useLibrary, type Library } from '@/frame/useLibrary';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { day } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { Status } from '@/ui/Status';
import { begunClimb, keptClimb, type Climb } from './climb';
import { begunAlignment, keptAlignment, type Alignment } from './alignment';
import { AlignmentCheck } from './AlignmentCheck';
import { BraceCheck } from './BraceCheck';
import { ClimbTest } from './ClimbTest';
import { HoldClock } from './HoldClock';
import { HoldSection } from './Holds';
import { KeptPicture } from './KeptPicture';
import { Starts } from './Starts';
import { begin, keptWatch, type Watch } from './stopwatch';

type ChecksData = Schemas['ChecksView'];
type HoldTest = Schemas['HoldTestView'];

/** Tests of the person at hand: timed holds, climb tests, and where they say to start. */
export function Checks() {
  const person = usePerson();
  const { library, error: libraryError, again } = useLibrary();
  const checks = api.useQuery(
    'get',
    '/api/people/{person}/checks',
    { params: { path: { person: person.id } } },
    { retry: false },
  );
  const refusal = checks.error;
  if (refusal && (refusal.code === 'danger-sign' || refusal.code === 'not-asked'))
    return (
      <main className="grid flex-1 content-start gap-3 p-6">
        <h1 className="text-3xl">Checks</h1>
        <div className="grid max-w-xl gap-3 rounded-lg border-2 border-ink bg-sheet p-5">
          <Status kind={refusal.code === 'not-asked' ? 'information' : 'stop'} />
          <p>{refusal.sentence}</p>
          <Link to={`/people/${person.id}/person`} className="look look-next justify-self-start">
            {refusal.code === 'not-asked' ? 'Ask the danger signs' : 'Record the clearance'}
          </Link>
        </div>
      </main>
    );
  if (!checks.data || !library)
    return (
      <Loading
        what="Reading the tests"
        error={checks.error ?? libraryError}
        again={() => {
          void checks.refetch();
          again();
        }}
      />
    );
  return <Desk key={person.id} person={person} checks={checks.data} library={library} />;
}

function Desk({ person, checks, library }: { person: Schemas['PersonView']; checks: ChecksData; library: Library }) {
  const [timing, setTiming] = useState<Watch | null>(() => keptWatch(person.id));
  const [climbing, setClimbing] = useState<Climb | null>(() => keptClimb(person.id));
  const [choosing, setChoosing] = useState(false);
  const [bracing, setBracing] = useState(false);
  const [aligning, setAligning] = useState<Alignment | null>(() => keptAlignment(person.id));
  const takeBack = useTakeBack(person.id);
  const nameOf = (ladder: string): string => library.ladders.get(ladder)?.name.replace(/ ladder$/, '') ?? ladder;
  const tested = checks.holds.some((test) => test.sides.some((side) => side.last !== null)) || checks.climbs.length > 0;
  const time = (test: HoldTest) => {
    if (test.inTurn.length > 0) setTiming(begin(test.kind, test.inTurn));
  };
  // The plank on the toes first: it decides most; the knees version only when that is too much.
  const order = [
    ...checks.holds.filter((test) => test.kind !== 'front-plank-knees'),
    ...checks.holds.filter((test) => test.kind === 'front-plank-knees'),
  ];
  const next = order.find((test) => test.inTurn.length > 0 && test.sides.every((side) => side.last === null));

  useShortcuts(
    timing || climbing || bracing || aligning
      ? []
      : [
          { key: 't', label: 'time the next hold', run: () => next && time(next) },
          { key: 'c', label: 'climb a ladder', run: () => setChoosing(true) },
          { key: 'b', label: 'brace check', run: () => setBracing(true) },
          { key: 'a', label: 'alignment check', run: () => setAligning(begunAlignment()) },
        ],
  );

  const test = timing && checks.holds.find((one) => one.kind === timing.kind);
  if (timing && test)
    return (
      <main className="relative min-w-0 flex-1 p-6 lg:overflow-y-auto">
        <HoldClock key={timing.kind} person={person.id} test={test} start={timing} onLeave={() => setTiming(null)} />
      </main>
    );
  if (climbing && library.ladders.has(climbing.ladder))
    return (
      <main className="relative min-w-0 flex-1 p-6 lg:overflow-y-auto">
        <ClimbTest
          key={`${climbing.ladder} ${climbing.side}`}
          person={person.id}
          start={climbing}
          library={library}
          onLeave={setClimbing}
        />
      </main>
    );

  if (bracing || aligning)
    return (
      <main className="relative min-w-0 flex-1 p-6 lg:overflow-y-auto">
        {aligning ? (
          <AlignmentCheck key={aligning.id} person={person.id} start={aligning} library={library} onLeave={setAligning} />
        ) : (
          <BraceCheck person={person.id} band={checks.braceBand} onLeave={() => setBracing(false)} />
        )}
      </main>
    );

  return (
    <>
      <main className="relative min-w-0 flex-1 p-6 lg:overflow-y-auto">
        <div className="grid max-w-4xl gap-7">
          <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <h1 className="text-3xl">Checks</h1>
            {person.retest && (
              <Why title="Re-test" reasons={person.retest} className="font-semibold text-ochre">
                {person.retest.sentence}
              </Why>
            )}
          </div>
          <HoldSection next={next} tested={tested} time={time} checks={checks} onTakeBack={(id) => void takeBack('holds', id)} />

          <Found
            id="climbs"
            title="Climb tests"
            hint="Up rung by rung with a small trial of each: the last clean one is the working rung."
            action="Climb a ladder"
            hotkey="C"
            look={tested || next ? 'plain' : 'next'}
            onStart={() => setChoosing(!choosing)}
            onTakeBack={(id) => void takeBack('climbs', id)}
            rows={checks.climbs.map((climb) => ({
              id: climb.id,
              testedOn: climb.testedOn,
              title: nameOf(climb.ladder) + (climb.side === 'both' ? '' : `, ${climb.side}`),
              says: climb.sentence,
            }))}
          >
            {choosing && (
              <ul className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-1.5">
                {checks.ladders.map((ladder, index) => (
                  <li key={ladder.ladder}>
                    <Button
                      className="w-full"
                      // The choice was asked for by key or press: the first ladder is ready for the next one.
                      // oxlint-disable-next-line jsx-a11y/no-autofocus
                      autoFocus={index === 0}
                      onClick={() => {
                        setChoosing(false);
                        setClimbing(begunClimb(ladder));
                      }}
                    >
                      <span className="flex items-center gap-2">
                        <DemandGlyph demand={library.ladders.get(ladder.ladder)?.demand ?? ''} />
                        {nameOf(ladder.ladder)}
                        {ladder.sided && <span className="text-sm text-ink2">left, right</span>}
                      </span>
                    </Button>
                  </li>
                ))}
              </ul>
            )}
          </Found>
          <Found
            id="brace"
            title="Brace and breathing"
            hint="A minute behind the brace with a pressure cuff, first of all with someone new."
            action="Check the brace"
            hotkey="B"
            onStart={() => setBracing(true)}
            onTakeBack={(id) => void takeBack('brace', id)}
            rows={checks.braces.map((row) => ({
              id: row.id,
              testedOn: row.testedOn,
              title: 'Brace check',
              says: why('Brace check', [row.found.reason]),
            }))}
          />
          <Found
            id="alignment"
            title="Alignment"
            hint="Sag, pike or tilt from marks on a picture, in degrees and centimetres."
            action="Mark a picture"
            hotkey="A"
            onStart={() => setAligning(begunAlignment())}
            onTakeBack={(id) => void takeBack('alignments', id)}
            rows={checks.alignments.map((row) => ({
              id: row.id,
              testedOn: row.testedOn,
              title: row.view === 'side' ? 'From the side' : 'From behind',
              says: (
                <>
                  {why('Alignment', row.found.reasons)} {row.photo && <KeptPicture person={person.id} photo={row.photo} />}
                </>
              ),
            }))}
          />
        </div>
      </main>
      <Pane label="Where to start">
        <Starts person={person} checks={checks} tested={tested} library={library} />
      </Pane>
    </>
  );
}

/** Takes a kept test back, also days later; the row stays, marked. */
function useTakeBack(person: string) {
  const refresh = useRefresh();
  return async (kind: 'holds' | 'climbs' | 'brace' | 'alignments', id: string) => {
    const { error } = await {
      holds: () => http.DELETE('/api/people/{person}/holds/{hold}', { params: { path: { person, hold: id } } }),
      climbs: () => http.DELETE('/api/people/{person}/climbs/{climb}', { params: { path: { person, climb: id } } }),
      brace: () => http.DELETE('/api/people/{person}/brace/{brace}', { params: { path: { person, brace: id } } }),
      alignments: () =>
        http.DELETE('/api/people/{person}/alignments/{alignment}', { params: { path: { person, alignment: id } } }),
    }[kind]();
    const bringBack = async () => {
      const { error } = await http.POST('/api/people/{person}/taken-back/{kind}/{row}', {
        params: { path: { person, kind, row: id } },
      });
      toast(error ? sentenceOf(error) : 'It counts again, from the day it was done.');
      await refresh();
    };
    if (error) toast(sentenceOf(error));
    else
      toast('Taken back: nothing counts from it any more.', {
        duration: 10_000,
        action: { label: 'Bring back', onClick: () => void bringBack() },
      });
    await refresh();
    toHeadingNext();
  };
}

/** What was found, which opens to why. */
const why = (title: string, reasons: Schemas['ReasonView'][]): ReactNode => (
  <Why title={title} reasons={reasons}>
    {reasons[0]?.sentence}
  </Why>
);

/** A kind of test with its button, and what it has found so far. */
function Found({
  id,
  title,
  hint,
  action,
  hotkey,
  look = 'plain',
  onStart,
  onTakeBack,
  rows,
  children,
}: {
  id: string;
  title: string;
  hint: string;
  action: string;
  hotkey: string;
  look?: 'plain' | 'next';
  onStart: () => void;
  /** also days later: the row stays, marked, and nothing counts from it */
  onTakeBack: (id: string) => void;
  rows: { id: string; testedOn: string; title: string; says: ReactNode }[];
  children?: ReactNode;
}) {
  return (
    <section className="grid gap-2" aria-labelledby={id}>
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 id={id} className="text-xl">
          {title}
        </h2>
        <Button look={look} hotkey={hotkey} onClick={onStart}>
          {action}
        </Button>
      </div>
      <p className="text-ink2">{hint}</p>
      {children}
      {rows.length > 0 && (
        <ul className="grid gap-1">
          {rows.map((row) => (
            <li
              key={row.id}
              className="grid items-start gap-x-4 rounded-md border border-hairline bg-sheet px-4 py-2 sm:grid-cols-[6rem_11rem_1fr_auto]"
            >
              <span className="text-ink2">{day(row.testedOn)}</span>
              <span className="font-semibold">{row.title}</span>
              <div>{row.says}</div>
              <Button
                look="quiet"
                aria-label={`Take back: ${row.title}, ${day(row.testedOn)}`}
                onClick={() => onTakeBack(row.id)}
              >
                take back
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
