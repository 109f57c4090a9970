/** What one answer may differ from the next by what it took on its way. In milliseconds. */
const ON_ITS_WAY = 1_500

/** Server's time less this page's own running time; null before an answer has said it. */
let ahead: number | null = null

/** An answer says what time it is there. The one that was least long on its way is nearest to the truth. */
export function hearTime(said: string | null, at = performance.now()): void {
  const server = said === null ? NaN : Date.parse(said)
  if (Number.isNaN(server)) return
  const now = server - at
  if (ahead === null || now > ahead || ahead - now > ON_ITS_WAY) ahead = now
}

/** The server's time now; of an answer that was kept, it is not the time the answer says. */
export const serverTime = (at = performance.now()) => (ahead === null ? null : ahead + at)

export const forgetTime = () => { ahead = null }
