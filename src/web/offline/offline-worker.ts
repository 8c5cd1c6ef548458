import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { isKeptAnswer, KEPT_ANSWERS_IN, KEPT_CHANNEL, type KeptNote } from './kept-answers.ts';

/** Of a service worker's scope what is used here: the types of pages do not have it. */
interface WorkerScope {
  skipWaiting(): Promise<void>;
  readonly clients: { claim(): Promise<void> };
  addEventListener(
    type: 'install' | 'activate' | 'message',
    hear: (e: Event & { waitUntil(work: Promise<unknown>): void; readonly data?: unknown }) => void,
  ): void;
}
const scope = globalThis as unknown as WorkerScope;

/** The files of the application, put in when it is built. */
declare const KEPT_FILES: readonly { readonly url: string; readonly revision: string | null }[];

/** Longer than this nobody waits for a network that is going away, s. */
const PATIENCE_S = 4;
/** What is kept of answers, and how long, s. */
const MOST_ANSWERS = 120;
const KEPT_FOR_S = 3 * 24 * 3600;

const keptChannel = new BroadcastChannel(KEPT_CHANNEL);
const say = (note: KeptNote): void => keptChannel.postMessage(note);

precacheAndRoute([...KEPT_FILES]);
cleanupOutdatedCaches();

const noAnswer = (): Promise<never> =>
  new Promise((_, refuse) => setTimeout(() => refuse(new Error('No answer in time.')), PATIENCE_S * 1000));

// A page is asked of the server first; the shell that is kept opens where nobody answers.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        return await Promise.race([fetch(request), noAnswer()]);
      } catch (e) {
        const shell = await matchPrecache('/index.html');
        if (shell !== undefined) return shell;
        throw e;
      }
    },
    { denylist: [/^\/api\//] },
  ),
);

const answers = new NetworkFirst({
  cacheName: KEPT_ANSWERS_IN,
  networkTimeoutSeconds: PATIENCE_S,
  plugins: [
    new ExpirationPlugin({ maxEntries: MOST_ANSWERS, maxAgeSeconds: KEPT_FOR_S }),
    {
      // Only what was answered well is kept; whoever is no longer let in keeps nothing.
      cacheWillUpdate: async ({ response }) => {
        if (response.status === 401) await caches.delete(KEPT_ANSWERS_IN);
        return response.status === 200 ? response : null;
      },
      fetchDidSucceed: async ({ response }) => {
        say({ from: 'network', at: null });
        return response;
      },
      cachedResponseWillBeUsed: async ({ cachedResponse }) => {
        const date = cachedResponse?.headers.get('date') ?? null;
        if (cachedResponse) say({ from: 'kept', at: date === null ? null : new Date(date).toISOString() });
        return cachedResponse ?? null;
      },
    },
  ],
});
registerRoute(({ url, sameOrigin }) => sameOrigin && isKeptAnswer(url.pathname), answers);

// What the page had asked before there was a keeper is asked once more, and kept.
scope.addEventListener('message', (e) => {
  const asked = (e.data as { readonly keep?: unknown } | null)?.keep;
  if (!Array.isArray(asked)) return;
  const addresses = asked.filter((a): a is string => typeof a === 'string' && isKeptAnswer(new URL(a).pathname));
  e.waitUntil(
    Promise.allSettled(
      [...new Set(addresses)].map((url) => answers.handle({ event: e as never, request: new Request(url) })),
    ),
  );
});
scope.addEventListener('install', (e) => e.waitUntil(scope.skipWaiting()));
scope.addEventListener('activate', (e) => e.waitUntil(scope.clients.claim()));
