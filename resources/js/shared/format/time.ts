const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'UTC' })
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** The salon's clock time of an ISO moment: 09:30. */
export const showClock = (iso: string) => clock.format(new Date(iso))

/** The date of an ISO moment: 23 Nov 2026. */
export const showDay = (iso: string) => day.format(new Date(iso))

/** How long ago, in the words a salon uses: today, 5 weeks ago. */
export function showAgo(iso: string, now: Date): string {
  const days = Math.floor((now.getTime() - new Date(iso).getTime()) / 86_400_000)
  if (days < 1) return 'today'
  if (days < 14) return days === 1 ? 'yesterday' : `${days} days ago`
  if (days < 70) return `${Math.round(days / 7)} weeks ago`
  return `${Math.round(days / 30)} months ago`
}
