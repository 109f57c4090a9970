import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { newId } from '../../shared/api/newId'
import { keptDelete, keptPost, keptPut } from '../../shared/outbox/kept'
import { clientFile, clientShape, type Client } from '../../shared/clients/clientFile'

const found = z.array(
  z.object({
    id: z.number(),
    name: z.string(),
    about: z.string(),
    cautions: z.string(),
    lastVisit: z.nullable(z.string()),
    by: z.array(z.string()),
  }),
)

export type { Client }
export const client = clientFile

export const clients = (search: string) =>
  queryOptions({
    queryKey: ['clients', { search }],
    queryFn: async ({ signal }) => found.parse(await getJson(`clients?search=${encodeURIComponent(search)}`, signal)),
  })

const idOnly = z.object({ id: z.string() })

/** Null where the answer was lost: the client is there, and is found by name. */
export const addClient = async (fields: {
  name: string
  phone: string
  about: string
  cautions: string
}): Promise<Client | null> =>
  z.nullable(clientShape).parse(
    await keptPost(
      'clients',
      { ...fields, id: newId() },
      { stream: 'clients', about: t`New client ${fields.name}`, at: '/clients' },
    ),
  )
export const planVisit = async (clientId: number, id: string, service: string, startsAt: string, template:
  | number
  | null = null): Promise<string> =>
  idOnly.parse(
    await keptPost(
      `clients/${clientId}/visits`,
      { id, service, startsAt, ...(template === null ? {} : { template }) },
      { stream: `visit:${id}`, about: t`New visit, ${service}`, at: `/clients/${clientId}`, reload: `visits/${id}` },
    ),
  ).id
const servicesShape = z.array(z.object({ id: z.number(), name: z.string(), bowls: z.array(z.string()) }))
/** The services of the house: each begins a visit with its bowls. */
export const services = queryOptions({
  queryKey: ['templates'],
  queryFn: async ({ signal }) => servicesShape.parse(await getJson('templates', signal)),
  staleTime: 30_000,
})
export const repeatVisit = async (visitId: string, id: string): Promise<string> => idOnly.parse(
  await keptPost(
    `visits/${visitId}/repeat`,
    { id },
    { stream: `visit:${id}`, about: t`Repeating a visit`, reload: `visits/${id}` },
  ),
).id

export const changeClient = async (id: number, fields: {
  version: number
  name: string
  phone: string
  about: string
  cautions: string
  bornOn: string | null
  email: string
  contactBy: string
  preferred: number | null
  training: boolean
  reason: string
}): Promise<Client> =>
  clientShape.parse(
    await keptPut(`clients/${id}`, fields, {
      stream: `client:${id}`,
      about: t`Particulars of ${fields.name}`,
      at: `/clients/${id}`,
      reload: `clients/${id}`,
      made: { version: ['version'] },
    }),
  )

export const matchWith = async (id: number, other: number, how: string): Promise<void> => {
  await keptPost(
    `clients/${id}/matches`,
    { other, how },
    { stream: `client:${id}`, about: t`Two who must match`, at: `/clients/${id}` },
  )
}
export const endMatch = async (id: number, match: number): Promise<void> => {
  await keptDelete(
    `clients/${id}/matches/${match}`,
    {},
    { stream: `client:${id}`, about: t`Two who need not match any more`, at: `/clients/${id}` },
  )
}

const half = z.object({
  id: z.number(), version: z.number(), visits: z.number(), photos: z.number(),
  fields: z.object({
    name: z.string(),
    phone: z.string(),
    email: z.string(),
    about: z.string(),
    cautions: z.string(),
    bornOn: z.string(),
    contactBy: z.string(),
    preferred: z.string(),
  }),
})
export const bothShape = z.object({ keep: half, other: half })
export const bothFiles = (id: number, other: number) => queryOptions({
  queryKey: ['merge', id, other],
  queryFn: async ({ signal }) => bothShape.parse(await getJson(`clients/${id}/merge/${other}`, signal)),
  gcTime: 0,
})
/** Not kept on the device: what cannot be taken apart again is done while somebody looks. */
export const mergeFiles = async (id: number, said: {
  other: number
  version: number
  otherVersion: number
  taken: readonly string[]
  reason: string
}): Promise<Client> => clientShape.parse(await postJson(`clients/${id}/merge`, said))
export const eraseClient = async (id: number, said: {
  name: string
  reason: string
  password: string
}): Promise<Client> => clientShape.parse(await postJson(`clients/${id}/erase`, said))
