import type { Workbox } from 'workbox-window';
import { http } from '@/api/client';
import { shared } from '@/ui/shared';

const letIn = shared<(() => void) | null>(null);
/** The version of this page, as the server wrote it. */
const own = typeof document === 'undefined' ? '' : (document.querySelector<HTMLMetaElement>('meta[name="built"]')?.content ?? '');
let worker: Workbox | null = null;
let heard = own;

/** Lets a new version of the application in, once there is one; null while there is none. It never comes in by itself. */
export const useNewVersion = letIn.useValue;

/** Lets the application open without a server from the next time on. */
export async function openWithoutServer(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const { Workbox } = await import('workbox-window');
  worker = new Workbox('/sw.js', { scope: '/' });
  const known = worker;
  known.addEventListener('waiting', () => {
    letIn.set(() => {
      known.addEventListener('controlling', () => location.reload());
      known.messageSkipWaiting();
    });
  });
  await known.register();
  // What was heard before there was a worker to ask.
  if (heard !== own) void look();
}

/** Hears from the answers that the server is of another version than this page, which may stay open for weeks. */
export const hearOfVersions = (): void =>
  http.use({
    onResponse({ response }) {
      const version = response.headers.get('Built');
      if (!version || !own || version === heard) return;
      heard = version;
      if (version !== own) void look();
    },
  });

/** The worker that comes with it is fetched; without one the page is the server’s. */
async function look(): Promise<void> {
  if (navigator.serviceWorker?.controller) await worker?.update().catch(() => undefined);
  else letIn.set(() => location.reload());
}
