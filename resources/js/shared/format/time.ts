import { t } from '@lingui/core/macro'
import { language } from '../words/i18n'

/** How days and hours are written in each language. */
const LOCALE = { en: 'en-GB', pt: 'pt' }[language]

const KINDS = {
  clock: [LOCALE, { hour: '2-digit', minute: '2-digit' }],
  day: [LOCALE, { day: 'numeric', month: 'short', year: 'numeric' }],
  field: ['sv-SE', { dateStyle: 'short', timeStyle: 'short' }],
  parts: ['en-GB', { day: 'numeric', month: 'numeric', year: 'numeric' }],
} satisfies Record<string, [string, Intl.DateTimeFormatOptions]>

let zone = 'UTC'
/** Made when one is first needed: a tablet takes a tenth of a second for the first. */
const made = new Map<string, Intl.DateTimeFormat>()

function format(kind: keyof typeof KINDS, timeZone = zone): Intl.DateTimeFormat {
  const key = `${kind} ${timeZone}`
  const before = made.get(key)
  if (before !== undefined) return before
  const [locale, options] = KINDS[kind]
  const now = new Intl.DateTimeFormat(locale, { ...options, timeZone })
  made.set(key, now)
  return now
}

/** Sets the salon's time zone (an IANA name), in which every moment is shown, wherever the tablet thinks it is. */
export function showTimesIn(timezone: string): void {
  zone = timezone
}

/** The salon's clock time of an ISO moment: 09:30. */
export const showClock = (iso: string) => format('clock').format(new Date(iso))

/** The salon's date of an ISO moment: 23 Nov 2026. */
export const showDay = (iso: string) => format('day').format(new Date(iso))

/** An ISO moment by the salon's clock, as a field for date and time takes it: 2026-11-23T09:30. */
export const fieldTime = (iso: string) => format('field').format(new Date(iso)).replace(' ', 'T')

/** A plain date, which belongs to no zone: 23 Nov 2026. */
export const showDate = (date: string) => format('day', 'UTC').format(new Date(`${date}T00:00:00Z`))

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
  const part = Object.fromEntries(format('parts').formatToParts(moment).map(({ type, value }) => [type, Number(value)]))
  return Date.UTC(part['year'] ?? 0, (part['month'] ?? 1) - 1, part['day'] ?? 1)
}
