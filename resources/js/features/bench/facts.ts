import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../../shared/api/http'

const shape = z.object({
  letter: z.string(),
  job: z.string(),
  line: z.string(),
  lineId: z.string(),
  ratio: z.string(),
  client: z.string(),
  visit: z.string(),
  mark: z.string(),
  /** Of this visit, what is not mixed yet. */
  next: z.nullable(z.object({ id: z.string(), letter: z.string() })),
  /** Bowls of the house that have a name. */
  vessels: z.array(z.object({ mark: z.string(), weight: z.string() })),
  batches: z.array(z.object({ id: z.string(), number: z.number(), status: z.string() })),
  gate: z.object({
    open: z.boolean(),
    ahead: z.boolean(),
    reasons: z.array(z.object({ key: z.string(), reason: z.string(), mend: z.string() })),
  }),
  /** Its turn is far off: said while it can still wait. */
  early: z._default(z.nullable(z.object({ reason: z.string(), mend: z.string() })), null),
  /** Another batch that starts behind the first: the strength it would take, empty for the bowl’s own. */
  later: z._default(z.nullable(z.object({ strength: z.string(), why: z.array(z.string()) })), null),
  total: z.string(),
  lines: z.array(z.object({ key: z.string(), label: z.string(), grams: z.string() })),
  colours: z.record(z.string(), z.string()),
})
export type BowlFacts = z.infer<typeof shape>

/** What the bench shows around the batch: whose bowl, which line, and how each product is coloured. */
export const bowlFacts = (bowl: string) =>
  queryOptions({
    queryKey: ['bowl-facts', bowl],
    queryFn: async ({ signal }) => shape.parse(await getJson(`bowls/${bowl}/bench`, signal)),
  })
