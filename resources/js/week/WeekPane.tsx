import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { Kinds } from '@/frame/Kinds';
import { LeftOut } from '@/frame/LeftOut';
import { Why } from '@/frame/reason';
import { RoleFields } from '@/frame/RoleFields';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { weekTime } from '@/ui/day';
import { TimeField } from '@/ui/TimeField';
import { DemandGlyph } from '@/ui/DemandGlyph';
import type { Placed, Scope, Slot } from './plan';

type View = Schemas['WeekView'];

/** The session that is chosen: its placement, planned effort and what can be done with it. */
export function ChosenSlot({
  person,
  slot,
  scope,
  hardFrom,
  onChange,
  onRemove,
  onUsual,
}: {
  person: string;
  slot: Placed;
  scope: Scope;
  hardFrom: number;
  onChange: (change: Partial<Slot>) => void;
  onRemove: () => void;
  onUsual: () => void;
}) {
  return (
    <section className="mb-5 grid gap-3 border-b border-hairline pb-4">
      <h2 className="text-xl">{slot.title}</h2>
      <p className="text-sm text-ink2">
        {weekTime(slot)}, <span className="font-mono">{slot.clock}</span> min
      </p>
      {slot.squad && (
        <p>
          The squad meets then. Moved, it is done alone.{' '}
          <Link to={`/squads/${slot.squad}`} className="underline underline-offset-4">
            To the squad
          </Link>
        </p>
      )}
      <LeftOut leftOut={slot.leftOut} />
      <div className="grid grid-cols-2 gap-2">
        <RoleFields placement={slot.placement} effort={slot.effort} hardFrom={hardFrom} onChange={onChange} />
        <TimeField label="Starts at" value={slot.time} onChange={(time) => onChange({ time })} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Link to={`/people/${person}/session?s=${slot.session}`} className="underline underline-offset-4">
          Open the session
        </Link>
        {slot.moved || slot.state === 'left-out' ? (
          <Button look="quiet" onClick={onUsual}>
            as in every week
          </Button>
        ) : null}
        {slot.state !== 'left-out' && (
          <Button look="quiet" hotkey="Del" onClick={onRemove}>
            {scope === 'every' || slot.only !== null ? 'take out' : 'leave out this week'}
          </Button>
        )}
      </div>
    </section>
  );
}

/** What clashes or is missing, each with the keys that mend it. Keys count through the whole list. */
export function ClashList({ view, onRepair }: { view: View; onRepair: (repair: Schemas['WeekRepairView']) => void }) {
  if (view.clashes.length === 0) {
    return view.placed.length > 0 ? (
      <p className="mb-5 border-l-4 border-fern bg-paper p-3 font-semibold text-fern">
        Nothing clashes, and every demand is met.
      </p>
    ) : null;
  }
  const keys = view.clashes.flatMap((clash) => clash.repairs);
  return (
    <ol className="mb-5 grid gap-2">
      {view.clashes.map((clash, index) => (
        <li key={index} className="grid justify-items-start gap-2 border-l-4 border-ochre bg-paper p-3">
          <Why title="Clash" reasons={clash.reason} className="text-sm">
            <span className="mr-1.5 font-mono font-bold text-ochre">{index + 1}</span>
            {clash.reason.sentence}
          </Why>
          {clash.repairs.map((repair) => {
            const key = keys.indexOf(repair) + 1;
            return (
              <Button
                key={repair.label}
                className="text-sm"
                hotkey={key < 10 ? String(key) : undefined}
                onClick={() => onRepair(repair)}
              >
                {repair.label}
              </Button>
            );
          })}
          {clash.repairs.length === 0 && clash.reason.wouldChange && (
            <p className="text-sm text-ink2">No single move mends it. {clash.reason.wouldChange}</p>
          )}
        </li>
      ))}
    </ol>
  );
}

/** What each demand gets this week, against the least. */
export function WeekDemands({ view }: { view: View }) {
  return (
    <section className="mb-5">
      <h2 className="mb-1 text-lg">What each demand gets</h2>
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left text-ink3">
            <th scope="col" className="font-normal">
              demand
            </th>
            <th scope="col" className="font-normal">
              met
            </th>
            <th scope="col" className="text-right font-normal">
              sets
            </th>
            <th scope="col" className="text-right font-normal">
              tension
            </th>
          </tr>
        </thead>
        <tbody>
          {view.demands.map((demand) => {
            const short = demand.met < demand.least;
            return (
              <tr key={demand.demand} className="border-t border-hairline">
                <th scope="row" className="py-1 text-left font-normal">
                  <DemandGlyph demand={demand.demand} /> {demand.shortName}
                </th>
                <td>
                  <Why title={demand.shortName} reasons={demand.reason} className={cx(short && 'font-semibold text-ochre')}>
                    {short ? '◇ ' : ''}
                    {demand.met}
                    {demand.least > 0 && ` of ${demand.least}`}
                  </Why>
                </td>
                <td className="text-right font-mono">{demand.sets}</td>
                <td className="text-right font-mono">{demand.work}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

/** The shape the week was laid out from, and what is not said of it for that reason. */
export function ShapeNote({ view, notes, onLetGo }: { view: View; notes: Schemas['ReasonView'][]; onLetGo: () => void }) {
  const shape = view.shapes.find((one) => one.shape === view.shape);
  if (!shape && notes.length === 0) return null;
  return (
    <section className="mb-5 grid justify-items-start gap-2 border-l-4 border-slate bg-paper p-3 text-sm">
      {shape && (
        <p>
          <strong>{shape.label}.</strong> {shape.words}
        </p>
      )}
      {[...notes, ...view.silenced].map((reason, index) => (
        <Why key={index} title="The shape of the week" reasons={reason}>
          {reason.sentence}
        </Why>
      ))}
      {shape && (
        <Button look="quiet" onClick={onLetGo}>
          let go of the shape
        </Button>
      )}
    </section>
  );
}

/** How often and how much, against what the method and the last weeks say. */
export function WeekSums({ view }: { view: View }) {
  const days = view.lowDays === view.highDays ? String(view.lowDays) : `${view.lowDays}–${view.highDays}`;
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-1.5 border-t border-hairline pt-3">
      <dt>Days with core work</dt>
      <dd>
        <Why title="Frequency" reasons={view.frequency} className={cx(view.daysOff && 'font-semibold text-ochre')}>
          {view.daysOff ? '◇ ' : ''}
          <span className="font-mono">{view.coreDays}</span> of {days}
        </Why>
      </dd>
      <dt>Planned load</dt>
      <dd>
        <Why title="Planned load" reasons={view.loadReason} className={cx(view.loadTooMuch && 'font-semibold text-ochre')}>
          {view.loadTooMuch ? '◇ ' : ''}
          <span className="font-mono">{view.load}</span>
        </Why>
      </dd>
      {view.kinds && (
        <div className="col-span-2 border-t border-hairline pt-2">
          <Kinds mix={view.kinds} />
        </div>
      )}
    </dl>
  );
}
