import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../shared/api/http'
import { visitLine } from '../../shared/visits/visitLine'

const todayShape = z.object({ now: z.string(), visits: z.array(visitLine) })

export const today = queryOptions({
  queryKey: ['today'],
  queryFn: async ({ signal }) => todayShape.parse(await getJson('today', signal)),
  refetchInterval: 15_000,
})
