import { useEffect, useState } from 'react';
import { http, sentenceOf, type Refusal } from '@/api/client';
import { shared } from '@/ui/shared';
import { onKept, put, tellTabs } from './store';
import { device, isAtHome, oddTimes, stand, tidy, waiting, type KeptEvent, type Opened, type Training } from './trainings';
import { trainer } from './trainer';

/** Events that go in one sending. */
const MOST = 100;

/** How long is waited before the next try, in ms: longer each time, and at most a minute. */
const waitFor = (tries: number): number => Math.min(60_000, 2_000 * 2 ** tries);

export interface Outbox {
  /** something is on its way */
  busy: boolean;
  /** why what waits is not sent yet; null where nothing hinders */
  hindered: { code: string; sentence: string } | null;
}

const state = shared<Outbox>({ busy: false, hindered: null });

export const useOutbox = state.useValue;

type Waiting = Awaited<ReturnType<typeof waiting>>;

function useKept<Value>(read: () => Promise<Value[]>): Value[] {
  const [kept, setKept] = useState<Value[]>([]);
  useEffect(() => {
    const look = () => void read().then(setKept);
    look();
    return onKept(look);
  }, [read]);
  return kept;
}

/** What waits on this device, kept up to date. */
export const useWaiting = (): Waiting => useKept(waiting);

/** Trainings of this device whose time is still to be asked about. */
export const useOddTimes = (): Opened[] => useKept(oddTimes);

let tries = 0;
let again: ReturnType<typeof setTimeout> | undefined;
let running: Promise<boolean> | null = null;

/**
 * Sends what waits, oldest first; says whether all of it is with the server. Whatever cannot be sent stays and is tried
 * again by itself: sending twice takes it once.
 */
export function sendWaiting(): Promise<boolean> {
  clearTimeout(again);
  // Asked for while something is under way, it may be about what came since: once more after that.
  running = (running ?? Promise.resolve(true)).then(sendAll);
  const mine = running;
  void mine.finally(() => {
    if (running === mine) running = null;
  });
  return mine;
}

async function sendAll(): Promise<boolean> {
  const owner = trainer();
  const isOutstanding = ({ training, waits }: Waiting[number]) =>
    waits.length > 0 || (training.byHand && training.on !== training.sentOn);
  const outstanding = owner === '' ? [] : (await waiting()).filter(isOutstanding);
  if (outstanding.length === 0) {
    if (state.get().hindered) state.set({ busy: false, hindered: null });
    return true;
  }
  state.set({ ...state.get(), busy: true });
  let hindered: Outbox['hindered'] = null;
  for (const { training, waits } of outstanding) {
    for (let from = 0; from === 0 || from < waits.length; from += MOST) {
      const refusal = await send(owner, training, waits.slice(from, from + MOST));
      if (!refusal) continue;
      hindered = { code: refusal.code, sentence: sentenceOf(refusal) };
      break;
    }
    // Without a network, or signed out, nobody else's goes either; what one training is refused for is its own.
    if (hindered && ['offline', 'signed-out', 'page-too-old', 'home-closed'].includes(hindered.code)) break;
  }
  tries = hindered ? tries + 1 : 0;
  state.set({ busy: false, hindered });
  tellTabs();
  // Signed out, only signing in helps.
  if (hindered && hindered.code !== 'signed-out') again = setTimeout(() => void sendWaiting(), waitFor(tries));
  return hindered === null;
}

async function send(owner: string, training: Training, waits: KeptEvent[]): Promise<Refusal | null> {
  const { person, id, session, on, byHand, startedAt } = training;
  const body = { session, device: device(), on, byHand, startedAt, sentAt: Date.now(), events: waits.map(({ event }) => event) };
  const { data, error } = await (isAtHome(owner)
    ? http.POST('/api/home/trainings/{training}', { params: { path: { training: id } }, body })
    : http.POST('/api/people/{person}/trainings/{training}', { params: { path: { person, training: id } }, body }));
  if (error) return error;
  const refused = new Map(data.refused.map(({ event, sentence }) => [event, sentence]));
  const taken = new Set(data.taken);
  for (const kept of waits) {
    const sentence = refused.get(kept.id) ?? null;
    if (taken.has(kept.id)) await put('events', owner, { ...kept, state: 'taken' } satisfies KeptEvent);
    else if (sentence !== null) await put('events', owner, { ...kept, state: 'refused', sentence } satisfies KeptEvent);
  }
  const { also, differing, log } = data;
  await stand({ training, events: waits }, (present) => ({
    // Set by hand once more meanwhile, that day holds.
    ...(present.on === on && { on: data.on }),
    sentOn: data.on,
    asked: { also, differing, clock: data.clock ?? present.asked?.clock ?? null, log },
  }));
  return null;
}

/** Sends what waits when the network is back or the page is seen again. */
export function useSendingByItself(owner: string): void {
  useEffect(() => {
    const go = () => {
      tries = 0;
      void sendWaiting();
    };
    const seen = () => {
      if (document.visibilityState === 'visible') go();
    };
    void sendWaiting().then(tidy);
    window.addEventListener('online', go);
    document.addEventListener('visibilitychange', seen);
    return () => {
      window.removeEventListener('online', go);
      document.removeEventListener('visibilitychange', seen);
      clearTimeout(again);
    };
  }, [owner]);
}
