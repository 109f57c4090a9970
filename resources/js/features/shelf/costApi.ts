import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../shared/api/http'

const part = z.object({ grams: z.string(), cost: z.string() }).nullable()
const sum = z.object({ poured: z.string(), wasted: z.string(), cost: z.string(), wastedCost: z.string(), unpriced: z.string().nullable(), thrown: part, over: part, addOns: z.string().nullable(), cents: z.number(), drawn: z.object({ used: z.number(), wasted: z.number() }) })
export const costShape = z.object({ by: z.string(), from: z.string(), to: z.string(), rows: z.array(sum.extend({ key: z.string(), name: z.string() })), total: sum })
export type Costs = z.infer<typeof costShape>

export interface CostsAsked { by: string; from: string | null; to: string | null }
export const costsQuery = ({ by, from, to }: CostsAsked) => new URLSearchParams(Object.entries({ by, from, to }).filter((pair): pair is [string, string] => pair[1] !== null && pair[1] !== '')).toString()
export const costs = (asked: CostsAsked) => queryOptions({ queryKey: ['costs', asked], queryFn: async ({ signal }) => costShape.parse(await getJson(`costs?${costsQuery(asked)}`, signal)) })
