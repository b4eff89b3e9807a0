import { useEffect, useState } from 'react';
import type { Schemas } from '@/api/client';
import { at, type Player } from './player';

/** Where the player of a session stands, told by the wall clock: windows have no other one in common. */
interface Standing {
  /** the session, or the squad, whose clock it is */
  session: string;
  at: number;
  leftMs: number;
  /** the moment `leftMs` was true, in ms since 1970; null while the clock stands */
  since: number | null;
  over: boolean;
  /** what the window goes by that the clock runs in, where another could read something else meanwhile */
  shown: unknown;
}

type Message = { kind: 'asks' } | { kind: 'stands'; standing: Standing };

/** The picture follows the clock so often, in ms. */
const PICTURE = 100;

const channel = () => (typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('even-rungs.player'));

/** Tells the other windows of this browser where the player stands, whenever it moves and whenever one asks. */
export function useTelling(session: string, { at, leftMs, since, over, moves }: Player, shown: unknown = null): void {
  useEffect(() => {
    const windows = channel();
    if (!windows) return;
    const told = since === null ? null : Date.now() - (performance.now() - since);
    const tell = () =>
      windows.postMessage({ kind: 'stands', standing: { session, at, leftMs, since: told, over, shown } } satisfies Message);
    windows.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.kind === 'asks') tell();
    };
    tell();
    return () => windows.close();
    // Running on by itself moves nothing: `leftMs` and `since` go together.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [session, at, over, moves, since === null, shown]);
}

/** Where the player of another window stands, and what that one goes by; null where none has answered. */
export function useFollowing(session: string): { player: Player; shown: unknown } | null {
  const [followed, follow] = useState<{ player: Player; shown: unknown } | null>(null);
  useEffect(() => {
    const windows = channel();
    if (!windows) return;
    windows.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.kind !== 'stands' || data.standing.session !== session) return;
      const { at, leftMs, since, over, shown } = data.standing;
      const began = since === null ? null : performance.now() - (Date.now() - since);
      follow({ player: { at, leftMs, since: began, over, moves: 0 }, shown });
    };
    windows.postMessage({ kind: 'asks' } satisfies Message);
    return () => windows.close();
  }, [session]);
  return followed;
}

/** The player of another window as it stands now, drawn anew while it runs. */
export function useMovedOn(cues: Schemas['Cue'][], followed: Player | null | undefined): Player | null {
  const [now, setNow] = useState(() => performance.now());
  const runs = followed?.since != null;
  useEffect(() => {
    if (!runs) return;
    const picture = setInterval(() => setNow(performance.now()), PICTURE);
    return () => clearInterval(picture);
  }, [runs]);
  return followed ? at(cues, followed, Math.max(now, followed.since ?? 0)) : null;
}
