/// <reference lib="webworker" />
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from "workbox-precaching";
import { ExpirationPlugin } from "workbox-expiration";
import { NavigationRoute, registerRoute } from "workbox-routing";
import { NetworkFirst } from "workbox-strategies";

// Away from the net: the pages themselves, and what the server said last of the services, the run, the lists
// and the record. What is written waits on the page, not here. A slow answer is waited for: what is old is
// shown only where nobody answers at all.
declare let self: ServiceWorkerGlobalScope;

const MOST = 300;
// What is asked for anew all the time, with the minute in its address, is one and the same thing.
const OF_THE_MOMENT = ["now"];
// A stream and a search are of the moment only.
const NEVER = /\/(?:stream|fixes|chance|later|range)$/;

void self.skipWaiting();
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);
registerRoute(new NavigationRoute(createHandlerBoundToURL("/index.html"), { denylist: [/^\/api\//] }));

registerRoute(
  ({ url, request }) =>
    request.method === "GET" && url.pathname.startsWith("/api/") && !NEVER.test(url.pathname),
  new NetworkFirst({
    cacheName: "said-last",
    plugins: [
      {
        cacheKeyWillBeUsed: async ({ request }) => {
          const url = new URL(request.url);
          OF_THE_MOMENT.forEach((name) => url.searchParams.delete(name));
          return url.href;
        },
        // Marked, so that the page says that it is old.
        cachedResponseWillBeUsed: async ({ cachedResponse }) => {
          if (!cachedResponse) return cachedResponse;
          const headers = new Headers(cachedResponse.headers);
          headers.set("x-said-last", "1");
          return new Response(await cachedResponse.blob(), { status: cachedResponse.status, headers });
        },
      },
      new ExpirationPlugin({ maxEntries: MOST }),
    ],
  }),
);
