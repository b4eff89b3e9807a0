import type { Schemas } from '@/api/client';
import type { Library } from '@/frame/useLibrary';
import { Button } from '@/ui/Button';
import { Choices, SelectField, TextField } from '@/ui/Field';
import { listOf, signpostsOf, textOf, withoutSignpost, withSignpost, type Source } from './source';

/** What a ladder says of itself and of all its rungs. */
export function LadderFields({
  source,
  lists,
  library,
  onChange,
}: {
  source: Source;
  lists: Schemas['CatalogueView'];
  library: Library;
  onChange: (source: Source) => void;
}) {
  const text = (field: string) => ({
    value: textOf(source[field]),
    onChange: (event: { target: { value: string } }) => onChange({ ...source, [field]: event.target.value }),
  });
  const signposts = signpostsOf(source);
  return (
    <div className="grid content-start gap-3 sm:grid-cols-2">
      <h2 className="col-span-full text-xl">The ladder</h2>
      <TextField label="Name of the ladder" wide {...text('name')} />
      <TextField label="Short name" {...text('short')} />
      <SelectField label="Demand" {...text('demand')}>
        {lists.demands.map((demand) => (
          <option key={demand.value} value={demand.value}>
            {demand.label}
          </option>
        ))}
      </SelectField>
      <Choices
        legend="Also met, with half weight"
        options={lists.demands.filter((demand) => demand.value !== source.demand)}
        chosen={listOf(source.secondary)}
        onChange={(secondary) => onChange({ ...source, secondary })}
      />
      <div className="col-span-full grid gap-1">
        <SelectField
          label="Rungs of other ladders that belong here too"
          value=""
          onChange={(event) => onChange(withSignpost(source, event.target.value))}
        >
          <option value="">add one …</option>
          {[...library.ladders.values()]
            .filter((ladder) => ladder.slug !== source.slug)
            .map((ladder) => (
              <optgroup key={ladder.slug} label={ladder.name}>
                {ladder.rungs.map((rung) => (
                  <option key={rung.slug} value={rung.slug}>
                    {rung.heightText} {rung.name}
                  </option>
                ))}
              </optgroup>
            ))}
        </SelectField>
        <ul className="grid gap-1">
          {signposts.map((slug) => (
            <li key={slug} className="flex items-baseline justify-between gap-2">
              <span>{library.rungs.get(slug)?.name ?? slug}</span>
              <Button look="quiet" onClick={() => onChange(withoutSignpost(source, slug))}>
                take out
              </Button>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
