import { Why } from '@/frame/reason';
import { cx } from '@/ui/cx';
import { Picks } from './Picks';
import { useComposing } from './useComposer';

/** A long title is written smaller and over two lines rather than cut. */
const sizeOf = (title: string): string => (title.length > 40 ? 'text-xl' : title.length > 22 ? 'text-2xl' : 'text-3xl');

/** Title, length against the minutes there are, and what optional sets add. */
export function ComposerHead() {
  const { person, draft, preview, change } = useComposing();
  return (
    <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
      <h1 className="min-w-0 flex-1 max-sm:basis-full">
        <textarea
          aria-label="Title of the session"
          value={draft.title}
          rows={1}
          maxLength={120}
          onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
          onChange={(event) => change({ do: 'title', title: event.target.value.replaceAll(/\s*\n\s*/g, ' ') })}
          className={cx(
            'block field-sizing-content w-full min-w-40 resize-none rounded-sm border-b border-transparent bg-transparent font-display leading-tight font-[650] hover:border-rail',
            sizeOf(draft.title),
          )}
        />
      </h1>
      <p className="flex flex-wrap items-baseline gap-2 sm:shrink-0 sm:flex-nowrap">
        <Why title="Length" reasons={preview.clockReason}>
          <span className={cx('font-mono text-2xl font-bold', preview.isOver && 'text-rowan')}>{preview.lengthText}</span>
        </Why>
        <label className="flex items-baseline gap-1 text-ink2">
          of
          <input
            type="number"
            min={1}
            max={180}
            aria-label="Minutes of this session"
            value={draft.minutes ?? person.minutes}
            onChange={(event) => {
              const minutes = Math.round(Number(event.target.value));
              change({ do: 'minutes', minutes: minutes === person.minutes || minutes < 1 ? null : Math.min(180, minutes) });
            }}
            className="w-14 rounded-sm border-b border-rail bg-transparent text-right font-mono text-ink"
          />
          min
        </label>
        <Picks />
        {preview.reachesText !== '' && (
          <span className="text-ochre">
            on the sheet <span className="font-mono">{preview.reachesText}</span>
          </span>
        )}
        {preview.optionalText !== '' && (
          <span className="text-ink2">
            optional <span className="font-mono">+{preview.optionalText}</span>
          </span>
        )}
      </p>
    </div>
  );
}
