/** Minutes and seconds to a moment: 12:05, or +1:30 beyond it. Display only; the moments are the server's. */
export function left(moment: string | null, now: number): string {
  if (moment === null) return '–'
  const seconds = Math.round((new Date(moment).getTime() - now) / 1000)
  const size = Math.abs(seconds)
  return `${seconds < 0 ? '+' : ''}${Math.floor(size / 60)}:${String(size % 60).padStart(2, '0')}`
}
