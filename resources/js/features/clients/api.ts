import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, postJson, putJson } from '../../shared/api/http'
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

export const addClient = async (fields: { name: string; phone: string; about: string; cautions: string }): Promise<Client> => clientShape.parse(await postJson('clients', fields))
export const planVisit = async (clientId: number, id: string, service: string, startsAt: string): Promise<string> =>
  idOnly.parse(await postJson(`clients/${clientId}/visits`, { id, service, startsAt })).id
export const repeatVisit = async (visitId: string, id: string): Promise<string> => idOnly.parse(await postJson(`visits/${visitId}/repeat`, { id })).id

export const changeClient = async (id: number, fields: { version: number; name: string; phone: string; about: string; cautions: string; bornOn: string | null; training: boolean }): Promise<Client> => clientShape.parse(await putJson(`clients/${id}`, fields))
