const KEY = 'tinta.touched'
/** Written down at most this often; a reload may find it this much too old. */
const EVERY_MS = 3_000

// Not there outside a browser.
const storage = () => (typeof localStorage === 'undefined' ? null : localStorage)

let last: number | null = null
let writtenAt = 0

/** A hand is on this device: a press, a key, something poured. */
export function touch(): void {
  const now = Date.now()
  last = now
  if (now - writtenAt < EVERY_MS) return
  writtenAt = now
  storage()?.setItem(KEY, String(now))
}

/** Whole seconds since a hand was on this device, in any of its tabs; null where nobody knows. */
export function touchedAgo(): number | null {
  const kept = Number(storage()?.getItem(KEY) ?? Number.NaN)
  const latest = Math.max(last ?? Number.NEGATIVE_INFINITY, Number.isFinite(kept) ? kept : Number.NEGATIVE_INFINITY)
  return Number.isFinite(latest) ? Math.max(0, Math.round((Date.now() - latest) / 1000)) : null
}

/** Listens for hands; the returned function stops it. */
export function watchTouches(): () => void {
  const kinds = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const
  for (const kind of kinds) addEventListener(kind, touch, { passive: true })
  return () => { for (const kind of kinds) removeEventListener(kind, touch) }
}
