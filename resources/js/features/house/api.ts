import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../shared/api/http'
import { keptPut } from '../../shared/outbox/kept'
import { houseShape, type House } from '../../shared/house/house'

export const changeHouse = async (version: number, rules: Record<string, string>, timezone: string): Promise<House> =>
  houseShape.parse(await keptPut('house', { version, rules, timezone }, { stream: 'house', about: 'House rules', at: '/house', reload: 'house' }))

const judgementShape = z.object({
  by: z.array(z.object({ by: z.enum(['table', 'house', 'client']), count: z.number(), levels: z.number(), seen: z.number().nullable() })),
})
export type Judgement = z.infer<typeof judgementShape>

/** How far off the outlook has been, over closed visits. */
export const judgement = queryOptions({
  queryKey: ['judgement'],
  queryFn: async ({ signal }) => judgementShape.parse(await getJson('house/judgement', signal)),
  staleTime: 60_000,
})
