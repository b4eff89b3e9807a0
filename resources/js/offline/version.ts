import { shared } from '@/ui/shared';

const letIn = shared<(() => void) | null>(null);

/** Lets a new version of the application in, once there is one; null while there is none. It never comes in by itself. */
export const useNewVersion = letIn.useValue;

/** Lets the application open without a server from the next time on. */
export async function openWithoutServer(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/sw.js', { scope: '/' });
  worker.addEventListener('waiting', () => {
    letIn.set(() => {
      worker.addEventListener('controlling', () => location.reload());
      worker.messageSkipWaiting();
    });
  });
  await worker.register();
}
