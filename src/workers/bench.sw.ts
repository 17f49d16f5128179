/// <reference lib="webworker" />
import { CacheFirst, ExpirationPlugin, NetworkFirst, Serwist, type RuntimeCaching } from 'serwist';

declare const self: ServiceWorkerGlobalScope;

/** Parts of the product that pages are made of: they never change under one name. */
const PARTS = 'mortar-parts';
const PART_PATH = '/_next/static/';

/** Pages that go on without a line, and where each kind is kept. */
const PAGES = [
  { cache: 'mortar-benches', path: /^\/runs\/[^/]+$/ },
  { cache: 'mortar-practice', path: /^\/practice(\/(?!set$)[^/]+)?$/ },
] as const;

/** Without an answer for so long, a page opens from what was kept, s. */
const PATIENCE_S = 4;

const MOST_PAGES = 40;

const pagesOf = (path: string) => PAGES.find((kind) => kind.path.test(path));

/** A page that was led to the door, or that says no, is not the page asked for. */
const isItself = (response: Response): boolean => response.status === 200 && !response.redirected;

/**
 * A kept part without the address it was first fetched by. All workers of the product are one part, told from one
 * another by what stands after the # of their address; a kept response would bring the first one's with it.
 */
const addressless = (kept: Response | undefined): Response | undefined =>
  kept &&
  new Response(kept.body, {
    status: kept.status,
    statusText: kept.statusText,
    headers: kept.headers,
  });

/**
 * Keeps those pages, and nothing else, as they were last fetched, with the headers they came with. What stands
 * after the question mark is of the moment: the page is the same.
 */
const pages = PAGES.map(({ cache, path }): RuntimeCaching => ({
  matcher: ({ request, url, sameOrigin }) =>
    sameOrigin && request.mode === 'navigate' && path.test(url.pathname),
  handler: new NetworkFirst({
    cacheName: cache,
    networkTimeoutSeconds: PATIENCE_S,
    matchOptions: { ignoreSearch: true, ignoreVary: true },
    plugins: [
      new ExpirationPlugin({ maxEntries: MOST_PAGES, matchOptions: { ignoreSearch: true } }),
      {
        cacheKeyWillBeUsed: ({ request }) => Promise.resolve(request.url.split('?')[0]!),
        cacheWillUpdate: ({ response }) => Promise.resolve(isItself(response) ? response : null),
      },
    ],
  }),
}));

const worker = new Serwist({
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith(PART_PATH),
      handler: new CacheFirst({
        cacheName: PARTS,
        plugins: [
          new ExpirationPlugin({ maxEntries: 400, maxAgeSeconds: 60 * 24 * 3600 }),
          {
            cachedResponseWillBeUsed: ({ cachedResponse }) =>
              Promise.resolve(addressless(cachedResponse)),
          },
        ],
      }),
    },
    ...pages,
  ],
});

worker.addEventListeners();

self.addEventListener('message', (event) => {
  const { keep } = (event.data ?? {}) as { keep?: unknown };
  if (!Array.isArray(keep)) return;
  const urls = keep.filter((url): url is string => typeof url === 'string');
  event.waitUntil(Promise.all(urls.map((url) => keepOne(new URL(url, self.location.origin)))));
});

async function keepOne({ origin, pathname, href }: URL): Promise<void> {
  if (origin !== self.location.origin) return;
  if (pathname.startsWith(PART_PATH)) return keepPart(href);
  const kind = pagesOf(pathname);
  if (!kind) return;
  const response = await fetch(href);
  if (!isItself(response)) return;
  const text = await response.clone().text();
  await (await caches.open(kind.cache)).put(href, response);
  const parts = text.match(/\/_next\/static\/[^"'\\ ]+/g) ?? [];
  await Promise.all([...new Set(parts)].map((part) => keepPart(new URL(part, origin).href)));
}

async function keepPart(href: string): Promise<void> {
  const cache = await caches.open(PARTS);
  if (!(await cache.match(href))) await cache.add(href);
}
