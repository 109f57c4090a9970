import type { Times } from '../../shared/visits/times'

/** A stretch of the clock as it is drawn: where a moment lies, in percent, and where its ten minutes are. */
export type Axis = {
  length: number
  from: number
  to: number
  at: (moment: string) => number
  ticks: { at: number; moment: string }[]
}

const STEPS = [5, 10, 15, 30, 60].map((minutes) => minutes * 60_000)

/**
 * From the first mixing to the last rinse, with now and what was meant in it, and room at both ends; so long at least.
 */
export function axisOf(times: Times, now: number | null, length = 0): Axis | null {
  const moments = times.bowls.flatMap((bowl) => [
    bowl.rinsed || bowl.begun || (bowl.mix ?? '') > bowl.begin ? null : bowl.mix,
    bowl.begin,
    bowl.complete,
    bowl.rinse,
    bowl.counts && !bowl.rinsed ? bowl.most : null,
    bowl.meant?.begin ?? null,
    bowl.meant?.rinse ?? null,
  ])
    .concat(times.ends).flatMap((moment) => (moment === null ? [] : [new Date(moment).getTime()]))
  if (moments.length === 0) return null
  if (now !== null) moments.push(now)
  const first = Math.min(...moments)
  const last = Math.max(first + length, ...moments)
  const room = Math.max(60_000, (last - first) * 0.02)
  const [from, to] = [first - room, last + room]
  const percent = (time: number) => Math.max(0, Math.min(100, ((time - from) / (to - from)) * 100))
  const step = STEPS.find((each) => (to - from) / each <= 9) ?? 7_200_000
  const ticks = []
  for (let time = Math.ceil(
    from / step,
  ) * step; time <= to; time += step) ticks.push({ at: percent(time), moment: new Date(time).toISOString() })
  return { length: last - first, from, to, at: (moment) => percent(new Date(moment).getTime()), ticks }
}

/** Whole minutes that a drag over so many pixels of the drawing means. */
export const draggedMinutes = (axis: Axis, pixels: number, width: number) => (width === 0
  ? 0
  : Math.round(((pixels / width) * (axis.to - axis.from)) / 60_000))

/** What a bowl that is moved by so many minutes is told: later after the bowl it follows, or later in its round. */
export function moved(
  sheet: { after?: string | undefined; afterFrom?: string | undefined; plus?: unknown; starts?: unknown },
  minutes: number,
  intoRound: number,
): Record<string, unknown> {
  if (sheet.after !== undefined
    && sheet.after !== ''
    && sheet.plus !== undefined
    && sheet.plus !== null
    && sheet.plus !== '') {
    const [least = 0, most] = String(sheet.plus).split(/to|–|-/).map(Number)
    return {
      plus: most === undefined
        ? Math.max(0, least + minutes)
        : `${Math.max(0, least + minutes)} to ${Math.max(1, most + minutes)}`,
    }
  }
  return { starts: Math.max(0, intoRound + minutes) }
}
