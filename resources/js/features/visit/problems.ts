import type { Problem } from '../../shared/api/http'
import { Refused } from '../../shared/api/http'

/** The problem at exactly this place of the bowl, or below it when nothing closer shows it. */
export function problemAt(error: Error | null, pointer: string): Problem | undefined {
  if (!(error instanceof Refused)) return undefined
  return error.problems.find((problem) => problem.pointer === pointer)
}

/** Whether the error says nothing about a field, so that it must be shown by itself. */
export function isGeneral(error: Error | null): error is Error {
  return error !== null && (!(error instanceof Refused) || error.problems.length === 0)
}
