/**
 * Lets the worker stand in for the network. Browsers allow it on this machine's own address and over TLS only; elsewhere the
 * page works as without it. The pieces that were fetched before it stood are fetched once more through it, so that it has them.
 */
export function registerWorker(): void {
  if (!('serviceWorker' in navigator)) return
  addEventListener('load', () => {
    void navigator.serviceWorker.register('/sw.js', { scope: '/', updateViaCache: 'none' }).then(async () => {
      await navigator.serviceWorker.ready
      const fetched = performance.getEntriesByType('resource').map((entry) => entry.name).filter((name) => new URL(name).pathname.startsWith('/build/'))
      await Promise.all([...fetched, '/'].map((name) => fetch(name, name === '/' ? { headers: { Accept: 'text/html' } } : {}).catch(() => undefined)))
    }).catch(() => undefined)
  })
}
