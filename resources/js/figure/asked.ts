import { api } from '@/api/client';

/** The ladder in the slug of a rung. */
export const ladderOf = (rung: string): string => rung.split('/')[0] ?? '';

/** What is drawn changes only with the library itself: it comes when one of it is looked at, and stays. */
export const drawnOnce = { staleTime: Infinity, gcTime: Infinity };

/** The figures of a ladder, as they are asked for. */
export const figuresOf = (ladder: string) =>
  api.queryOptions('get', '/api/figures/{ladder}', { params: { path: { ladder } } }, drawnOnce);
