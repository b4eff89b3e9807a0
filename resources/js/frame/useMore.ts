import { useState } from 'react';
import { toast } from '@/ui/notice';
import { sentenceOf, type Refusal } from '@/api/client';

/** A page of a list, and what to ask for after it. */
export interface Page<Line> {
  lines: Line[];
  next: string | null;
}

interface Rest<Line> extends Page<Line> {
  of: unknown;
}

/**
 * A list read page by page: the first page is at hand, the others are asked for by hand, and forgotten when the first
 * one says something else. `before` puts them ahead of the first, as in a path that is read from its beginning.
 */
export function useMore<Line>(
  first: Page<Line> | undefined,
  /** Stays the same while the first page does. */
  of: unknown,
  ask: (after: string) => Promise<{ page?: Page<Line>; error?: Refusal }>,
  where: 'after' | 'before' = 'after',
) {
  const [rest, setRest] = useState<Rest<Line>>();
  const [busy, setBusy] = useState(false);
  const here = rest?.of === of ? rest : undefined;
  const next = here ? here.next : (first?.next ?? null);

  /** Reads the next page; answers how many lines came. */
  const more = async (): Promise<number> => {
    if (next === null || busy) return 0;
    setBusy(true);
    const { page, error } = await ask(next);
    setBusy(false);
    if (!page) {
      if (error) toast(sentenceOf(error));
      return 0;
    }
    const before = here?.lines ?? [];
    setRest({ of, lines: where === 'after' ? [...before, ...page.lines] : [...page.lines, ...before], next: page.next });
    return page.lines.length;
  };

  const lines =
    first && (where === 'after' ? [...first.lines, ...(here?.lines ?? [])] : [...(here?.lines ?? []), ...first.lines]);
  return { lines, more: next === null ? null : more, busy };
}
