import { Button } from '@/ui/Button';

/** Goes on with a list that is read page by page; says how much of it is shown. */
export function MoreLines({
  more,
  busy,
  shown,
  label = 'Show more',
}: {
  more: (() => Promise<unknown>) | null;
  busy: boolean;
  shown: number;
  label?: string;
}) {
  if (more === null) return null;
  return (
    <p className="mt-3 flex flex-wrap items-center gap-3 text-ink2">
      {/* Not disabled meanwhile: the keyboard stays where it is. */}
      <Button aria-busy={busy} onClick={() => void more()}>
        {busy ? 'Reading …' : label}
      </Button>
      <span>{shown} shown</span>
    </p>
  );
}
