import { clientsClaim } from 'workbox-core'
import { ExpirationPlugin } from 'workbox-expiration'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'

/**
 * The page itself, for a device that has lost the network: the shell as it was last served, and the built pieces, whose names
 * change with their contents. What the server says is never kept here (`shared/keep/offlineCache` keeps what the bench needs,
 * under its person).
 */
declare const self: { skipWaiting(): Promise<void> }

void self.skipWaiting()
clientsClaim()

// Every address is the one page: one shell stands for all of them.
const shell = new NetworkFirst({
  cacheName: 'tinta-shell',
  networkTimeoutSeconds: 4,
  plugins: [{ cacheKeyWillBeUsed: () => Promise.resolve('/') }],
})
registerRoute(new NavigationRoute(shell, { denylist: [/^\/api\//, /^\/scale\//] }))
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && (url.pathname.startsWith('/build/') || url.pathname === '/mark.svg'),
  new CacheFirst({ cacheName: 'tinta-build', plugins: [new ExpirationPlugin({ maxEntries: 200, purgeOnQuotaError: true })] }),
)
