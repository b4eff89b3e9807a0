import { type Schemas } from '@/api/client';
import { FaultPicture } from '@/figure/FaultPicture';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { textOf, type Fields } from './source';

const MOST = 4;

/** What goes wrong on a rung, how it is drawn, and what mends it: each fault beside its picture. */
export function FaultsEditor({
  faults,
  kinds,
  pictures,
  onChange,
}: {
  faults: Fields[];
  kinds: Schemas['FaultKindView'][];
  /** Of the kinds that can be drawn, as the check drew them last. */
  pictures: Schemas['DrawnFault'][];
  onChange: (faults: Fields[]) => void;
}) {
  const set = (at: number, field: string, next: string) =>
    onChange(faults.map((fault, index) => (index === at ? { ...fault, [field]: next } : fault)));
  return (
    <fieldset className="col-span-full grid gap-3">
      <legend className="mb-1 font-semibold">Faults, two to four</legend>
      {faults.map((fault, at) => {
        const drawnAs = textOf(fault.kind) || 'unseen';
        const kind = kinds.find((one) => one.value === drawnAs);
        const picture = kind?.drawn ? pictures.find((one) => one.kind === kind.label) : undefined;
        return (
          <div key={at} className="grid gap-2 border-l-2 border-hairline pl-3">
            <TextField
              label={`Fault ${at + 1}, seen`}
              value={textOf(fault.seen)}
              onChange={(event) => set(at, 'seen', event.target.value)}
            />
            <TextField
              label={`Fault ${at + 1}, mended by`}
              value={textOf(fault.fix)}
              onChange={(event) => set(at, 'fix', event.target.value)}
            />
            <div className="grid grid-cols-2 items-start gap-3">
              <div className="grid gap-2">
                <SelectField
                  label={`Fault ${at + 1}, drawn as`}
                  value={drawnAs}
                  onChange={(event) => set(at, 'kind', event.target.value)}
                >
                  {kinds.map((one) => (
                    <option key={one.value} value={one.value}>
                      {one.label}
                    </option>
                  ))}
                </SelectField>
                <Button
                  look="quiet"
                  className="justify-self-start"
                  onClick={() => onChange(faults.filter((_, index) => index !== at))}
                >
                  Take out<span className="sr-only"> fault {at + 1}</span>
                </Button>
              </div>
              {picture ? (
                <FaultPicture fault={picture} className="h-20" />
              ) : (
                <p className="grid min-h-20 place-items-center rounded-md border border-dashed border-hairline p-2 text-center text-sm text-ink3">
                  {kind?.drawn ? 'drawn once the figure can be' : 'A still does not show it'}
                </p>
              )}
            </div>
          </div>
        );
      })}
      {faults.length < MOST && (
        <Button className="justify-self-start" onClick={() => onChange([...faults, { kind: 'unseen', seen: '', fix: '' }])}>
          Add a fault
        </Button>
      )}
    </fieldset>
  );
}
