/// <reference lib="webworker" />
import { CacheFirst, ExpirationPlugin, NetworkFirst, Serwist } from 'serwist';

declare const self: ServiceWorkerGlobalScope;

const PARTS = 'mortar-parts';
const BENCHES = 'mortar-benches';

/** Without an answer for so long, a bench opens from what was kept, s. */
const PATIENCE_S = 4;

const isBench = (path: string): boolean => /^\/runs\/[^/]+$/.test(path);

/**
 * Keeps the bench, and nothing else, for when there is no line: its pages as they were last fetched, with the
 * headers they came with, and the parts of the product they are made of, which never change under one name.
 */
const worker = new Serwist({
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/_next/static/'),
      handler: new CacheFirst({
        cacheName: PARTS,
        plugins: [new ExpirationPlugin({ maxEntries: 400, maxAgeSeconds: 60 * 24 * 3600 })],
      }),
    },
    {
      matcher: ({ request, url, sameOrigin }) =>
        sameOrigin && request.mode === 'navigate' && isBench(url.pathname),
      handler: new NetworkFirst({
        cacheName: BENCHES,
        networkTimeoutSeconds: PATIENCE_S,
        // The step shown stands in the address; the page is the same.
        matchOptions: { ignoreSearch: true, ignoreVary: true },
        plugins: [
          new ExpirationPlugin({ maxEntries: 40, matchOptions: { ignoreSearch: true } }),
          {
            cacheKeyWillBeUsed: ({ request }) => Promise.resolve(request.url.split('?')[0]!),
            // Led to the door, or to a page that says no: that is not the bench.
            cacheWillUpdate: ({ response }) =>
              Promise.resolve(response.status === 200 && !response.redirected ? response : null),
          },
        ],
      }),
    },
  ],
});

worker.addEventListeners();

self.addEventListener('message', (event) => {
  const { keep } = (event.data ?? {}) as { keep?: unknown };
  if (!Array.isArray(keep)) return;
  const urls = keep.filter((url): url is string => typeof url === 'string');
  event.waitUntil(
    Promise.all(
      urls.map(async (each) => {
        const url = new URL(each, self.location.origin);
        if (url.origin !== self.location.origin) return;
        const bench = isBench(url.pathname);
        if (!bench && !url.pathname.startsWith('/_next/static/')) return;
        const cache = await caches.open(bench ? BENCHES : PARTS);
        if (!bench && (await cache.match(url.href))) return;
        await cache.add(url.href);
      }),
    ),
  );
});
