import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../api/http'
import { photo } from '../photos/photos'
import { safety } from '../safety/safety'
import { visitLine } from '../visits/visitLine'

const trend = z.object({ what: z.string(), unit: z.string(), drift: z.string(), points: z.array(z.object({ at: z.string(), value: z.string(), height: z.number() })) })
export type Trend = z.infer<typeof trend>

/** The client file as the server tells it. */
export const clientShape = z.object({
  id: z.number(),
  version: z.number(),
  name: z.string(),
  phone: z.string(),
  about: z.string(),
  cautions: z.string(),
  bornOn: z.string().nullable(),
  training: z.boolean(),
  safety,
  changes: z.array(z.object({ at: z.string(), by: z.string(), reason: z.string(), what: z.array(z.object({ field: z.string(), was: z.string(), is: z.string() })) })),
  trends: z.array(z.object({ job: z.string(), trends: z.array(trend) })),
  waiting: z.array(z.object({ id: z.string(), words: z.string(), letter: z.string(), kind: z.string(), canApply: z.boolean(), from: z.object({ id: z.string(), on: z.string() }) })),
  photos: z.array(photo),
  visits: z.array(visitLine),
})
export type Client = z.infer<typeof clientShape>

export const clientFile = (id: number | string) =>
  queryOptions({
    queryKey: ['client', String(id)],
    queryFn: async ({ signal }) => clientShape.parse(await getJson(`clients/${id}`, signal)),
  })
