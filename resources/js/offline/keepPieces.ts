import { BUILT } from './built'

/** Of earlier releases so many are left for a page that was opened before this one came. */
const MOST = 200

type Manifest = Record<string, { file: string; css?: string[]; assets?: string[] }>

/**
 * Keeps every piece of this release on the device, fetched and not run: any page can then be opened without the
 * network, and the one that is open has nothing to work for it. False where a browser keeps nothing.
 */
export async function keepPieces(): Promise<boolean> {
  if (!('serviceWorker' in navigator) || !('caches' in globalThis)) return false
  const answer = await fetch('/build/manifest.json', { cache: 'no-cache' })
  if (!answer.ok) return false
  const pieces = Object.values(
    (await answer.json()) as Manifest,
  ).flatMap(({ file, css = [], assets = [] }) => [file, ...css, ...assets])
  const wanted = new Set(pieces.map((each) => new URL(`/build/${each}`, location.origin).href))
  const kept = await caches.open(BUILT)
  const held = new Set((await kept.keys()).map((each) => each.url))
  for (const each of wanted) if (!held.has(each)) await kept.add(each)
  if (held.size > MOST) for (const each of held) if (!wanted.has(each)) await kept.delete(each)
  return true
}
