/** Another calendar day, so many days on: 2026-11-23. */
export function dayAfter(day: string, days: number): string {
  const moment = new Date(`${day}T00:00:00Z`)
  moment.setUTCDate(moment.getUTCDate() + days)
  return moment.toISOString().slice(0, 10)
}

/** Seven days from this one on. */
export const weekOf = (monday: string) => Array.from({ length: 7 }, (_, at) => dayAfter(monday, at))
