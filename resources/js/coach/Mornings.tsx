import { useState } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { Scale } from '@/ui/Scale';
import { useAlone } from './alone';
import { Choice } from '@/ui/Choice';
import { SmallBody } from './SmallBody';

type Pain = Schemas['MorningPain'];

const same = (one: Pick<Pain, 'place' | 'side'>, other: Pick<Pain, 'place' | 'side'>) =>
  one.place === other.place && one.side === other.side;

/** Asks once how it was the morning after the last session: nothing anywhere by one press, else where and how much. */
export function Mornings({
  question,
  places,
  onTell,
  onPass,
}: {
  question: Schemas['MorningQuestionView'];
  places: Schemas['PainPlaceView'][];
  /** none for nothing anywhere */
  onTell: (pains: Pain[]) => void;
  onPass: () => void;
}) {
  const [pains, setPains] = useState<Pain[]>([]);
  const [place, setPlace] = useState<Pain['place'] | null>(null);
  const [side, setSide] = useState<Pain['side']>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const alone = useAlone();
  const at = places.find(({ value }) => value === place);
  const here = place === null ? undefined : pains.find((one) => same(one, { place, side }));
  const labelOf = (one: Pick<Pain, 'place' | 'side'>) =>
    `${one.side ? `${one.side} ` : ''}${places.find(({ value }) => value === one.place)?.label ?? one.place}`;
  const told = (change: Partial<Pain>) => {
    if (place === null) return;
    setProblem(null);
    const others = pains.filter((one) => !same(one, { place, side }));
    setPains(change.pain === 0 ? others : [...others, { place, side, pain: 0, worse: false, ...here, ...change }]);
  };
  const save = () => {
    const half = pains.find(({ pain }) => pain === 0);
    if (half) setProblem(`The ${labelOf(half)} is worse than before: say how much, from 1 to 10.`);
    else onTell(pains);
  };

  return (
    <section className="mx-auto grid w-full max-w-2xl gap-4 rounded-lg border border-rail bg-sheet p-4">
      <h1 className="text-xl">How was the morning after {day(question.doneOn)}?</h1>
      {question.pain !== null && <p className="text-ink2">Highest pain in the session: {question.pain}.</p>}
      {pains.length === 0 && place === null && (
        <Button look="next" className="min-h-14 justify-center text-lg" onClick={() => onTell([])}>
          Nothing anywhere
        </Button>
      )}
      <p className="font-semibold">
        {pains.length === 0 ? 'Or where?' : `Told: ${pains.map((one) => `${labelOf(one)} ${one.pain}`).join(', ')}`}
      </p>
      <SmallBody
        label="Where it hurt the next morning"
        places={places}
        pressed={place}
        onPress={(value) => {
          setPlace(value === place ? null : (value as Pain['place']));
          setSide(null);
        }}
        beside={
          at?.sided && (
            <div role="group" aria-label="Side" className="flex gap-1">
              {(['left', 'right'] as const).map((one) => (
                <Choice key={one} pressed={side === one} onPress={() => setSide(side === one ? null : one)}>
                  {one}
                </Choice>
              ))}
            </div>
          )
        }
      />
      {place !== null && (
        <fieldset className="grid gap-2">
          <legend className="mb-1">
            <strong>{labelOf({ place, side })}</strong>, how much; 0 takes it back
          </legend>
          <Scale name="pain" value={here && here.pain > 0 ? here.pain : null} onChange={(pain) => told({ pain })} />
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="size-5 accent-rowan"
              checked={here?.worse ?? false}
              onChange={(event) => told({ worse: event.target.checked })}
            />
            worse than before the session
          </label>
        </fieldset>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        {pains.length > 0 && (
          <Button look="next" className="min-h-11" onClick={save}>
            Save the morning
          </Button>
        )}
        <Button look="quiet" className="min-h-11" onClick={onPass}>
          {alone ? 'not now' : 'not asked today'}
        </Button>
      </div>
    </section>
  );
}
