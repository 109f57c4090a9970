import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson, putJson } from '../../shared/api/http'
import { sessionShape, type Session } from '../../shared/session/session'

/** Whether a salon can be begun here. */
export const mayBegin = queryOptions({
  queryKey: ['beginning', 'open'],
  queryFn: async ({ signal }) => z.object({ open: z.boolean(), empty: z.boolean() }).parse(
    await getJson('beginning/open', signal),
  ),
  staleTime: 60_000,
  retry: false,
})

export interface NewSalon { salon: string; timezone: string; name: string; email: string; password: string }
export const beginSalon = async (said: NewSalon): Promise<Session> => sessionShape.parse(
  await postJson('beginning', said),
)

const step = z.object({
  key: z.enum(['developers', 'line', 'products', 'people', 'rules', 'client', 'bowl']),
  done: z.boolean(),
  later: z.boolean(),
})
const beginningShape = z.object({ shown: z.boolean(), line: z.nullable(z.string()), steps: z.array(step) })
export type Step = z.infer<typeof step>
export const beginning = queryOptions({
  queryKey: ['beginning'],
  queryFn: async ({ signal }) => beginningShape.parse(await getJson('beginning', signal)),
})
export const leaveForLater = async (later: string[], aside = false) => beginningShape.parse(
  await putJson('beginning', { later, aside }),
)

const joinShape = z.object({ salon: z.string(), name: z.string(), email: z.string(), known: z.boolean() })
export const invitation = (token: string) => queryOptions({
  queryKey: ['join', token],
  queryFn: async ({ signal }) => joinShape.parse(await getJson(`join/${token}`, signal)),
  retry: false,
  staleTime: Infinity,
})
export const join = async (token: string, name: string, password: string): Promise<Session> => sessionShape.parse(
  await postJson(`join/${token}`, { name, password }),
)
