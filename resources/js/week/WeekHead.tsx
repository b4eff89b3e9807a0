import { CalendarButton } from '@/frame/CalendarDialog';
import { OwnPage } from '@/frame/OwnPage';
import type { Schemas } from '@/api/client';
import { UndoRedo } from '@/editor/UndoRedo';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day as shortDay, longDay } from '@/ui/day';
import { OneOf } from '@/ui/OneOf';
import { plusDays } from '@/ui/typedDate';
import { awayToggled, type Plan, type Scope } from './plan';
import type { usePlan } from './usePlan';

/** The week at hand, and what the edits are for. */
export function WeekHead({
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
      <span className="ml-auto flex flex-wrap gap-1 whitespace-nowrap max-sm:ml-0">
        <Button look="quiet" hotkey="S" onClick={onShape}>
          shape
        </Button>
        <UndoRedo doing={doing} />
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

/** Away or not, and on the day itself how sore the trunk is. */
export function DayHead({
  day,
  onAway,
  onSore,
}: {
  day: Schemas['WeekView']['days'][number];
  onAway: () => void;
  onSore: (ofTen: number) => void;
}) {
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
