declare global {
  var tintaFirst: Map<string, Promise<Response | null>> | undefined
}

/** What nobody has come for by then is older than what they would be told. */
const HOLDS_MS = 5_000

/**
 * What `app/first.ts` asked while the page was on its way, once; null where it did not ask, or was not answered.
 * Whatever is asked later is asked anew.
 */
export async function firstAnswer(path: string): Promise<Response | null> {
  const asked = globalThis.tintaFirst?.get(path)
  globalThis.tintaFirst?.delete(path)
  return performance.now() > HOLDS_MS ? null : (await asked?.catch(() => null)) ?? null
}

/** Something is written: what was asked before it may not be so any more. */
export function forgetFirst(): void {
  globalThis.tintaFirst = undefined
}
