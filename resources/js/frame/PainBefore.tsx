import { useState } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Scale } from '@/ui/Scale';

type Start = Schemas['StartPain'];

/** Asked once, before the first set: pain that is there already, with its place and number. Not answered is not none. */
export function PainBefore({
  places,
  told,
  onTell,
}: {
  places: Schemas['PainPlaceView'][];
  told: Start[] | null;
  onTell: (pain: Start[] | null) => void;
}) {
  const [open, setOpen] = useState(false);
  const [place, setPlace] = useState<Start['place'] | null>(null);
  const [side, setSide] = useState<Start['side']>(null);
  const label = (one: Start) => {
    const where = places.find((choice) => choice.value === one.place)?.label ?? one.place;
    return `${one.side ? `${one.side} ` : ''}${where} ${one.pain}`;
  };
  const add = (pain: number) => {
    if (place === null) return;
    const others = (told ?? []).filter((one) => one.place !== place || one.side !== side);
    onTell(pain === 0 ? others : [...others, { place, side, pain }]);
    setPlace(null);
    setSide(null);
    setOpen(false);
  };
  return (
    <section aria-label="Pain before the first set" className="grid gap-2 rounded-lg border border-rail bg-sheet p-3">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <p className="font-semibold">
          Pain before the first set{told === null ? '?' : told.length === 0 ? ': none' : `: ${told.map(label).join(', ')}`}
        </p>
        {told === null && (
          <Button look="floor" className="min-h-11" onClick={() => onTell([])}>
            None
          </Button>
        )}
        <Button look="quiet" className="min-h-11" aria-expanded={open} onClick={() => setOpen(!open)}>
          {told !== null && told.length > 0 ? 'another place' : 'there is some'}
        </Button>
        {told !== null && (
          <Button look="quiet" className="min-h-11" onClick={() => onTell(null)}>
            ask again
          </Button>
        )}
      </div>
      {open && (
        <>
          <div role="group" aria-label="Place of the pain before" className="flex flex-wrap gap-1">
            {places.map((choice) => (
              <Choice
                key={choice.value}
                pressed={place === choice.value}
                onPress={() => {
                  setPlace(choice.value as Start['place']);
                  setSide(null);
                }}
              >
                {choice.label}
              </Choice>
            ))}
          </div>
          {places.some((choice) => choice.value === place && choice.sided) && (
            <div role="group" aria-label="Side of the pain before" className="flex gap-1">
              {(['left', 'right'] as const).map((one) => (
                <Choice key={one} pressed={side === one} onPress={() => setSide(side === one ? null : one)}>
                  {one}
                </Choice>
              ))}
            </div>
          )}
          {place !== null && <Scale name="pain before" value={null} onChange={add} />}
        </>
      )}
    </section>
  );
}
