import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { toast } from '@/ui/notice';
import type { Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { usePerson } from '@/frame/usePerson';
import { useAtRest } from '@/frame/useSettled';
import { UndoRedo } from '@/editor/UndoRedo';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { longDay } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { CalendarButton } from '@/frame/CalendarDialog';
import { Score, type Chosen } from './Score';
import { CellPane, ProgramNotes, Versions, WeekSection } from './ScorePane';
import { useProgram, type Page } from './useProgram';
import { cellFixed, cellFreed } from './wish';
import { WishBar } from './WishBar';

type Programs = ReturnType<typeof useProgram>;

/** Lays out the weeks: a program is made, compared, taken over whole or in part, and followed. */
export function WeeksStep() {
  const person = usePerson();
  if (!person.standing.open) return <Closed person={person} />;
  return <Weeks key={person.id} person={person} />;
}

/** The cell that is chosen, and its week; where none is, the week at hand. */
function found(program: Schemas['ProgramView'] | null, chosen: Chosen | null) {
  const now = program?.weeks.find((week) => week.when === 'now') ?? program?.weeks.find((week) => week.when === 'ahead');
  const here = chosen && program?.weeks.some((week) => week.monday === chosen.monday) ? chosen : null;
  const week = program?.weeks.find((one) => one.monday === (here ?? now)?.monday) ?? now;
  const stave = program?.staves.find((one) => one.ladder === here?.ladder);
  const cell = stave?.cells.find((one) => one.monday === here?.monday);
  return { here, week, stave, cell };
}

/** Escape leads from a draft back to the program that holds. */
function useLeaving(draft: unknown, leave: () => void) {
  useEffect(() => {
    if (!draft) return;
    const back = (event: KeyboardEvent) => event.key === 'Escape' && !document.querySelector('[role=dialog]') && leave();
    window.addEventListener('keydown', back);
    return () => window.removeEventListener('keydown', back);
  }, [draft, leave]);
}

function Weeks({ person }: { person: Schemas['PersonView'] }) {
  const { page, wish, draft, waits, problem, ...doing } = useProgram(person.id);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const view = page.data;
  const program = draft?.program ?? view?.program ?? null;
  const proposal = draft?.kind === 'proposal' ? draft : null;
  const { here, week, stave, cell } = found(program, chosen);
  // A key moves at once over the score; what is told of the cell follows.
  const told = found(program, useAtRest(chosen));
  const editable = draft?.kind !== 'version';

  const take = async (mondays: string[] | null) => {
    const why = view?.program ? (mondays ? 'Changed in part' : 'Changed') : 'Made';
    const taken = await doing.take(mondays, why);
    if (!taken) return;
    toast(
      mondays ? `${mondays.length === 1 ? 'One week is' : `${mondays.length} weeks are`} taken over.` : 'The program holds.',
      {
        id: 'weeks',
        duration: 10_000,
        action: { label: 'Take back', onClick: () => taken.id && void takeBack(taken.id) },
      },
    );
  };
  const { takeBack, takeOut } = takingBack(doing);
  const write = async (week: Schemas['ProgramWeekView'] | undefined) => {
    if (!week || !(await doing.write(week.monday))) return;
    toast(`The sessions of the week from ${longDay(week.monday)} are written and placed.`, {
      id: 'weeks',
      duration: 10_000,
      action: { label: 'Take back', onClick: () => void takeOut(week.monday) },
    });
  };
  const lock = () => {
    if (wish && cell && stave && editable && cell.week > 0) {
      doing.change(cell.locked ? cellFreed(wish, cell.week, stave.ladder) : cellFixed(wish, stave.ladder, cell));
    }
  };
  const other = () => wish && doing.change({ ...wish, seed: (wish.seed % 9999) + 1 });

  useShortcuts([
    { key: 'm', label: view?.program ? 'plan anew from today' : 'make the weeks', run: doing.propose },
    ...(proposal
      ? [
          { key: 'a', label: 'take it over', run: () => void take(null) },
          { key: 'o', label: 'another way', run: () => other() },
        ]
      : [{ key: 'w', label: 'write the week', run: () => void write(week) }]),
    { key: 'k', label: 'keep the cell as it is', run: lock },
    { key: 'u', label: 'undo', run: doing.undo },
    { key: 'r', label: 'redo', run: doing.redo },
  ]);
  useLeaving(draft, doing.leave);

  if (!view || !wish) return <Loading what="Opening the weeks" error={page.error} again={() => void page.refetch()} />;
  const names = new Map([...(view.program?.staves ?? []), ...(program?.staves ?? [])].map((one) => [one.ladder, one.name]));
  const following = proposal && view.program && week ? proposal.program.mondays.filter((monday) => monday >= week.monday) : [];
  return (
    <>
      <main data-across className="min-w-0 flex-1 overflow-y-auto p-4">
        <Head
          proposal={proposal}
          waits={waits}
          take={take}
          view={view}
          following={following}
          week={week}
          doing={doing}
          draft={draft}
          other={other}
          person={person}
        />
        {editable && <WishBar wish={wish} view={view} minutes={person.minutes} onChange={doing.change} />}
        {problem && (
          <p role="alert" className="mb-3 border-l-4 border-rowan bg-sheet p-3 font-semibold">
            {problem} <span className="font-normal">What you asked for is kept; change it, or undo.</span>
          </p>
        )}
        {!draft && view.against.length > 0 && (
          <section aria-label="What has changed since" className="mb-3 grid gap-2 border-l-4 border-ochre bg-sheet p-3">
            {view.against.slice(0, 3).map((reason, index) => (
              <Why key={index} title="What has changed since" reasons={view.against} className="font-semibold">
                ◇ {reason.sentence}
              </Why>
            ))}
            {view.against.length > 3 && <p className="text-sm text-ink2">and {view.against.length - 3} more</p>}
            <div>
              <Button look="next" hotkey="M" disabled={waits} onClick={doing.propose}>
                Plan anew from today
              </Button>
            </div>
          </section>
        )}
        {proposal && view.program && (
          <p className="mb-3 border-l-4 border-slate bg-sheet p-3" role="status">
            {differing(proposal.program)}
          </p>
        )}
        {program ? (
          <div className={cx(waits && 'opacity-60')} aria-busy={waits}>
            <Score program={program} chosen={here} onChoose={setChosen} />
            <p className="mt-2 text-sm text-ink2">
              The longer the bar, the more sets; red where the rung changes. A shaded band is when a gate is likely reached: an
              estimate, never a promise.
            </p>
          </div>
        ) : (
          <Empty person={person} waits={waits} onMake={doing.propose} />
        )}
        {!draft && view.program && view.against.length === 0 && (
          <Button className="mt-3" hotkey="M" disabled={waits} onClick={doing.propose}>
            Plan anew from today
          </Button>
        )}
      </main>
      {program && (
        <Pane walked label="The cell and its week">
          {told.cell && told.stave && (
            <CellPane
              {...{ wish, editable }}
              stave={told.stave}
              cell={told.cell}
              person={person.id}
              holds={!draft}
              onChange={doing.change}
            />
          )}
          {told.week && (
            <WeekSection
              person={person.id}
              week={told.week}
              holds={!draft}
              busy={waits}
              onWrite={() => void write(told.week)}
              onTakeOut={() => told.week && void takeOut(told.week.monday)}
            />
          )}
          <ProgramNotes program={program} wish={wish} names={names} onChange={doing.change} />
          <Versions
            versions={view.versions}
            looking={draft?.kind === 'version' ? draft.id : null}
            onLook={(id) => void doing.look(id)}
            onTakeBack={(id) => void takeBack(id)}
          />
        </Pane>
      )}
    </>
  );
}

/** What was done is taken back where it was done, and what came of it is said. */
const takingBack = (doing: Pick<Programs, 'takeBack' | 'takeOut'>) => ({
  takeBack: async (id: string) => {
    const page = await doing.takeBack(id);
    if (page) toast(page.id ? 'Taken back: the version before holds again.' : 'Taken back: there is no program.');
  },
  takeOut: async (monday: string) => {
    const said = await doing.takeOut(monday);
    if (said) toast(said);
  },
});

/** How much of a proposal is different from the program that holds. */
function differing({ mondays, weeks }: Schemas['ProgramView']): string {
  const gone = mondays.filter((monday) => weeks.every((week) => week.monday !== monday)).length;
  const differ = mondays.length - gone;
  if (mondays.length === 0) return 'Nothing would be different from the program that holds.';
  return [
    differ === 0
      ? ''
      : `${differ === 1 ? 'One week differs' : `${differ} weeks differ`} from the program that holds, marked in red.`,
    gone === 0 ? '' : `${gone === 1 ? 'The last week falls' : `The last ${gone} weeks fall`} away.`,
    'What is past stays.',
  ]
    .filter(Boolean)
    .join(' ');
}

function Empty({ person, waits, onMake }: { person: Schemas['PersonView']; waits: boolean; onMake: () => void }) {
  return (
    <div className="grid max-w-2xl gap-3 rounded-lg border border-hairline bg-sheet p-5">
      <p>
        A program begins where {person.name} stands on the board. Sets are shared out so that the work comes as near to the aim as
        the minutes allow, doses rise before rungs change, and every fourth week is easier. Nothing is kept before you take it
        over.
      </p>
      <div className="flex flex-wrap items-center gap-4">
        <Button look="next" hotkey="M" disabled={waits} onClick={onMake}>
          Make the weeks
        </Button>
        <Link to={`/people/${person.id}/board`} className="underline underline-offset-4">
          Look at the board first
        </Link>
      </div>
    </div>
  );
}

/** What can be done with the program on the page: kept, taken over, planned another way. */
function Head({
  proposal,
  waits,
  take,
  view,
  following,
  week,
  doing,
  draft,
  other,
  person,
}: {
  proposal: Extract<Programs['draft'], { kind: 'proposal' }> | null;
  waits: boolean;
  take: (mondays: string[] | null) => Promise<void>;
  view: Page;
  following: string[];
  week: Schemas['ProgramWeekView'] | undefined;
  doing: Pick<Programs, 'leave' | 'again' | 'undo' | 'redo' | 'canUndo' | 'canRedo'>;
  draft: Programs['draft'];
  other: () => void;
  person: Schemas['PersonView'];
}) {
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2">
      <h1 className="text-3xl">Weeks</h1>
      {proposal && (
        <span className="flex flex-wrap items-center gap-2">
          <Button look="next" hotkey="A" disabled={waits} onClick={() => void take(null)}>
            {view.program ? 'Take it over' : 'Make it the program'}
          </Button>
          {following.length > 0 && following.length < proposal.program.mondays.length && week && (
            <Button disabled={waits} onClick={() => void take(following)}>
              only from {longDay(week.monday)} on
            </Button>
          )}
          {week && proposal.program.mondays.includes(week.monday) && (
            <Button disabled={waits} onClick={() => void take([week.monday])}>
              only this week
            </Button>
          )}
          <Button look="quiet" hotkey="Esc" onClick={doing.leave}>
            {view.program ? 'leave it as it was' : 'not now'}
          </Button>
        </span>
      )}
      {draft?.kind === 'version' && (
        <span className="flex flex-wrap items-center gap-2">
          <Button look="next" disabled={waits} onClick={() => void doing.again(draft.id, view.id ?? null)}>
            Take this version again
          </Button>
          <Button look="quiet" hotkey="Esc" onClick={doing.leave}>
            back to the one that holds
          </Button>
        </span>
      )}
      <span className="ml-auto flex flex-wrap gap-1 whitespace-nowrap max-sm:ml-0">
        {proposal && (
          <Button look="quiet" hotkey="O" onClick={() => other()}>
            another way
          </Button>
        )}
        <UndoRedo doing={doing} />
        {!draft && view.program && <CalendarButton person={person.id} />}
      </span>
    </div>
  );
}
