import { t } from '@lingui/core/macro'
import { language } from '../words/i18n'

/** How days and hours are written in each language. */
const LOCALE = { en: 'en-GB', pt: 'pt' }[language]

let zone = 'UTC'
let clock = clockIn(zone)
let day = dayIn(zone)

/** Sets the salon's time zone (an IANA name), in which every moment is shown, wherever the tablet thinks it is. */
export function showTimesIn(timezone: string): void {
  zone = timezone
  clock = clockIn(zone)
  day = dayIn(zone)
}

function clockIn(timeZone: string) {
  return new Intl.DateTimeFormat(LOCALE, { hour: '2-digit', minute: '2-digit', timeZone })
}

function dayIn(timeZone: string) {
  return new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric', timeZone })
}

/** The salon's clock time of an ISO moment: 09:30. */
export const showClock = (iso: string) => clock.format(new Date(iso))

/** The salon's date of an ISO moment: 23 Nov 2026. */
export const showDay = (iso: string) => day.format(new Date(iso))

/** An ISO moment by the salon's clock, as a field for date and time takes it: 2026-11-23T09:30. */
export const fieldTime = (iso: string) => new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeStyle: 'short', timeZone: zone }).format(new Date(iso)).replace(' ', 'T')

/** A plain date, which belongs to no zone: 23 Nov 2026. */
export const showDate = (date: string) => dayIn('UTC').format(new Date(`${date}T00:00:00Z`))

/** How long ago, in the words a salon uses: today, 5 weeks ago. Days are the salon's calendar days. */
export function showAgo(iso: string, now: Date): string {
  const days = Math.round((midnight(now) - midnight(new Date(iso))) / 86_400_000)
  if (days < 1) return t`today`
  if (days < 14) return days === 1 ? t`yesterday` : t`${days} days ago`
  if (days < 70) return t`${Math.round(days / 7)} weeks ago`
  return t`${Math.round(days / 30)} months ago`
}

/** The salon's calendar day of a moment, counted as if days had no hours. */
function midnight(moment: Date): number {
  const part = Object.fromEntries(new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'numeric', year: 'numeric', timeZone: zone }).formatToParts(moment).map(({ type, value }) => [type, Number(value)]))
  return Date.UTC(part['year'] ?? 0, (part['month'] ?? 1) - 1, part['day'] ?? 1)
}
