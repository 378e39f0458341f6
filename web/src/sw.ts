/// <reference lib="webworker" />
// The bench opens without its server: the page and what it is made of are kept by the browser, its data by the bench itself.
import { clientsClaim } from 'workbox-core'
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { NetworkOnly, StaleWhileRevalidate } from 'workbox-strategies'

declare const self: ServiceWorkerGlobalScope
/** Everything that the page is made of, put in by the build. */
declare const MADE_OF: PrecacheEntry[]

void self.skipWaiting()
clientsClaim()
cleanupOutdatedCaches()
precacheAndRoute(MADE_OF, { directoryIndex: 'none.html' })

// While the server answers, a page is always its newest; only where it does not is the kept one opened.
const newest = new NetworkOnly()
registerRoute(
  new NavigationRoute(
    async (asked) => {
      try {
        return await newest.handle(asked)
      } catch (away) {
        const kept = await matchPrecache('/index.html')
        if (kept) return kept
        throw away
      }
    },
    { denylist: [/^\/api\//] },
  ),
)
registerRoute(({ url }) => url.pathname.endsWith('/bench/picture.svg'), new StaleWhileRevalidate({ cacheName: 'bench-pictures' }))
