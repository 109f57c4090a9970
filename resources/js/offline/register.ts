import { STAND } from './stand'

/**
 * Lets the worker stand in for the network. Browsers allow it on this machine's own address and over TLS only; elsewhere the
 * page works as without it.
 */
export function registerWorker(): void {
  if (!('serviceWorker' in navigator)) return
  addEventListener('load', () => {
    void navigator.serviceWorker.register('/sw.js', { scope: '/', updateViaCache: 'none' }).then(async () => {
      await standing()
      keepWhatCameWithoutIt()
    }).catch(() => undefined)
  })
}

/** Until the worker hears this page's fetches: it can be active without having claimed it. */
async function standing(): Promise<void> {
  const worker = navigator.serviceWorker
  const { active } = await worker.ready
  if (worker.controller !== null) return
  await new Promise<void>((stands) => {
    worker.addEventListener('controllerchange', () => stands(), { once: true })
    active?.postMessage(STAND)
  })
}

/** The built pieces that came before it stood, or were under way then, are fetched once more through it, so that it has them. */
function keepWhatCameWithoutIt(): void {
  const asked = new Set<string>()
  new PerformanceObserver((seen) => {
    for (const { name } of seen.getEntries()) {
      if (asked.has(name) || !new URL(name).pathname.startsWith('/build/')) continue
      asked.add(name)
      void fetch(name).catch(() => undefined)
    }
  }).observe({ type: 'resource', buffered: true })
}
