import { useState } from 'react';
import { newId, type Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { RoleFields } from '@/frame/RoleFields';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DateField } from '@/ui/DateField';
import { shortWeekday, weekdays } from '@/ui/day';
import { SelectField, TextField } from '@/ui/Field';
import { inTime, placeAdded, placeChanged, placeRemoved, type Place, type Wish } from './wish';

const LEAST_WEEKS = 4;
const MOST_WEEKS = 12;

/** What the program is asked to be, in one line: start, weeks, rate, and its sessions; each can be pressed and changed. */
export function WishBar({
  wish,
  view: { rate, hardFrom, weeksBehind },
  minutes,
  onChange,
}: {
  wish: Wish;
  /** The rest of a program may be shorter than one that begins. */
  view: Pick<Schemas['ProgramPageView'], 'rate' | 'hardFrom' | 'weeksBehind'>;
  minutes: number;
  onChange: (wish: Wish) => void;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const place = wish.slots.find((slot) => slot.id === open);
  return (
    <section
      aria-label="What the program is asked to be"
      className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2 print:hidden"
    >
      <DateField bare label="from" value={wish.start} onChange={(start) => start !== '' && onChange({ ...wish, start })} />
      <label className="flex items-center gap-1.5">
        for
        <select
          className="min-h-9 rounded-md border border-rung-edge bg-paper px-2"
          value={wish.weeks}
          onChange={(event) => onChange({ ...wish, weeks: Number(event.target.value) })}
        >
          {Array.from({ length: MOST_WEEKS }, (_, index) => index + 1)
            .filter((weeks) => weeks >= LEAST_WEEKS - weeksBehind)
            .map((weeks) => (
              <option key={weeks} value={weeks}>
                {weeks === 1 ? '1 week' : `${weeks} weeks`}
                {weeksBehind > 0 && ' more'}
              </option>
            ))}
        </select>
      </label>
      <label className="flex items-center gap-1.5">
        climbing
        <select
          className="min-h-9 rounded-md border border-rung-edge bg-paper px-2"
          value={wish.rateTenths ?? ''}
          onChange={(event) => onChange({ ...wish, rateTenths: event.target.value === '' ? null : Number(event.target.value) })}
        >
          <option value="">{rate.sentence.startsWith('From the log') ? 'at the rate of the log' : 'at the usual rate'}</option>
          {[1, 2, 3, 4, 5, 6, 8, 10].map((tenths) => (
            <option key={tenths} value={tenths}>
              {(tenths / 10).toFixed(1)} of height a week
            </option>
          ))}
        </select>
      </label>
      <Why title="Rate of improvement" reasons={rate} className="text-sm text-ink2">
        which rate?
      </Why>
      <span className="flex flex-wrap items-center gap-1.5">
        {inTime(wish.slots).map((slot) => (
          <button
            key={slot.id}
            type="button"
            onClick={() => setOpen(slot.id)}
            className="min-h-9 rounded-md border border-ink2 bg-paper px-2.5 hover:border-ink"
          >
            {shortWeekday(slot.day)} {slot.part} <span className="font-mono">{slot.minutes}</span> min
          </button>
        ))}
        <Button look="quiet" onClick={() => onChange(placeAdded(wish, newId(), minutes))}>
          add a session
        </Button>
      </span>
      <Dialog open={place !== undefined} onClose={() => setOpen(null)} title="A session of every week">
        {place && (
          <PlaceForm
            hardFrom={hardFrom}
            place={place}
            onSave={(change) => {
              onChange(placeChanged(wish, place.id, change));
              setOpen(null);
            }}
            onRemove={() => {
              onChange(placeRemoved(wish, place.id));
              setOpen(null);
            }}
          />
        )}
      </Dialog>
    </section>
  );
}

function PlaceForm({
  place,
  hardFrom,
  onSave,
  onRemove,
}: {
  place: Place;
  hardFrom: number;
  onSave: (change: Partial<Place>) => void;
  onRemove: () => void;
}) {
  const [draft, setDraft] = useState(place);
  const set = (change: Partial<Place>) => setDraft({ ...draft, ...change });
  const wrong = !Number.isInteger(draft.minutes) || draft.minutes < 3 || draft.minutes > 90;
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (!wrong) onSave(draft);
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField label="Day" value={draft.day} onChange={(event) => set({ day: Number(event.target.value) })}>
          {weekdays.map((day, index) => (
            <option key={day} value={index + 1}>
              {day.slice(0, 3)}
            </option>
          ))}
        </SelectField>
        <SelectField
          label="Part of the day"
          value={draft.part}
          onChange={(event) => set({ part: event.target.value as Place['part'] })}
        >
          {['morning', 'midday', 'evening'].map((part) => (
            <option key={part}>{part}</option>
          ))}
        </SelectField>
        <TextField
          label="Minutes"
          type="number"
          min={3}
          max={90}
          value={Number.isNaN(draft.minutes) ? '' : draft.minutes}
          onChange={(event) => set({ minutes: event.target.valueAsNumber })}
          problem={wrong ? 'A session has 3 to 90 minutes.' : undefined}
        />
        <RoleFields placement={draft.placement} effort={draft.effort} hardFrom={hardFrom} onChange={set} />
      </div>
      <div className="flex justify-between gap-3">
        <Button type="submit" look="next">
          Keep
        </Button>
        <Button look="quiet" onClick={onRemove}>
          take this session out
        </Button>
      </div>
    </form>
  );
}
