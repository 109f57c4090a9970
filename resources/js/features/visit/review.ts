import { fieldTime } from '../../shared/format/time'
import { deviceKeep } from '../../shared/keep/keep'
import type { Result } from './shapes'

/** The day so many weeks from now, by the salon’s own clock, as a date field has it. */
export const inWeeks = (now: string, weeks: number) => fieldTime(
  new Date(new Date(now).getTime() + weeks * 7 * 86_400_000).toISOString(),
).slice(
  0,
  10,
)

export type Review = {
  verdict: string
  outcome: string
  keep: string
  change: string
  nextOn: string
  lasting: boolean | null
  covering: boolean | null
  bright: boolean | null
  results: Record<string, Result>
}

const EMPTY: Review = {
  verdict: '',
  outcome: '',
  keep: '',
  change: '',
  nextOn: '',
  lasting: null,
  covering: null,
  bright: null,
  results: {},
}

export function readReview(id: string): Review {
  const kept = deviceKeep.read(`close.${id}`)
  return typeof kept === 'object' && kept !== null ? { ...EMPTY, ...kept } : EMPTY
}
