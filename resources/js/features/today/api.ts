import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { newId } from '../../shared/api/newId'
import { getJson, postJson } from '../../shared/api/http'
import { keptPatch, keptPost } from '../../shared/outbox/kept'
import { askEvery } from '../../shared/time/news'
import { visitLine } from '../../shared/visits/visitLine'

const dayVisit = z.extend(visitLine, {
  version: z.number(),
  day: z.string(),
  /** When it needs whose hands. */
  busy: z.array(
    z.object({
      from: z.string(),
      to: z.string(),
      kind: z.enum(['apply', 'rinse']),
      letters: z.string(),
      person: z.string(),
    }),
  ),
})
export type DayVisit = z.infer<typeof dayVisit>

const dayShape = z.object({
  now: z.string(),
  day: z.string(),
  days: z.number(),
  today: z.string(),
  visits: z.array(dayVisit),
  clashes: z.array(
    z.object({
      at: z.string(),
      words: z.string(),
      mend: z.string(),
      visits: z.array(z.string()),
      move: z.nullable(z.object({ visit: z.string(), version: z.number(), startsAt: z.string() })),
    }),
  ),
  notes: z.array(
    z.object({
      at: z.string(),
      day: z.string(),
      kind: z.enum(['test', 'reading', 'follow-up', 'due']),
      words: z.string(),
      client: z.number(),
    }),
  ),
})
export type Day = z.infer<typeof dayShape>

/** A day of the salon, or the week it lies in; no day is today. */
export const day = (of: string | null, days: 1 | 7) =>
  queryOptions({
    queryKey: ['today', of, days],
    queryFn: async ({ signal }) => dayShape.parse(
      await getJson(`today?days=${days}${of === null ? '' : `&day=${of}`}`, signal),
    ),
    refetchInterval: askEvery(15_000),
  })

/** Another hour of the salon’s clock, or another day. */
export const moveVisit = (visit: string, version: number, startsAt: string, client: string) =>
  keptPatch(
    `visits/${visit}`,
    { version, startsAt },
    { stream: `visit:${visit}`, about: t`${client} at ${startsAt.slice(11)}`, at: '/' },
  )

const begun = z.object({ id: z.string() })
/** Somebody sits down who was not expected; not kept on the device, as the visit is gone to at once. */
export const walkIn = async (who:
  | { client: number }
  | { name: string }) => begun.parse(await postJson('walk-ins', { id: newId(), ...who }))
export const planVisit = (client: number, service: string, startsAt: string) => keptPost(
  `clients/${client}/visits`,
  { id: newId(), service, startsAt },
  { stream: `client:${client}`, about: `${service}, ${startsAt}`, at: '/' },
)

const found = z.array(z.object({ id: z.number(), name: z.string(), about: z.string() }))
export const findClients = (text: string) => queryOptions({
  queryKey: ['walk-in', text],
  queryFn: async ({ signal }) => found.parse(await getJson(`clients?search=${encodeURIComponent(text)}`, signal)),
  staleTime: 30_000,
})
