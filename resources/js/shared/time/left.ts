/** Minutes and seconds to a moment: 12:05, or +1:30 beyond it. Display only; the moments are the server's. */
export function left(moment: string | null, now: number): string {
  if (moment === null) return '–'
  const seconds = Math.round((new Date(moment).getTime() - now) / 1000)
  const size = Math.abs(seconds)
  return `${seconds < 0 ? '+' : ''}${Math.floor(size / 60)}:${String(size % 60).padStart(2, '0')}`
}

/** Whole minutes that something is late by now: as the server said, and what has passed since. */
export function lateBy(act: { at: string; late: number }, told: string, now: number): number {
  const since = Math.max(new Date(act.at).getTime(), new Date(told).getTime())
  return now < new Date(act.at).getTime() ? 0 : act.late + Math.max(0, Math.floor((now - since) / 60_000))
}
