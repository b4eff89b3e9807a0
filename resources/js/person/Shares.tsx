import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { DemandGlyph } from '@/ui/DemandGlyph';
import type { Shares } from './fields';

const demands: [string, string][] = [
  ['anti-extension', 'front'],
  ['anti-lateral-flexion', 'lateral'],
  ['anti-flexion', 'posterior'],
  ['anti-rotation', 'rotation'],
  ['hip-stability', 'hip'],
  ['shoulder-girdle-stability', 'shoulder girdle'],
];

/** How the work is to be shared out: the aim's own shares until one of them is moved. */
export function TargetBars({
  aim,
  own,
  onChange,
  aims,
}: {
  aim: string;
  own: Shares | null;
  onChange: (own: Shares | null) => void;
  aims: Schemas['AimSharesView'][];
}) {
  const ofAim = aims.find((entry) => entry.aim === aim)?.shares ?? {};
  const parts = own ?? ofAim;
  const most = Math.max(40, ...Object.values(parts));
  return (
    <fieldset className="col-span-full grid gap-1.5">
      <legend className="mb-1 font-semibold">
        Target shares of the work{' '}
        <span className="font-normal text-ink2">{own ? 'own ones, in parts' : 'those of the aim, in parts'}</span>
      </legend>
      <div className="grid gap-x-6 gap-y-1 sm:grid-cols-2">
        {demands.map(([demand, name]) => (
          <label key={demand} className="grid grid-cols-[1.25rem_minmax(0,7.5rem)_minmax(2rem,1fr)_2rem] items-center gap-2">
            <DemandGlyph demand={demand} />
            <span>{name}</span>
            <input
              type="range"
              min={0}
              max={most}
              value={parts[demand] ?? 0}
              onChange={(event) => onChange({ ...parts, [demand]: Number(event.target.value) })}
              className="h-6 w-full accent-ink"
            />
            <output className="text-right font-mono">{parts[demand] ?? 0}</output>
          </label>
        ))}
      </div>
      {own && (
        <div>
          <Button look="quiet" onClick={() => onChange(null)}>
            back to those of the aim
          </Button>
        </div>
      )}
    </fieldset>
  );
}
