import { replaceEqualDeep } from '@tanstack/react-query'
import type { Batch } from './api'

type Known = Pick<Batch, 'id' | 'number' | 'sequence' | 'status'>

/**
 * Whether an answer tells a batch as it stood before what is known of it, or of a batch before it. Where a batch was
 * left, the one before it is the bowl's again.
 */
const isOlder = (answer: Known, known: Known): boolean => answer.id === known.id
  ? answer.sequence < known.sequence
  : answer.number < known.number && known.status !== 'withdrawn'

/**
 * A question that was asked before something was recorded may be answered after it. What is told then is old: the next
 * pour would stand on a state that is over, and be refused.
 */
export function newerBatch(known: unknown, answer: unknown): unknown {
  const [before, after] = [known as Known | null | undefined, answer as Known | null]
  if (before !== null && before !== undefined && after !== null && isOlder(after, before)) return known
  return replaceEqualDeep(known, answer)
}
