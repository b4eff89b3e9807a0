import { useEffect, useState } from 'react';
import type { Player } from '@/clock/player';

/** Where the player of a session stands, told by the wall clock: windows have no other one in common. */
interface Standing {
  session: string;
  at: number;
  leftMs: number;
  /** the moment `leftMs` was true, in ms since 1970; null while the clock stands */
  since: number | null;
  over: boolean;
}

type Message = { kind: 'asks' } | { kind: 'stands'; standing: Standing };

const channel = () => (typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('even-rungs.player'));

/** Tells the other windows of this browser where the player stands, whenever it moves and whenever one asks. */
export function useTelling(session: string, { at, leftMs, since, over, moves }: Player): void {
  useEffect(() => {
    const windows = channel();
    if (!windows) return;
    const told = since === null ? null : Date.now() - (performance.now() - since);
    const tell = () =>
      windows.postMessage({ kind: 'stands', standing: { session, at, leftMs, since: told, over } } satisfies Message);
    windows.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.kind === 'asks') tell();
    };
    tell();
    return () => windows.close();
    // Running on by itself moves nothing: `leftMs` and `since` go together.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [session, at, over, moves, since === null]);
}

/** Where the player of another window stands; null where none has answered. */
export function useFollowing(session: string): Player | null {
  const [player, setPlayer] = useState<Player | null>(null);
  useEffect(() => {
    const windows = channel();
    if (!windows) return;
    windows.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.kind !== 'stands' || data.standing.session !== session) return;
      const { at, leftMs, since, over } = data.standing;
      setPlayer({ at, leftMs, since: since === null ? null : performance.now() - (Date.now() - since), over, moves: 0 });
    };
    windows.postMessage({ kind: 'asks' } satisfies Message);
    return () => windows.close();
  }, [session]);
  return player;
}
