import { useState } from 'react';
import type { Schemas } from '@/api/client';
import type { Step } from '@/offline/trainings';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { nameOf, waysOf, written } from './course';

type Sheet = Schemas['CueSheetView'];

/** Before the first set: which of the exercises are done today. A circuit is one choice. */
export function PickSome({ sheet, picks, onPick }: { sheet: Sheet; picks: number; onPick: (steps: Step[]) => void }) {
  const [chosen, setChosen] = useState<number[]>([]);
  const inWords = (item: string) => `${nameOf(sheet, item)}, ${waysOf(sheet, item)[0]?.doseText ?? ''}`;
  const left = picks - chosen.length;
  return (
    <section aria-label="Pick for today" className="grid gap-2 rounded-lg border border-rail bg-sheet p-3">
      <h1 className="text-2xl">
        Pick {picks} of these {sheet.blocks.length}
      </h1>
      {sheet.blocks.map(({ items }, block) => {
        const isChosen = chosen.includes(block);
        return (
          <label
            key={block}
            className={cx(
              'flex min-h-11 items-center gap-3 rounded-md border px-3',
              isChosen ? 'border-ink bg-rung font-semibold' : 'border-rail',
              !isChosen && left === 0 && 'text-ink3',
            )}
          >
            <input
              type="checkbox"
              className="size-5 shrink-0"
              checked={isChosen}
              disabled={!isChosen && left === 0}
              onChange={() => setChosen(isChosen ? chosen.filter((one) => one !== block) : [...chosen, block])}
            />
            <span>{items.map(inWords).join(' · ')}</span>
          </label>
        );
      })}
      <Button
        look="floor-next"
        disabled={left > 0}
        onClick={() =>
          onPick(written(sheet).filter(({ item }) => chosen.some((block) => sheet.blocks[block]?.items.includes(item))))
        }
      >
        {left > 0 ? `${left} more to pick` : 'Train these'}
      </Button>
    </section>
  );
}
