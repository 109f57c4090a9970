import { STAND } from './stand'

/**
 * Lets the worker stand in for the network. Browsers allow it on this machine's own address and over TLS only;
 * elsewhere the page works as without it.
 */
export function registerWorker(): void {
  if (!('serviceWorker' in navigator)) return
  addEventListener('load', () => {
    void navigator.serviceWorker
      .register('/sw.js', { scope: '/', updateViaCache: 'none' })
      .then(standing)
      .catch(() => undefined)
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
