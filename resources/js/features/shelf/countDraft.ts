import * as z from 'zod/mini'
import type { Keep } from '../../shared/keep/keep'

const KEY = 'stock.count'
const shape = z.object({ begun: z.string(), counts: z.record(z.string(), z.string()) })

/** A count goes on for a quarter of an hour; what is older by so much is asked about. */
const LONG = 3_600_000

/** When it was begun, as an instant in ISO 8601; and amounts by product, as they are typed. */
export interface Count { begun: string; counts: Record<string, string> }

/** A count is done on a step, with the other hand full: it is still there after a reload. Null where nobody counts. */
export function readCount(keep: Keep): Count | null {
  const read = shape.safeParse(keep.read(KEY))
  return read.success ? read.data : null
}

export function keepCount(keep: Keep, count: Count | null): Count | null {
  if (count === null) keep.drop(KEY)
  else keep.write(KEY, count)
  return count
}

/** Whether it was left lying: bowls poured since are not in what was counted then. */
export const isOld = (count: Count, now: number) => now - Date.parse(count.begun) > LONG

/** What was counted, or counted otherwise, while the rest was being saved; null where nothing was. */
export function countedSince(now: Count | null, sent: Record<string, string>): Count | null {
  const left = Object.entries(now?.counts ?? {}).filter(([product, amount]) =>
    amount.trim() !== '' && sent[product] !== amount)
  return now === null || left.length === 0 ? null : { ...now, counts: Object.fromEntries(left) }
}
