import * as z from 'zod/mini'
import type { Keep } from '../../shared/keep/keep'

const KEY = 'stock.count'
const shape = z.record(z.string(), z.string())

/** Amounts by product, as they are typed; null where nobody counts. */
export type Counts = Record<string, string>

/** A count takes a quarter of an hour, on a step, with the other hand full: it is still there after a reload. */
export function readCounts(keep: Keep): Counts | null {
  const read = shape.safeParse(keep.read(KEY))
  return read.success ? read.data : null
}

export function keepCounts(keep: Keep, counts: Counts | null): Counts | null {
  if (counts === null) keep.drop(KEY)
  else keep.write(KEY, counts)
  return counts
}

/** What was counted, or counted otherwise, while the rest was being saved; null where nothing was. */
export function countedSince(now: Counts | null, sent: Counts): Counts | null {
  const left = Object.entries(now ?? {}).filter(([product, amount]) => amount.trim() !== '' && sent[product] !== amount)
  return left.length === 0 ? null : Object.fromEntries(left)
}
