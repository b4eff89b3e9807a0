import { useState } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { type BoardLadder, type BoardRung } from '@/frame/boardModel';
import { staysLow } from '@/ui/staysLow';
import { RungDetails, standOf } from './RungDetails';

/** The rung in focus beside the one the person stands on: what makes it harder, how it is coached, what it loads. */
export function RungPane({
  demand,
  ladder,
  rung,
  person,
  setUp,
  onPlace,
  onGo,
}: {
  person: string;
  /** The person's own set-up of the rung. */
  setUp: Schemas['SetUpView'] | undefined;
  demand: string;
  ladder: BoardLadder;
  rung: BoardRung;
  onPlace: (side: 'left' | 'right' | 'both', range: string | null) => void;
  /** Brings the focus to another rung of the board. */
  onGo: (slug: string) => void;
}) {
  const stand = standOf(ladder, rung);
  const standsHere = stand?.rung === rung.slug;
  const open = { both: rung.openLeft && rung.openRight, left: rung.openLeft, right: rung.openRight };

  return (
    <div className="flex flex-col gap-4 max-lg:pb-36 lg:min-h-full">
      <div>
        <p className="text-sm text-ink2">
          {demand} · {ladder.name.toLowerCase()}
        </p>
        <h2 className="mt-1 text-xl">
          {rung.name} <span className="font-mono text-base font-normal">{rung.heightText}</span>
        </h2>
        <p>{rung.purpose}</p>
      </div>
      <RungDetails person={person} ladder={ladder} rung={rung} setUp={setUp} onGo={onGo} />
      <PlaceBar key={rung.slug} stand={stand} standsHere={standsHere} ladder={ladder} open={open} onPlace={onPlace} rung={rung} />
    </div>
  );
}

/** Where the person is placed: on both sides or on one. */
function PlaceBar({
  stand,
  standsHere,
  ladder,
  open,
  onPlace,
  rung,
}: {
  stand: BoardLadder['stands'][number] | undefined;
  standsHere: boolean;
  ladder: BoardLadder;
  open: { both: boolean; left: boolean; right: boolean };
  onPlace: (side: 'left' | 'right' | 'both', range: string | null) => void;
  rung: BoardRung;
}) {
  const [range, setRange] = useState<string | null>((standsHere ? stand?.range : null) ?? rung.ranges[0] ?? null);
  return (
    <div
      ref={staysLow}
      className="sticky -bottom-5 -mx-5 mt-auto -mb-5 grid gap-2 border-t border-hairline bg-sheet px-5 pt-3 pb-4 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:m-0"
    >
      {stand?.stopped && (
        <p className="font-semibold">
          This ladder was stopped{stand.reason && `: ${stand.reason}`}. Placing reopens it and asks for a reason.
        </p>
      )}
      {rung.ranges.length > 0 && (
        <label className="flex items-center justify-between gap-3 text-sm">
          How far
          <select
            value={range ?? ''}
            onChange={(event) => setRange(event.target.value)}
            className="min-h-9 rounded-md border border-rung-edge bg-paper px-2 font-mono"
          >
            {rung.ranges.map((one) => (
              <option key={one} value={one}>
                {one.replace(/cm$/, ' cm')}
              </option>
            ))}
          </select>
        </label>
      )}
      {standsHere && ladder.stands.length === 1 && !stand?.stopped && range === stand?.range ? (
        <p className="text-ink2">
          Stands here since {day(stand?.placedOn ?? '')}
          {stand?.rangeText && `, over ${stand.rangeText}`}.
        </p>
      ) : (
        <Button look="next" hotkey="Enter" disabled={!open.both} onClick={() => onPlace('both', range)}>
          Place on “{rung.shortName}”{range !== null && `, ${range.replace(/cm$/, ' cm')}`}
        </Button>
      )}
      {rung.sidedness !== 'both' && (
        <div className="grid grid-cols-2 gap-2">
          <Button hotkey="L" className="justify-between" disabled={!open.left} onClick={() => onPlace('left', range)}>
            Left
          </Button>
          <Button hotkey="R" className="justify-between" disabled={!open.right} onClick={() => onPlace('right', range)}>
            Right
          </Button>
        </div>
      )}
    </div>
  );
}
