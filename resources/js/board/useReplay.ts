import { useCallback, useState } from 'react';
import { api, http, type Schemas } from '@/api/client';
import { useMore } from '@/frame/useMore';

/** The path of earlier moves, and the one the board is shown after. */
export function useReplay(person: string) {
  const [replay, setReplay] = useState<{ at: number; playing: boolean } | null>(null);
  const path = api.useQuery('get', '/api/people/{person}/path', { params: { path: { person } } }, { enabled: replay !== null });
  const earlier = useMore(
    path.data && { lines: path.data.moves, next: path.data.older },
    path.data,
    async (after) => {
      const { data, error } = await http.GET('/api/people/{person}/path', { params: { path: { person }, query: { after } } });
      return { page: data && { lines: data.moves, next: data.older }, error };
    },
    'before',
  );
  const moves = earlier.lines;
  // Earlier moves come before those that were there: the one that is shown stays.
  const show = earlier.more;
  const more =
    show === null
      ? null
      : async () => {
          const had = moves?.length ?? 0;
          const got = await show();
          setReplay((replayed) => replayed && { ...replayed, at: Math.min(replayed.at, Math.max(0, had - 1)) + got });
        };
  // A move that was taken back left no board of its own: the one before it stays.
  const moveAt = replay && moves ? moves.findLastIndex((one, index) => index <= replay.at && !one.takenBack) : -1;
  const move: Schemas['MoveView'] | undefined = moves?.[moveAt];
  const go = useCallback((at: number) => setReplay((before) => before && { ...before, at }), []);
  const play = useCallback((playing: boolean) => setReplay((before) => before && { ...before, playing }), []);

  return {
    on: replay !== null,
    moves,
    move,
    at: Math.max(0, moveAt),
    playing: replay?.playing ?? false,
    more,
    reading: earlier.busy,
    error: path.error,
    again: () => void path.refetch(),
    go,
    play,
    toggle: () => setReplay(replay ? null : { at: Number.MAX_SAFE_INTEGER, playing: false }),
    close: () => setReplay(null),
  };
}
