import { STAND } from './stand'

/**
 * Lets the worker stand in for the network. Browsers allow it on this machine's own address and over TLS only;
 * elsewhere the page works as without it.
 */
export function registerWorker(): void {
  if (!('serviceWorker' in navigator)) return
  const register = () => {
    void navigator.serviceWorker
      .register('/sw.js', { scope: '/', updateViaCache: 'none' })
      .then(standing)
      .catch(() => undefined)
  }
  // The page's pieces run once something is painted, which may be after everything has come.
  if (document.readyState === 'complete') register()
  else addEventListener('load', register, { once: true })
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
