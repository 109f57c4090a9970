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

/**
 * The error without what it says about places where nothing stands yet: an empty bowl is not wrong, it is empty.
 * A problem with something typed stays, and so does an error that is about no place at all.
 */
export function aboutTyped(error: Error | null, sheet: unknown): Error | null {
  if (!(error instanceof Refused) || error.problems.length === 0) return error
  const typed = error.problems.filter((problem) => !isBlank(at(sheet, problem.pointer)))
  return typed.length === 0 ? null : new Refused(error.status, error.message, error.mend, typed, error.newer)
}

/** What stands at a JSON pointer (RFC 6901, without its escapes: a sheet's members have none). */
function at(value: unknown, pointer: string): unknown {
  return pointer
    .split('/')
    .slice(1)
    .reduce<unknown>(
      (inside, key) => (typeof inside === 'object' && inside !== null
        ? (inside as Record<string, unknown>)[key]
        : undefined),
      value,
    )
}

const isBlank = (value: unknown) => value === undefined
  || value === null
  || value === ''
  || (Array.isArray(value) && value.length === 0)
