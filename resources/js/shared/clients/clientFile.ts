import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../api/http'
import { consentShape } from './consents'
import { photo } from '../photos/photos'
import { safety } from '../safety/safety'
import { visitLine } from '../visits/visitLine'

const trend = z.object({
  what: z.string(),
  unit: z.string(),
  drift: z.string(),
  points: z.array(z.object({ at: z.string(), value: z.string(), height: z.number() })),
})
export type Trend = z.infer<typeof trend>

/** The client file as the server tells it. */
export const clientShape = z.object({
  id: z.number(),
  version: z.number(),
  name: z.string(),
  phone: z.string(),
  about: z.string(),
  cautions: z.string(),
  bornOn: z.nullable(z.string()),
  email: z.string(),
  contactBy: z.enum(['', 'phone', 'mail', 'message', 'none']),
  preferred: z.nullable(z.object({ id: z.number(), name: z.string() })),
  /** Who of the team plans and colours. */
  colourists: z.array(z.object({ id: z.number(), name: z.string() })),
  erasedAt: z.nullable(z.string()),
  /** Whose file this one became part of. */
  into: z.nullable(z.object({ id: z.number(), name: z.string() })),
  consents: z.array(consentShape),
  matches: z.array(z.object({ id: z.number(), client: z.number(), name: z.string(), how: z.string() })),
  /** Files that may be of the same person. */
  alike: z.array(z.object({ id: z.number(), name: z.string(), by: z.string() })),
  training: z.boolean(),
  safety,
  trends: z.array(z.object({ job: z.string(), trends: z.array(trend) })),
  waiting: z.array(
    z.object({
      id: z.string(),
      words: z.string(),
      letter: z.string(),
      kind: z.string(),
      canApply: z.boolean(),
      from: z.object({ id: z.string(), on: z.string() }),
    }),
  ),
  photos: z.array(photo),
  visits: z.array(visitLine),
})
export type Client = z.infer<typeof clientShape>

export const clientFile = (id: number | string) =>
  queryOptions({
    queryKey: ['client', String(id)],
    queryFn: async ({ signal }) => clientShape.parse(await getJson(`clients/${id}`, signal)),
  })
