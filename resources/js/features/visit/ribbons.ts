/** How many ribbons are drawn of a zone's hair. */
const RIBBONS = 24

/**
 * Which kind of strand each drawn ribbon shows: as many of each as its share of the hair, dealt out as evenly as they
 * go, so that foils lie between what is left between them. A drawing, not a count of foils.
 */
export function ribbons(shares: readonly number[], many = RIBBONS): number[] {
  const whole = shares.reduce((sum, share) => sum + share, 0)
  if (whole <= 0) return []
  const owed = shares.map(() => 0)
  const laid: number[] = []
  for (let at = 0; at < many; at++) {
    shares.forEach((share, kind) => { owed[kind] = (owed[kind] ?? 0) + share / whole })
    const next = owed.reduce((best, each, kind) => (each > (owed[best] ?? 0) + 1e-9 ? kind : best), 0)
    owed[next] = (owed[next] ?? 0) - 1
    laid.push(next)
  }
  return laid
}
