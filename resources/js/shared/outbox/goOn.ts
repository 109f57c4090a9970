import * as z from 'zod/mini'
import type { Entry } from './entry'

const based = z.looseObject({ version: z.optional(z.number()), id: z.optional(z.string()) })

/**
 * What waits behind a write and was made over the same version of the same thing goes on from what the server has made
 * of it: whoever saves twice before the first has arrived is in no conflict with anybody.
 */
export function goOn(waiting: Entry[], sent: Entry, answer: unknown): Entry[] {
  const { made } = sent
  const from = based.safeParse(sent.body)
  const version = made?.version.reduce<unknown>(
    (inside, key) => (typeof inside === 'object' && inside !== null
      ? (inside as Record<string, unknown>)[key]
      : undefined),
    answer,
  )
  if (made === undefined || !from.success || typeof version !== 'number') return waiting
  return waiting.map((each) => {
    const body = based.safeParse(each.body)
    if (each.refused !== null || each.method !== sent.method || each.path !== sent.path || !body.success) return each
    if (made.change === undefined)
      return body.data.version === from.data.version ? { ...each, body: { ...body.data, version } } : each
    const { id, ...rest } = body.data
    return id === from.data.id
      ? { ...each, method: 'PUT', path: made.change, body: { ...rest, version }, made: { version: made.version } }
      : each
  })
}
