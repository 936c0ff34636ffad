/// <reference lib="webworker" />
import { precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;
/** What the page is made of, written here when it is built: names with their hashes. */
declare const __PAGE_FILES__: readonly { readonly url: string; readonly revision: null }[];

const SHELL = 'omniarton-shell';

/**
 * Keeps the page at hand for a bake day: its files as they were built, and its one document with the headers that belong to it. What the
 * server says is never kept here: a day is kept by the page itself. A newer version waits until no page of the older one is open, so
 * that a run is never interrupted.
 */
precacheAndRoute([...__PAGE_FILES__]);

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(SHELL).then((shell) => shell.add(new Request('/', { cache: 'reload' }))));
});

registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        return await fetch(request);
      } catch (away) {
        const kept = await caches.match('/', { cacheName: SHELL });
        if (!kept) throw away;
        return kept;
      }
    },
    { denylist: [/^\/api\//] },
  ),
);

/** A notification that is touched brings the run to the front. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(
    self.clients.matchAll({ type: 'window' }).then(([page]) => page?.focus() ?? self.clients.openWindow('/')),
  );
});
