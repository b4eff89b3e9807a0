import { shelf } from '@/editor/device';
import type { Schemas } from '@/api/client';

export type Side = Schemas['HoldStandingView']['side'];
export type Kind = Schemas['HoldTestView']['kind'];

/** A hold being timed. Moments are clock time in milliseconds, so that a reload loses nothing. */
export interface Watch {
  kind: Kind;
  side: Side;
  /** Sides still to come after this one. */
  then: Side[];
  phase: 'ready' | 'countdown' | 'running' | 'ended' | 'lost' | 'rest';
  /** When the phase began. */
  at: number;
  /** What was held, once it has ended. */
  ms: number;
}

/** Get into position: three seconds. Rest between sides: a minute, which may be skipped. Our own choice. */
export const COUNTDOWN_MS = 3_000;
export const REST_MS = 60_000;
/** A clock this far past its cap was not stopped by anyone: how long the hold was is not known. */
const FORGOTTEN_MS = 30_000;

export const begin = (kind: Kind, sides: Side[]): Watch => ({
  kind,
  side: sides[0] ?? 'both',
  then: sides.slice(1),
  phase: 'ready',
  at: 0,
  ms: 0,
});

/** Time as it passes: the countdown runs out, the cap stops the hold, a forgotten clock is found. */
export function tick(watch: Watch, now: number, stopAtSeconds: number): Watch {
  const passed = now - watch.at;
  const cap = stopAtSeconds * 1000;
  if (watch.phase === 'countdown' && passed >= COUNTDOWN_MS)
    return tick({ ...watch, phase: 'running', at: watch.at + COUNTDOWN_MS }, now, stopAtSeconds);
  if (watch.phase === 'running' && passed > cap + FORGOTTEN_MS) return { ...watch, phase: 'lost' };
  if (watch.phase === 'running' && passed >= cap) return { ...watch, phase: 'ended', at: now, ms: cap };
  return watch;
}

/** The one key: starts the countdown, takes a false start back, stops the hold, ends the rest. */
export function press(watch: Watch, now: number): Watch {
  switch (watch.phase) {
    case 'ready':
      return { ...watch, phase: 'countdown', at: now };
    case 'countdown':
      return { ...watch, phase: 'ready', at: now };
    case 'running':
      return { ...watch, phase: 'ended', at: now, ms: now - watch.at };
    case 'rest':
    case 'lost':
      return { ...watch, phase: 'ready', at: now };
    case 'ended':
      return watch;
  }
}

/** After a hold was kept: the other side follows a rest; null when there is none. */
export function following(watch: Watch, now: number): Watch | null {
  const [side, ...then] = watch.then;
  return side === undefined ? null : { ...watch, side, then, phase: 'rest', at: now, ms: 0 };
}

/** Whole seconds that count: those that were finished, as by a hand-held clock. */
export const heldSeconds = (ms: number): number => Math.floor(ms / 1000);

const watches = shelf<Watch>('hold', (watch) => typeof watch.at === 'number');

export const keptWatch = (person: string): Watch | null => watches.of(person);
export const keepWatch = (person: string, watch: Watch | null): boolean => watches.keep(person, watch);
