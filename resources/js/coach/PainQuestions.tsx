import type { Schemas } from '@/api/client';
import type { SetLog } from '@/offline/told';
import { cx } from '@/ui/cx';
import { SmallBody } from './SmallBody';

/** What is told of pain in a set. */
export type PainTold = Pick<SetLog, 'pain' | 'painPlace' | 'painSide' | 'travellingPain' | 'painNote'>;

/** Where there is pain: where it is, on which side, whether it travels, and that it stops. */
export function PainQuestions({
  name,
  sided,
  told,
  onTell,
  painStopsAbove,
  places,
  before = [],
}: {
  /** of the exercise, where several are told afterwards on one page */
  name?: string;
  /** the exercise has a left and a right, and so has its pain */
  sided: boolean;
  told: PainTold;
  onTell: (change: Partial<PainTold>) => void;
  painStopsAbove: number;
  places: Schemas['PainPlaceView'][];
  before?: Schemas['StartPain'][];
}) {
  if ((told.pain ?? 0) === 0) return null;
  const of = name ? `${name}: ` : '';
  return (
    <div className="grid gap-2">
      <SmallBody
        label={`${of}Place of the pain`}
        places={places.map((place) => {
          const began = before.find((one) => one.place === place.value);
          return { value: place.value, label: began ? `${place.label}, began at ${began.pain}` : place.label };
        })}
        pressed={told.painPlace}
        onPress={(place) => onTell({ painPlace: told.painPlace === place ? null : (place as SetLog['painPlace']) })}
      />
      {sided && (
        <div role="group" aria-label={`${of}Side of the pain`} className="grid grid-cols-3 gap-1">
          {(['left', 'right', 'both'] as const).map((side) => (
            <button
              key={side}
              type="button"
              aria-pressed={told.painSide === side}
              onClick={() => onTell({ painSide: side })}
              className={cx(
                'min-h-11 rounded-md border',
                told.painSide === side ? 'border-ink bg-ink text-ground' : 'border-rail',
              )}
            >
              {side === 'both' ? 'both sides' : `${side} side`}
            </button>
          ))}
        </div>
      )}
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-rowan"
          checked={told.travellingPain}
          onChange={(event) => onTell({ travellingPain: event.target.checked })}
        />
        The pain travels down a leg or an arm
      </label>
      {((told.pain ?? 0) > painStopsAbove || told.travellingPain) && (
        <p className="border-l-4 border-ink bg-paper p-3 font-bold">
          {name ? 'This stops the exercise.' : 'Stop this exercise now.'} Local rules and the advice of a licensed professional
          come first.
        </p>
      )}
      <label className="grid gap-1 text-sm">
        What it was like (encrypted)
        <input
          maxLength={500}
          value={told.painNote}
          onChange={(event) => onTell({ painNote: event.target.value })}
          className="min-h-11 rounded-md border border-rail bg-paper px-3"
        />
      </label>
    </div>
  );
}
