/**
 * Keeps the application itself on the device, so that a page can be loaded again without network: every built file from the cache, a page
 * from the server while it answers. What the server is asked for data goes past it: drafts and a running class keep their own.
 */

/** The built files, put in when the application is built. */
declare const FILES: readonly string[];
/** Changes with them. */
declare const VERSION: string;

interface Waits extends Event {
  readonly waitUntil: (done: Promise<unknown>) => void;
}
interface Asks extends Waits {
  readonly request: Request;
  readonly respondWith: (answer: Promise<Response>) => void;
}
/** What a service worker is given; the types of pages do not hold it. */
interface Scope {
  readonly clients: { readonly claim: () => Promise<void> };
  addEventListener(kind: 'install' | 'activate', hear: (e: Waits) => void): void;
  addEventListener(kind: 'fetch', hear: (e: Asks) => void): void;
}
const scope = self as unknown as Scope;

const CACHE = `hodsman ${VERSION}`;
const PAGE = '/';

scope.addEventListener('install', (e) => {
  e.waitUntil(caches.open(CACHE).then((cache) => cache.addAll([PAGE, ...FILES])));
});

scope.addEventListener('activate', (e) => {
  const tidy = async (): Promise<void> => {
    for (const name of await caches.keys())
      if (name.startsWith('hodsman ') && name !== CACHE) await caches.delete(name);
    await scope.clients.claim();
  };
  e.waitUntil(tidy());
});

scope.addEventListener('fetch', (e) => {
  const { request } = e;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== location.origin || pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') e.respondWith(fetch(request).catch(() => kept(PAGE, request)));
  else if (FILES.includes(pathname)) e.respondWith(kept(pathname, request));
});

const kept = async (path: string, request: Request): Promise<Response> =>
  (await caches.match(path, { cacheName: CACHE })) ?? fetch(request);
