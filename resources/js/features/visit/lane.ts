import type { Clock } from './shapes'

/**
 * Where the moments lie on a bar from first touch to the latest time it may be on, in percent; null before the first
 * touch.
 */
export function laneOf(clock: Clock, now: number): { from: number; due: number; over: number; now: number } | null {
  const began = clock.stamps.find((stamp) => stamp.kind === 'began')
  if (began === undefined || clock.from === null || clock.due === null || clock.over === null) return null
  const start = new Date(began.at).getTime()
  const rinsed = clock.stamps.find((stamp) => stamp.kind === 'rinsed')
  const at = rinsed === undefined ? now : new Date(rinsed.at).getTime()
  const end = Math.max(new Date(clock.over).getTime(), at)
  const percent = (moment: number) => Math.max(0, Math.min(100, ((moment - start) / (end - start)) * 100))
  return {
    from: percent(new Date(clock.from).getTime()),
    due: percent(new Date(clock.due).getTime()),
    over: percent(new Date(clock.over).getTime()),
    now: percent(at),
  }
}
