import { keepPreviousData } from '@tanstack/react-query';
import { api, type Schemas } from '@/api/client';
import { Why } from '@/frame/reason';

/** What limits and kit as they stand in the form would do to the board, before they are saved. */
export function BoardEffect({ person, limits, kit }: { person: string; limits: Schemas['LimitInput'][]; kit: string[] }) {
  const { data: effect } = api.useQuery(
    'post',
    '/api/people/{person}/board/preview',
    { params: { path: { person } }, body: { limits, kit } },
    { placeholderData: keepPreviousData, staleTime: 30_000 },
  );
  if (!effect || effect.closing + effect.opening === 0) return null;
  return (
    <section aria-label="Effect on the board" aria-live="polite" className="grid gap-2 border-l-4 border-slate bg-paper p-3">
      <p className="font-semibold">{effect.sentence}</p>
      {effect.changes.length > 0 && (
        <ul className="grid gap-1.5">
          {effect.changes.map((change) => (
            <li key={`${change.ladder} ${change.side}`}>
              <span className="text-sm text-ink2">
                {change.ladderName}
                {change.side !== 'both' && `, ${change.side}`}
              </span>
              <br />
              <Why title="Ruled out" reasons={change.reason}>
                {change.from}
              </Why>{' '}
              →{' '}
              {change.to ? (
                <Why title="Instead" reasons={change.to.reason} className="font-semibold">
                  {change.to.name}
                </Why>
              ) : (
                <strong>nothing fits: the demand stays open</strong>
              )}
            </li>
          ))}
        </ul>
      )}
      <p className="text-sm text-ink2">
        Nothing is moved by saving: the board then shows these rungs as ruled out, with what fits in their place.
      </p>
    </section>
  );
}
