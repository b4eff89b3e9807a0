import { useComposing } from './useComposer';

/** How many of its exercises the person picks each time: all of them, or fewer. */
export function Picks() {
  const { draft, change } = useComposing();
  const of = draft.blocks.length;
  if (of < 2) return null;
  const picks = draft.picks && draft.picks < of ? draft.picks : null;
  return (
    <label className="flex items-baseline gap-1 text-ink2">
      the person does
      <select
        aria-label="How many of these the person does"
        value={picks ?? ''}
        onChange={(event) => change({ do: 'picks', picks: event.target.value === '' ? null : Number(event.target.value) })}
        className="rounded-sm border-b border-rail bg-transparent text-ink"
      >
        <option value="">all {of}</option>
        {Array.from({ length: of - 1 }, (_, index) => (
          <option key={index} value={index + 1}>
            any {index + 1} of {of}
          </option>
        ))}
      </select>
    </label>
  );
}
