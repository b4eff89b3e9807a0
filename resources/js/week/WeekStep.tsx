import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { toast } from '@/ui/notice';
import { http, newId, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { useShortcuts } from '@/frame/keys';
import { Why } from '@/frame/reason';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { ConflictDialog } from '@/editor/ConflictDialog';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day as shortDay, longDay, today } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { OneOf } from '@/ui/OneOf';
import { plusDays } from '@/ui/typedDate';
import { CalendarButton } from '@/frame/CalendarDialog';
import { OwnPage } from '@/frame/OwnPage';
import { ShapeDialog } from './ShapeDialog';
import { WeekSide } from './WeekSide';
import { inWords, SessionToPlace, WeekGrid, type Placed } from './WeekGrid';
import {
  isPlanDate,
  added,
  awayToggled,
  moved,
  removed,
  repaired,
  shaped,
  standing,
  type Plan,
  type Scope,
  type Slot,
  type Where,
} from './plan';
import { usePlan } from './usePlan';

type View = Schemas['WeekView'];

const mondayOf = (iso: string): string => plusDays(iso, -((new Date(`${iso}T12:00:00Z`).getUTCDay() + 6) % 7));

/** Lays out the week: core sessions among the person's other training. */
export function WeekStep() {
  const person = usePerson();
  if (!person.standing.open) return <Closed person={person} />;
  return <Week key={person.id} person={person} />;
}

function Week({ person }: { person: Schemas['PersonView'] }) {
  const { monday, go, note } = useMonday();
  const { week, showOlder, plan, waits, problem, theirs, ...doing } = usePlan(person.id, monday);
  const [scope, setScope] = useState<Scope>('every');
  const [chosen, setChosen] = useState<string | null>(null);
  const [shaping, setShaping] = useState(false);
  const [notes, setNotes] = useState<Schemas['ReasonView'][]>([]);
  const refresh = useRefresh();
  const view = week.data;
  const follow = useRef<string | null>(null);
  // The note stays longer than the state it was made in.
  const undo = useRef(doing.undo);
  useEffect(() => {
    undo.current = doing.undo;
  });
  const placed = useMemo(() => (view && plan ? placedIn(plan, view) : []), [view, plan]);
  const slot = placed.find((one) => one.id === chosen);
  const repairs = view?.clashes.flatMap((clash) => clash.repairs) ?? [];

  const edit = (next: Plan, said: string) => {
    doing.edit(next);
    toast(said, { id: 'week', action: { label: 'Undo', onClick: () => undo.current() } });
  };
  const roleAt = (at: Where): Slot['placement'] => view?.days.find((day) => day.day === at.day)?.roles[at.part] ?? 'own-day';
  const move = (id: string, to: Where) => {
    const one = placed.find((other) => other.id === id);
    if (!plan || !one || (one.day === to.day && one.part === to.part)) return;
    edit(moved(plan, id, to, roleAt(to), scope, monday), `${one.title}: ${inWords(to)}${scope === 'this' ? ', this week' : ''}.`);
    follow.current = id;
  };
  const remove = (id: string) =>
    plan && edit(removed(plan, id, scope, monday), scope === 'every' ? 'Taken out.' : 'Left out this week.');
  const place = (session: string, to: Where | null) => {
    const of = view?.sessions.find((one) => one.id === session);
    if (!plan || !of?.fits) return;
    const at = to ?? of.fits;
    const id = newId();
    edit(
      added(plan, { ...of.fits, ...at, id, placement: to ? roleAt(to) : of.fits.placement }, scope, monday),
      `${of.title}: ${inWords(at)}.`,
    );
    follow.current = id;
  };
  const repair = (one: Schemas['WeekRepairView']) => {
    if (plan) edit(repaired(plan, one.edits, scope, monday, newId), `${one.label}.`);
  };
  const tellSoreness = async (ofTen: number) => {
    const { error } = await http.POST('/api/people/{person}/soreness', {
      params: { path: { person: person.id } },
      body: { id: newId(), ofTen },
    });
    if (error) toast(error.sentence);
    await refresh();
  };

  // The chip is drawn anew in its new place; the keyboard goes with it.
  useEffect(() => {
    const chip = follow.current && document.querySelector<HTMLElement>(`[data-slot="${follow.current}"]`);
    if (!chip) return;
    follow.current = null;
    chip.focus();
  }, [placed]);

  useWeekKeys({ monday, go, scope, setScope, doing, repairs, repair, onShape: () => setShaping(true) });

  if (!view || !plan) return <Loading what="Opening the week" error={week.error} again={() => void week.refetch()} />;
  const dates = view.days.map((day) => day.date);
  const wholeAway = dates.every((date) => plan.away.includes(date));
  const sore = view.days.find((day) => day.today && day.activationOnly);
  return (
    <>
      <main data-across className="min-w-0 flex-1 overflow-y-auto p-4">
        <Head
          go={go}
          monday={monday}
          scope={scope}
          setScope={setScope}
          doing={doing}
          edit={edit}
          plan={plan}
          dates={dates}
          wholeAway={wholeAway}
          person={person}
          onShape={() => setShaping(true)}
        />
        {problem && (
          <p role="alert" className="mb-3 border-l-4 border-rowan bg-sheet p-3 font-semibold">
            {problem}{' '}
            <Button look="quiet" onClick={doing.again}>
              try again
            </Button>
          </p>
        )}
        <ProgramWaits view={view} person={person} />
        {note}
        <SoreNote sore={sore} person={person} />
        <WeekGrid
          view={view}
          placed={placed}
          chosen={chosen}
          head={(day) => (
            <DayHead
              day={day}
              onAway={() =>
                edit(awayToggled(plan, [day.date]), day.away ? `${longDay(day.date)}: back.` : `${longDay(day.date)}: away.`)
              }
              onSore={(ofTen) => void tellSoreness(ofTen)}
            />
          )}
          onChoose={setChosen}
          onMove={move}
          onRemove={remove}
          onPlace={place}
        >
          <SessionsToPlace
            person={person.id}
            view={view}
            empty={plan.slots.length === 0}
            onOlder={showOlder}
            onPlace={(session) => place(session, null)}
          />
        </WeekGrid>
      </main>
      <WeekSide
        person={person.id}
        slot={slot}
        scope={scope}
        view={view}
        plan={plan}
        notes={notes}
        waits={waits}
        edit={edit}
        remove={remove}
        repair={repair}
      />
      <ShapeDialog
        person={person.id}
        view={view}
        placed={plan.slots.some((one) => one.only === null)}
        open={shaping}
        onClose={() => setShaping(false)}
        onTake={(made) => {
          setShaping(false);
          setNotes(made.notes);
          edit(shaped(plan, made), `${made.label}.`);
        }}
      />
      <ConflictDialog
        mine={{ title: 'Week', lines: linesOf(plan, view) }}
        theirs={theirs && { title: 'Week', lines: linesOf(theirs, theirs) }}
        onMine={doing.keepMine}
        onTheirs={() => void doing.takeTheirs()}
      />
    </>
  );
}

/** The keys of the week: the next one, undo, what mends a clash. */
function useWeekKeys({
  monday,
  go,
  scope,
  setScope,
  doing,
  repairs,
  repair,
  onShape,
}: {
  monday: string;
  go: (to: string) => void;
  scope: Scope;
  setScope: (value: Scope) => void;
  doing: Pick<ReturnType<typeof usePlan>, 'undo' | 'redo'>;
  repairs: Schemas['WeekRepairView'][];
  repair: (one: Schemas['WeekRepairView']) => void;
  onShape: () => void;
}) {
  useShortcuts([
    { key: 'e', label: 'every week or this one', run: () => setScope(scope === 'every' ? 'this' : 'every') },
    { key: 'p', label: 'the week before', run: () => go(plusDays(monday, -7)) },
    { key: 'n', label: 'the next week', run: () => go(plusDays(monday, 7)) },
    { key: 's', label: 'start from a shape', run: onShape },
    { key: 'u', label: 'undo', run: doing.undo },
    { key: 'r', label: 'redo', run: doing.redo },
    ...repairs.slice(0, 9).map((one, index) => ({ key: String(index + 1), label: one.label, run: () => repair(one) })),
  ]);
}

/** Away or not, and on the day itself how sore the trunk is. */
function DayHead({ day, onAway, onSore }: { day: View['days'][number]; onAway: () => void; onSore: (ofTen: number) => void }) {
  return (
    <div className="flex flex-wrap items-center gap-x-2 text-sm">
      <button
        type="button"
        aria-pressed={day.away}
        title={day.away ? 'Away on this day: press to be back' : 'Press to be away on this day'}
        onClick={onAway}
        className={cx('rounded-sm underline-offset-4 hover:underline', day.away ? 'font-semibold' : 'text-ink3')}
      >
        {day.away ? 'away' : day.trains ? 'trains' : 'free'}
        <span className="sr-only"> on {longDay(day.date)}, away</span>
      </button>
      {day.today && (
        <label className="flex items-center gap-1 print:hidden">
          sore
          <select
            aria-label="Soreness of the trunk today, 0 to 10"
            value={day.sore ?? ''}
            onChange={(event) => onSore(Number(event.target.value))}
            className="rounded-sm border border-rung-edge bg-paper font-mono"
          >
            <option value="" disabled>
              –
            </option>
            {Array.from({ length: 11 }, (_, number) => (
              <option key={number}>{number}</option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

function SessionsToPlace({
  person,
  view,
  empty,
  onOlder,
  onPlace,
}: {
  person: string;
  view: View;
  empty: boolean;
  onOlder: () => void;
  onPlace: (session: string) => void;
}) {
  const [all, setAll] = useState(false);
  if (view.sessions.length === 0) {
    return (
      <div className="mb-4 grid max-w-xl gap-3 rounded-lg border border-hairline bg-sheet p-5">
        <p>A week is laid out from written sessions: each is placed on a part of a day, among the other training.</p>
        <Link to={`/people/${person}/session`} className="look look-next justify-self-start">
          Write the first session
        </Link>
      </div>
    );
  }
  const shown = all ? view.sessions : view.sessions.slice(0, 3);
  return (
    <section
      aria-label="Sessions to place"
      // Many of them never push the week itself out of sight.
      className={cx('mb-3 flex flex-wrap items-center gap-2 print:hidden', all && 'max-h-56 overflow-y-auto')}
    >
      <span className={cx('text-sm', empty ? 'font-semibold' : 'text-ink2')}>
        {empty ? 'Press a session to place it where it fits, or drag it:' : 'Place:'}
      </span>
      {shown.map((session) => (
        <SessionToPlace key={session.id} session={session} onPress={() => onPlace(session.id)} />
      ))}
      {view.sessions.length > 3 && (
        <Button look="quiet" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `${view.sessions.length - 3} more`}
        </Button>
      )}
      {all && view.written > view.sessions.length && (
        <Button look="quiet" onClick={onOlder}>
          older ones
        </Button>
      )}
    </section>
  );
}

/** Every session of the week as it stands after the edits, those left out where they usually are. */
function placedIn(plan: Plan, view: View): Placed[] {
  return plan.slots.flatMap((slot) => {
    if (slot.only !== null && slot.only !== view.monday) return [];
    const here = standing(plan, slot, view.monday);
    const known = view.placed.find((one) => one.id === slot.id);
    const session = view.sessions.find((one) => one.id === slot.session);
    const at = here ?? slot;
    const date = plusDays(view.monday, at.day - 1);
    const shownAsToday = view.days.find((day) => day.today)?.date;
    const state = known?.doneOn
      ? 'done'
      : !here
        ? 'left-out'
        : plan.away.includes(date)
          ? 'away'
          : date === shownAsToday
            ? 'today'
            : known && known.day === at.day
              ? known.state
              : 'planned';
    return [
      {
        ...at,
        title: session?.title ?? known?.title ?? 'Session',
        clock: session?.clock ?? known?.clock ?? '',
        leftOut: session?.leftOut ?? [],
        moved: plan.moves.some((move) => move.slot === slot.id && move.monday === view.monday && move.day !== null),
        state: state === 'left-out' && here ? 'planned' : state,
        doneOn: known?.doneOn ?? null,
      },
    ];
  });
}

const linesOf = (plan: Plan, view: View): string[] => [
  ...plan.slots.map((slot) => {
    const title = view.sessions.find((one) => one.id === slot.session)?.title ?? 'Session';
    return `${title}: ${inWords(slot)}, effort ${slot.effort}${slot.only ? `, only in the week from ${slot.only}` : ''}`;
  }),
  ...(plan.away.length > 0 ? [`away: ${plan.away.join(', ')}`] : []),
];

/** The week at hand, and what the edits are for. */
function Head({
  go,
  monday,
  scope,
  setScope,
  doing,
  edit,
  plan,
  dates,
  wholeAway,
  person,
  onShape,
}: {
  go: (to: string) => void;
  monday: string;
  scope: Scope;
  setScope: (value: Scope) => void;
  doing: Pick<ReturnType<typeof usePlan>, 'undo' | 'redo' | 'canUndo' | 'canRedo'>;
  edit: (next: Plan, said: string) => void;
  plan: Plan;
  dates: string[];
  wholeAway: boolean;
  person: Schemas['PersonView'];
  onShape: () => void;
}) {
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2">
      <h1 className="text-3xl">Week</h1>
      <div className="flex items-center gap-1">
        <Button look="quiet" aria-label="Week before" onClick={() => go(plusDays(monday, -7))}>
          ‹
        </Button>
        <span className="whitespace-nowrap">from {shortDay(monday)}</span>
        <Button look="quiet" aria-label="Week after" onClick={() => go(plusDays(monday, 7))}>
          ›
        </Button>
      </div>
      <OneOf legend="Edits are for" options={{ every: 'Every week', this: 'Only this week' }} value={scope} onChange={setScope} />
      <span className="ml-auto flex gap-1">
        <Button look="quiet" hotkey="S" onClick={onShape}>
          shape
        </Button>
        <Button look="quiet" disabled={!doing.canUndo} onClick={doing.undo} hotkey="U">
          undo
        </Button>
        <Button look="quiet" disabled={!doing.canRedo} onClick={doing.redo} hotkey="R">
          redo
        </Button>
        <Button
          look="quiet"
          onClick={() =>
            edit(awayToggled(plan, dates), wholeAway ? 'Back in this week.' : 'Away all week; what was planned waits.')
          }
        >
          {wholeAway ? 'not away this week' : 'away all week'}
        </Button>
        <CalendarButton person={person.id} />
        <OwnPage look="quiet" />
      </span>
    </div>
  );
}

/** The program’s own sessions of this week, where they are not written yet. */
function ProgramWaits({ view, person }: { view: View; person: Schemas['PersonView'] }) {
  return (
    <>
      {view.programWaits && (
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
function SoreNote({ sore, person }: { sore: View['days'][number] | undefined; person: Schemas['PersonView'] }) {
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

/** The week the address names, by any of its days; today’s where it names none. */
function useMonday() {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('w');
  const isDate = asked === null || isPlanDate(asked);
  return {
    monday: mondayOf(asked !== null && isDate ? asked : today()),
    go: (to: string) => setSearch({ w: to }, { replace: true }),
    note: isDate ? null : (
      <p role="status" className="mb-3 border-l-4 border-ochre bg-sheet p-3">
        “{asked}” in the address is no date: this is the week of today.
      </p>
    ),
  };
}
