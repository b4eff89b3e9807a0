import { useCallback, useEffect, useRef, useState } from 'react';
import type { Schemas } from '@/api/client';
import { stir } from '@/offline/code';
import { instrument } from './instrument';
import { LOOK, metronome } from './metronome';
import { at, type Key, type Player } from './player';
import { soundsOf } from './sounds';
import { useSoundSettings } from './soundSettings';

/** How often the picture follows the clock, in ms. */
const PICTURE = 50;

/** The page was out of sight for less than this, in ms: nothing to say. */
const BRIEF = 3_000;

/**
 * What runs with the clock: the picture, the sounds laid ahead of it, and the screen kept awake. Answers with how long the
 * page was last out of sight while the clock ran on, in ms; 0 where it was not.
 */
export function useClock(
  cues: Schemas['Cue'][],
  player: Player,
  press: (key: Key) => void,
): { awayMs: number; seen: () => void } {
  const settings = useSoundSettings();
  const [awayMs, setAway] = useState(0);
  const latest = useRef(player);
  useEffect(() => {
    latest.current = player;
  });
  const running = player.since !== null;
  const tick = useCallback(() => press({ do: 'tick' }), [press]);

  useEffect(() => {
    if (!running) return;
    const picture = setInterval(tick, PICTURE);
    return () => clearInterval(picture);
  }, [running, tick]);

  useEffect(() => {
    const device = running ? instrument(settings) : null;
    if (!device) return;
    const clock = metronome(
      device,
      () => performance.now(),
      (horizon) => {
        const now = at(cues, latest.current, performance.now());
        return now.over ? [] : soundsOf(cues, now, horizon);
      },
    );
    clock.start();
    const look = setInterval(() => {
      clock.look();
      stir();
    }, LOOK);
    return () => {
      clearInterval(look);
      clock.stop();
    };
  }, [running, player.moves, cues, settings]);

  useEffect(() => {
    if (!running) return;
    let lock: WakeLockSentinel | null = null;
    let isHere = true;
    let hiddenAt: number | null = null;
    const hold = () => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (held) => (isHere ? (lock = held) : void held.release()),
        () => undefined,
      );
    };
    // The lock is gone once the page was out of sight, and is asked for again.
    const change = () => {
      if (document.visibilityState === 'hidden') {
        hiddenAt = performance.now();
        return;
      }
      hold();
      tick();
      const away = hiddenAt === null ? 0 : performance.now() - hiddenAt;
      if (away > BRIEF) setAway(away);
      hiddenAt = null;
    };
    hold();
    document.addEventListener('visibilitychange', change);
    return () => {
      isHere = false;
      document.removeEventListener('visibilitychange', change);
      void lock?.release();
    };
  }, [running, tick]);

  return { awayMs, seen: () => setAway(0) };
}
