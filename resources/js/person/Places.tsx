import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { Choices, TextField } from '@/ui/Field';
import type { Place } from './fields';

/** Where the person trains, and the kit there; planning looks at one of the places. */
export function Places({
  places,
  place,
  kit,
  problem,
  onChange,
}: {
  places: Place[];
  place: number;
  kit: Schemas['ChoiceView'][];
  problem: (path: string) => string | undefined;
  onChange: (places: Place[], place: number) => void;
}) {
  const set = (index: number, change: Partial<Place>) =>
    onChange(
      places.map((one, at) => (at === index ? { ...one, ...change } : one)),
      place,
    );
  return (
    <fieldset className="grid gap-3">
      <legend className="mb-2 font-display text-lg font-[650]">Where, and with what kit</legend>
      {problem('places') && (
        <p role="alert" className="text-sm font-semibold text-rowan">
          {problem('places')}
        </p>
      )}
      {places.map((one, index) => (
        <div key={index} className="grid gap-3 rounded-md border border-hairline bg-ground/50 p-3">
          <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
            <div className="w-56">
              <TextField
                label="Place"
                value={one.name}
                maxLength={60}
                problem={problem(`places.${index}.name`)}
                onChange={(event) => set(index, { name: event.target.value })}
              />
            </div>
            {places.length > 1 && (
              <label className="flex min-h-10 items-center gap-2">
                <input
                  type="radio"
                  name="place"
                  checked={index === place}
                  onChange={() => onChange(places, index)}
                  className="size-4 accent-rowan"
                />
                planned for now
              </label>
            )}
            {places.length > 1 && (
              <Button
                look="quiet"
                className="mb-1.5 ml-auto"
                onClick={() => {
                  const left = places.filter((_, at) => at !== index);
                  onChange(left, Math.min(place > index ? place - 1 : place, left.length - 1));
                }}
              >
                take this place out
              </Button>
            )}
          </div>
          <Choices
            legend={`Kit ${one.name === '' ? 'there' : `at “${one.name}”`}`}
            options={kit}
            chosen={one.kit}
            onChange={(chosen) => set(index, { kit: chosen })}
          />
          <div className="max-w-96">
            <TextField
              label="Weights there, kg"
              value={one.weights}
              maxLength={120}
              placeholder="4, 8, 12.5"
              problem={problem(`places.${index}.weights`)}
              onChange={(event) => set(index, { weights: event.target.value })}
            />
          </div>
        </div>
      ))}
      {places.length < 6 && (
        <div>
          <Button onClick={() => onChange([...places, { name: '', kit: [], weights: '' }], place)}>Add a place</Button>
        </div>
      )}
    </fieldset>
  );
}
