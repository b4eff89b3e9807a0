import { newId, type Schemas } from '@/api/client';
import { Pane } from '@/frame/Pane';
import { cx } from '@/ui/cx';
import { AskedFromHome } from './AskedFromHome';
import { asUsual, changed, putOff, type Placed, type Plan, type Scope } from './plan';
import { ChosenSlot, ClashList, ShapeNote, WeekDemands, WeekSums } from './WeekPane';

type View = Schemas['WeekView'];

/** What is chosen, what clashes, and what the week comes to. */
export function WeekSide({
  person,
  slot,
  scope,
  view,
  plan,
  notes,
  waits,
  edit,
  remove,
  repair,
}: {
  person: string;
  slot: Placed | undefined;
  scope: Scope;
  view: View;
  plan: Plan;
  notes: Schemas['ReasonView'][];
  waits: boolean;
  edit: (next: Plan, said: string) => void;
  remove: (id: string) => void;
  repair: (one: Schemas['WeekRepairView']) => void;
}) {
  return (
    <Pane label="What clashes and what is met">
      {slot && (
        <ChosenSlot
          person={person}
          slot={slot}
          scope={scope}
          hardFrom={view.hardFrom}
          onChange={(change) => edit(changed(plan, slot.id, change, scope, view.monday), `${slot.title}: changed.`)}
          onRemove={() => remove(slot.id)}
          onUsual={() => edit(asUsual(plan, slot.id, view.monday), `${slot.title}: as in every week.`)}
        />
      )}
      <div className={cx(waits && 'opacity-60')} aria-busy={waits}>
        <AskedFromHome
          person={person}
          asked={view.asked}
          elsewhere={view.askedElsewhere}
          onMove={(one) =>
            edit(putOff(plan, one, view.monday, newId), one.repair ? `${one.repair.label}.` : 'Left out this week.')
          }
        />
        <ShapeNote
          view={view}
          notes={notes}
          onLetGo={() => edit({ ...plan, shape: null }, 'The shape is let go of; the sessions stay.')}
        />
        <ClashList view={view} onRepair={repair} />
        <WeekDemands view={view} />
        <WeekSums view={view} />
      </div>
    </Pane>
  );
}
