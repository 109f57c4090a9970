import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../shared/api/http'
import { newId } from '../../shared/api/newId'
import { keptPost, keptPut } from '../../shared/outbox/kept'
import { clientFile, clientShape, type Client } from '../../shared/clients/clientFile'

const found = z.array(z.object({ id: z.number(), name: z.string(), about: z.string(), cautions: z.string(), lastVisit: z.string().nullable(), by: z.array(z.string()) }))

export type { Client }
export const client = clientFile

export const clients = (search: string) =>
  queryOptions({
    queryKey: ['clients', { search }],
    queryFn: async ({ signal }) => found.parse(await getJson(`clients?search=${encodeURIComponent(search)}`, signal)),
  })

const idOnly = z.object({ id: z.string() })

/** Null where the answer was lost: the client is there, and is found by name. */
export const addClient = async (fields: { name: string; phone: string; about: string; cautions: string }): Promise<Client | null> =>
  clientShape.nullable().parse(await keptPost('clients', { ...fields, id: newId() }, { stream: 'clients', about: `New client ${fields.name}`, at: '/clients' }))
export const planVisit = async (clientId: number, id: string, service: string, startsAt: string, template: number | null = null): Promise<string> =>
  idOnly.parse(await keptPost(`clients/${clientId}/visits`, { id, service, startsAt, ...(template === null ? {} : { template }) }, { stream: `visit:${id}`, about: `New visit, ${service}`, at: `/clients/${clientId}`, reload: `visits/${id}` })).id
const servicesShape = z.array(z.object({ id: z.number(), name: z.string(), bowls: z.array(z.string()) }))
/** The services of the house: each begins a visit with its bowls. */
export const services = queryOptions({ queryKey: ['templates'], queryFn: async ({ signal }) => servicesShape.parse(await getJson('templates', signal)), staleTime: 30_000 })
export const repeatVisit = async (visitId: string, id: string): Promise<string> => idOnly.parse(await keptPost(`visits/${visitId}/repeat`, { id }, { stream: `visit:${id}`, about: 'Repeating a visit', reload: `visits/${id}` })).id

export const changeClient = async (id: number, fields: { version: number; name: string; phone: string; about: string; cautions: string; bornOn: string | null; training: boolean; reason: string }): Promise<Client> =>
  clientShape.parse(await keptPut(`clients/${id}`, fields, { stream: `client:${id}`, about: `Particulars of ${fields.name}`, at: `/clients/${id}`, reload: `clients/${id}` }))
