/// <reference lib="webworker" />
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (string | { url: string; revision: string | null })[] };

// A new version waits until somebody lets it in: never under a session that runs.
self.addEventListener('message', ({ data }) => {
  if ((data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting();
});
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

// What a page sends as it goes has nobody left to send it but the worker.
self.addEventListener('fetch', (event) => {
  if (event.request.keepalive && event.request.method !== 'GET') event.respondWith(fetch(event.request));
});

cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);
// Every page is the same shell, which knows nobody; what people are like comes from the server or from what is kept.
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/app-shell'), {
    denylist: [/^\/api\//, /^\/build\//, /^\/calendar\//, /^\/up$/, /^\/[^/]+\.[a-z]+$/],
  }),
);
