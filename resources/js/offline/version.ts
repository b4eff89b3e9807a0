import { useSyncExternalStore } from 'react';

let letIn: (() => void) | null = null;
const watchers = new Set<() => void>();

/** Lets a new version of the application in, once there is one; null while there is none. It never comes in by itself. */
export const useNewVersion = (): (() => void) | null =>
  useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => letIn,
  );

/** Lets the application open without a server from the next time on. */
export async function openWithoutServer(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/sw.js', { scope: '/' });
  worker.addEventListener('waiting', () => {
    letIn = () => {
      worker.addEventListener('controlling', () => location.reload());
      worker.messageSkipWaiting();
    };
    watchers.forEach((watcher) => watcher());
  });
  await worker.register();
}
