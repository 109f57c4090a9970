const PREFIX = 'tinta.keep.'
/** What was promised to be kept until the server has it stays, for its own author. */
const STAYS = `${PREFIX}outbox`

/** How many drafts stand on this device: a bowl half typed, a canvas, a review. */
export function draftsHere(): number {
  return Object.keys(localStorage).filter((key) =>
    key.startsWith(PREFIX) && key !== STAYS && !key.startsWith(`${PREFIX}scale.`),
  ).length
}

/** Signing out on a shared tablet: drafts go, and every other tab goes with them. */
export function clearDevice(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX) && key !== STAYS) localStorage.removeItem(key)
  new BroadcastChannel('tinta').postMessage('signed-out')
}

/** Tells when somebody signed out in another tab; the returned function stops it. */
export function onSignedOutElsewhere(then: () => void): () => void {
  const channel = new BroadcastChannel('tinta')
  channel.onmessage = then
  return () => { channel.close() }
}
