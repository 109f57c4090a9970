import { clientsClaim } from 'workbox-core'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'
import { BUILT } from './built'
import { STAND } from './stand'

interface Route { condition: { urlPattern: string }; source: 'network' | { cacheName: string } }

/**
 * The page itself, for a device that has lost the network: the shell as it was last served, and the built pieces, whose
 * names change with their contents. What the server says is never kept here (`shared/keep/offlineCache` keeps what the
 * bench needs, under its person).
 */
declare const self: {
  skipWaiting(): Promise<void>
  clients: { claim(): Promise<void> }
  addEventListener(
    name: 'install' | 'message',
    on: (event: {
      data: unknown
      waitUntil(until: Promise<unknown>): void
      addRoutes?(routes: Route[]): Promise<void>
    }) => void,
  ): void
}

const SHELL = 'tinta-shell'

/** Without the sign-in page in it: whoever opens it without the network may be somebody who is signed in. */
const bare = async (): Promise<Response | null> => {
  const page = await fetch('/?bare', { headers: { Accept: 'text/html' } })
  return page.ok ? page : null
}

async function keepBare(): Promise<void> {
  const page = await bare()
  // Without it this worker is of no use, and is tried again.
  if (page === null) throw new Error('no page')
  await (await caches.open(SHELL)).put('/', page)
}

void self.skipWaiting()
clientsClaim()
// The page that brought this worker was opened before it stood: without this a device that opens once holds no shell at
// all.
self.addEventListener('install', (event) => {
  // What it has no word in does not wake it, where a browser knows how: the pieces come from where they are kept.
  void event.addRoutes?.([
    { condition: { urlPattern: '/build/assets/*' }, source: { cacheName: BUILT } },
    ...['/api/*', '/scale/*', '/news'].map((urlPattern): Route => ({ condition: { urlPattern }, source: 'network' })),
  ])
  event.waitUntil(keepBare())
})
// A page that was still opening while this worker became active is not among those it claimed then: it asks.
self.addEventListener('message', (event) => {
  if (event.data === STAND) event.waitUntil(self.clients.claim())
})

// Every address is the one page: one shell stands for all of them.
const shell = new NetworkFirst({
  cacheName: SHELL,
  networkTimeoutSeconds: 4,
  plugins: [{
    cacheKeyWillBeUsed: () => Promise.resolve('/'),
    // Of this release all the same: the pieces that an older one names may be gone when the network is.
    cacheWillUpdate: async ({ response }) => {
      if (!response.ok) return null
      return response.headers.get('X-Door') === null ? response : await bare()
    },
  }],
})
registerRoute(new NavigationRoute(shell, { denylist: [/^\/api\//, /^\/scale\//] }))
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && (url.pathname.startsWith('/build/assets/') || url.pathname === '/mark.svg'),
  new CacheFirst({ cacheName: BUILT }),
)
