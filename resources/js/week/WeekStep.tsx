import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from '@/ui/notice';
import { http, newId, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { useShortcuts } from '@/frame/keys';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { ConflictDialog } from '@/editor/ConflictDialog';
import { Button } from '@/ui/Button';
import { longDay, today, weekTime } from '@/ui/day';
import { Loading } from '@/ui/Loading';
import { plusDays } from '@/ui/typedDate';
import { SessionsToPlace } from './SessionsToPlace';
import { ShapeDialog } from './ShapeDialog';
import { DayHead, WeekHead } from './WeekHead';
import { ProgramWaits, SoreNote } from './WeekNotes';
import { WeekSide } from './WeekSide';
import { WeekGrid } from './WeekGrid';
import {
  isPlanDate,
  added,
  awayToggled,
  linesOf,
  moved,
  placedIn,
  removed,
  repaired,
  shaped,
  type Plan,
  type Scope,
  type Slot,
  type Where,
} from './plan';
import { usePlan } from './usePlan';

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
    edit(
      moved(plan, id, to, roleAt(to), scope, monday),
      `${one.title}: ${weekTime(to)}${scope === 'this' ? ', this week' : ''}.`,
    );
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
      `${of.title}: ${weekTime(at)}.`,
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

  // The chip is drawn anew in its new place; the keyboard goes with it, at the same moment.
  useLayoutEffect(() => {
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
        <WeekHead
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
        {problem && <Problem sentence={problem} again={doing.again} />}
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
            placed={placed.length}
            onOlder={showOlder}
            onShape={() => setShaping(true)}
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
        placed={placed.some((one) => one.only === null && one.squad === null)}
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

function Problem({ sentence, again }: { sentence: string; again: () => void }) {
  return (
    <p role="alert" className="mb-3 border-l-4 border-rowan bg-sheet p-3 font-semibold">
      {sentence}{' '}
      <Button look="quiet" onClick={again}>
        try again
      </Button>
    </p>
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
