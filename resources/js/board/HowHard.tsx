import { api } from '@/api/client';
import { cx } from '@/ui/cx';

/** What the low back resists on a rung, four ways, beside the rung the person stands on and on one scale. */
export function HowHard({ person, rung, beside }: { person: string; rung: string; beside: string | undefined }) {
  const [ladder = '', name = ''] = rung.split('/');
  const { data } = api.useQuery(
    'get',
    '/api/people/{person}/hardness/{ladder}/{rung}',
    { params: { path: { person, ladder, rung: name }, query: { beside: beside ?? '' } } },
    { staleTime: 300_000, placeholderData: (last) => last },
  );
  if (!data) return null;
  return (
    <section aria-label="How hard" className="grid gap-1.5">
      <h3 className="font-display text-base font-[650]">How hard at the low back</h3>
      {data.figures.length > 0 && (
        <table className="w-full text-sm">
          <thead className="sr-only">
            <tr>
              <th scope="col">resists being bent or turned</th>
              <th scope="col">on this rung, N·m</th>
              {beside && <th scope="col">where they stand, N·m</th>}
            </tr>
          </thead>
          <tbody>
            {data.figures.map((figure) => (
              <tr key={figure.label} title={`On the mean of the movement ${figure.mean} N·m`}>
                <th scope="row" className="w-18 py-0.5 pr-2 text-left font-normal text-ink2">
                  {figure.label}
                </th>
                <td className="py-0.5">
                  <Bar value={figure.highest} scale={data.scale} />
                  {figure.beside !== null && <Bar value={figure.beside} scale={data.scale} pale />}
                </td>
                <td className="w-20 py-0.5 pl-2 text-right font-mono whitespace-nowrap">
                  {figure.beside !== null && figure.beside !== figure.highest && (
                    <span className="text-ink3">{figure.beside} → </span>
                  )}
                  {figure.highest}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data.unmeasured && <p className="text-sm">{data.unmeasured}</p>}
      {data.sentences.map((sentence) => (
        <p key={sentence} className="text-sm">
          {sentence}
        </p>
      ))}
      {[data.smaller, data.worth, data.pull].map(
        (sentence) =>
          sentence && (
            <p key={sentence} className="text-sm">
              {sentence}
            </p>
          ),
      )}
      {data.figures.length > 0 && (
        <details className="text-sm text-ink3">
          <summary className="min-h-6">{data.whose}</summary>
          {data.model}
        </details>
      )}
    </section>
  );
}

function Bar({ value, scale, pale = false }: { value: number; scale: number; pale?: boolean }) {
  return (
    <svg viewBox="0 0 100 8" preserveAspectRatio="none" className={cx('block w-full', pale ? 'h-1' : 'h-2')} aria-hidden>
      <rect width="100" height="8" className="fill-rung/60" />
      <rect width={Math.max(value > 0 ? 1 : 0, (100 * value) / scale)} height="8" className={pale ? 'fill-rail' : 'fill-ink'} />
    </svg>
  );
}
