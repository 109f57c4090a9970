import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, putJson } from '../../shared/api/http'
import { keptPost } from '../../shared/outbox/kept'

const row = z.object({
  id: z.string(),
  line: z.string(),
  code: z.string(),
  name: z.string(),
  swatch: z.string(),
  pack: z.nullable(z.string()),
  mark: z.nullable(z.string()),
  /** Null where nobody has counted: not known, and not zero. */
  there: z.nullable(z.string()),
  packs: z.nullable(z.string()),
  missing: z.nullable(z.string()),
  planned: z.nullable(z.string()),
  state: z.enum(['unknown', 'short', 'out', 'low', 'enough']),
  order: z.nullable(z.object({ packs: z.nullable(z.number()), grams: z.string() })),
})
export type StockRow = z.infer<typeof row>
export const stockShape = z.object({
  days: z.number(),
  rows: z.array(row),
  low: z.number(),
  short: z.number(),
  uncounted: z.number(),
})
export type Stock = z.infer<typeof stockShape>
export const stock = queryOptions({
  queryKey: ['stock'],
  queryFn: async ({ signal }) => stockShape.parse(await getJson('stock', signal)),
})

export type Kind = 'delivered' | 'counted' | 'corrected' | 'opened' | 'thrown'
export interface Move { product: string; kind: Kind; amount: string; out: boolean; note: string }
export const moveStock = async (moves: Move[], about: string): Promise<Stock> =>
  stockShape.parse(await keptPost('stock', { moves }, { stream: 'stock', about, at: '/shelf/stock', reload: 'stock' }))
export const setMark = async (product: string, mark: string): Promise<Stock> => stockShape.parse(
  await putJson(`stock/${product}/mark`, { mark }),
)

export const ledgerShape = z.array(
  z.object({
    id: z.number(),
    kind: z.string(),
    out: z.boolean(),
    grams: z.string(),
    note: z.string(),
    by: z.string(),
    at: z.string(),
  }),
)
export const ledger = (product: string) => queryOptions({
  queryKey: ['stock', product],
  queryFn: async ({ signal }) => ledgerShape.parse(await getJson(`stock/${product}`, signal)),
})
