import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { deleteJson, getJson, postJson, putJson } from '../../shared/api/http'
import { keptPut } from '../../shared/outbox/kept'
import { houseShape, type House } from '../../shared/house/house'

export const changeHouse = async (version: number, rules: Record<string, string>, timezone: string): Promise<House> =>
  houseShape.parse(
    await keptPut(
      'house',
      { version, rules, timezone },
      { stream: 'house', about: t`House rules`, at: '/house', reload: 'house' },
    ),
  )

const judgementShape = z.object({
  by: z.array(
    z.object({
      by: z.enum(['table', 'house', 'client']),
      count: z.number(),
      levels: z.number(),
      seen: z.nullable(z.number()),
    }),
  ),
})
export type Judgement = z.infer<typeof judgementShape>

/** How far off the outlook has been, over closed visits. */
export const judgement = queryOptions({
  queryKey: ['judgement'],
  queryFn: async ({ signal }) => judgementShape.parse(await getJson('house/judgement', signal)),
  staleTime: 60_000,
})

const retentionShape = z.object({
  rule: z.nullable(z.number()),
  version: z.number(),
  years: z.nullable(z.number()),
  count: z.number(),
  clients: z.array(z.object({ id: z.number(), name: z.string(), lastVisit: z.nullable(z.string()) })),
})
export type Retention = z.infer<typeof retentionShape>
/** Whom a rule of so many years would take out; of the house's own where none is asked for. */
export const retention = (years:
  | number
  | null) => queryOptions({
    queryKey: ['retention', years],
    queryFn: async ({ signal }) => retentionShape.parse(
      await getJson(`retention${years === null ? '' : `?years=${String(years)}`}`, signal),
    ),
    gcTime: 60_000,
  })
export const setRetention = async (years:
  | number
  | null, version: number): Promise<Retention> => retentionShape.parse(await putJson('retention', { years, version }))
export const eraseDue = async (
  clients: number[],
  reason: string,
  password: string,
): Promise<Retention> => retentionShape.parse(
  await postJson('retention/erase', { clients, reason, password }),
)

const devicesShape = z.array(
  z.object({
    id: z.string(),
    here: z.boolean(),
    device: z.string(),
    address: z.string(),
    at: z.string(),
    locked: z.boolean(),
  }),
)
export const devices = queryOptions({
  queryKey: ['session', 'devices'],
  queryFn: async ({ signal }) => devicesShape.parse(await getJson('session/devices', signal)),
  gcTime: 0,
})
/** One of one's own sessions, or all but this one where none is named. */
export const endDevices = async (password: string, device:
  | string
  | null) => devicesShape.parse(
    await deleteJson('session/devices', { password, ...(device === null ? {} : { device }) }),
  )

const secondShape = z.object({ on: z.boolean(), left: z.number(), paper: z.array(z.string()) })
export const secondFactor = queryOptions({
  queryKey: ['session', 'second'],
  queryFn: async ({ signal }) => secondShape.parse(await getJson('session/second', signal)),
  gcTime: 0,
})
const triedShape = z.object({ secret: z.string(), address: z.string() })
/**
 * A new secret for the application to read; nothing is asked for by it until a code of it was typed. The code is of the
 * one that is asked for now, where one is.
 */
export const trySecond = async (password: string, code?: string) => triedShape.parse(
  await postJson('session/second', { password, code }),
)
export const takeSecond = async (code: string) => secondShape.parse(await putJson('session/second', { code }))
export const dropSecond = async (password: string, code: string) => secondShape.parse(
  await deleteJson('session/second', { password, code }),
)
