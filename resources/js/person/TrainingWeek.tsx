import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { DateField } from '@/ui/DateField';
import { TimeField } from '@/ui/TimeField';
import type { OtherTraining } from './fields';
import { shortWeekday, today, weekdays } from '@/ui/day';

const parts = ['morning', 'midday', 'evening'] as const;

/** The rest of the week: each cell steps through what there is, light or heavy; empty is free. */
export function TrainingWeek({
  week,
  kinds,
  onChange,
}: {
  week: OtherTraining[];
  kinds: Schemas['ChoiceView'][];
  onChange: (week: OtherTraining[]) => void;
}) {
  const at = (day: number, part: string) => week.find((other) => other.day === day && other.part === part);
  return (
    <fieldset className="col-span-full grid gap-1.5">
      <legend className="mb-1 font-semibold">
        Other training in the week{' '}
        <span className="font-normal text-ink2">dark is heavy: 80 % of the best single and above, or very hard</span>
      </legend>
      <div className="overflow-x-auto">
        <table className="w-full min-w-160 border-separate border-spacing-1 text-sm">
          <thead>
            <tr>
              <td />
              {weekdays.map((name) => (
                <th key={name} scope="col" className="font-semibold">
                  {name.slice(0, 3)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {parts.map((part) => (
              <tr key={part}>
                <th scope="row" className="pr-1 text-left font-normal text-ink2">
                  {part}
                </th>
                {weekdays.map((name, index) => {
                  const other = at(index + 1, part);
                  return (
                    <td key={index}>
                      <select
                        aria-label={`${name} ${part}`}
                        value={other ? `${other.what} ${other.heavy}` : ''}
                        onChange={(event) => {
                          const rest = week.filter((one) => one !== other);
                          const [what, heavy] = event.target.value.split(' ');
                          onChange(
                            event.target.value === ''
                              ? rest
                              : [
                                  ...rest,
                                  {
                                    every: 1,
                                    from: null,
                                    time: null,
                                    ...other,
                                    what: what as OtherTraining['what'],
                                    heavy: heavy === 'true',
                                    day: index + 1,
                                    part,
                                  },
                                ],
                          );
                        }}
                        className={cx(
                          'min-h-9 w-full rounded-sm border px-1',
                          other
                            ? other.heavy
                              ? 'border-ink bg-ink text-ground'
                              : 'border-ink bg-rung'
                            : 'border-hairline bg-paper text-ink3',
                        )}
                      >
                        <option value="">–</option>
                        {kinds.flatMap((kind) => [
                          <option key={`${kind.value} light`} value={`${kind.value} false`}>
                            {kind.label}
                          </option>,
                          <option key={`${kind.value} heavy`} value={`${kind.value} true`}>
                            {kind.label} (heavy)
                          </option>,
                        ])}
                      </select>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {week.length > 0 && (
        <ul className="grid gap-1 text-sm sm:grid-cols-2">
          {inOrder(week).map((other) => (
            <Repeats
              key={`${other.day} ${other.part}`}
              other={other}
              onChange={(change) => onChange(week.map((one) => (one === other ? { ...one, ...change } : one)))}
            />
          ))}
        </ul>
      )}
    </fieldset>
  );
}

const inOrder = (week: OtherTraining[]): OtherTraining[] =>
  [...week].sort((a, b) => a.day - b.day || parts.indexOf(a.part) - parts.indexOf(b.part));

/** How often it comes back: every week, or every so many weeks counted from one of them. */
function Repeats({ other, onChange }: { other: OtherTraining; onChange: (change: Partial<OtherTraining>) => void }) {
  const what = `${shortWeekday(other.day)} ${other.part}, ${other.heavy ? 'heavy ' : ''}${other.what}`;
  return (
    <li className="flex flex-wrap items-center gap-2">
      <span>{what}:</span>
      <select
        aria-label={`${what}: how often`}
        value={other.every}
        onChange={(event) => {
          const every = Number(event.target.value);
          onChange({ every, from: every === 1 ? null : (other.from ?? today()) });
        }}
        className="min-h-8 rounded-sm border border-rung-edge bg-paper px-1"
      >
        {['every week', 'every second week', 'every third week', 'every fourth week'].map((label, index) => (
          <option key={label} value={index + 1}>
            {label}
          </option>
        ))}
      </select>
      <TimeField bare label={`${what}: starts at`} value={other.time} onChange={(time) => onChange({ time })} />
      {other.every > 1 && (
        <DateField
          bare
          label="such as the week of"
          value={other.from ?? ''}
          onChange={(from) => from !== '' && onChange({ from })}
        />
      )}
    </li>
  );
}
