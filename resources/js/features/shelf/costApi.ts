import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../../shared/api/http'

const part = z.nullable(z.object({ grams: z.string(), cost: z.string() }))
const sum = z.object({
  poured: z.string(),
  wasted: z.string(),
  cost: z.string(),
  wastedCost: z.string(),
  unpriced: z.nullable(z.string()),
  thrown: part,
  over: part,
  addOns: z.nullable(z.string()),
  cents: z.number(),
  drawn: z.object({ used: z.number(), wasted: z.number() }),
})
export const costShape = z.object({
  by: z.string(),
  from: z.string(),
  to: z.string(),
  rows: z.array(z.extend(sum, { key: z.string(), name: z.string() })),
  total: sum,
})
export type Costs = z.infer<typeof costShape>

export interface CostsAsked { by: string; from: string | null; to: string | null }
export const costsQuery = ({
  by,
  from,
  to,
}: CostsAsked) => new URLSearchParams(
  Object.entries({ by, from, to }).filter((pair): pair is [string, string] => pair[1] !== null && pair[1] !== ''),
).toString()
export const costs = (asked: CostsAsked) => queryOptions({
  queryKey: ['costs', asked],
  queryFn: async ({ signal }) => costShape.parse(await getJson(`costs?${costsQuery(asked)}`, signal)),
})
