import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { deleteJson, getJson, postJson, putJson } from '../../../shared/api/http'

const role = z.enum(['owner', 'colourist', 'assistant'])
const person = z.object({
  id: z.number(),
  name: z.string(),
  initials: z.string(),
  role,
  licence: z.string(),
  email: z.string(),
  pin: z.boolean(),
  ended: z.nullable(z.string()),
  version: z.number(),
})
export const teamShape = z.object({
  people: z.array(person),
  invited: z.array(
    z.object({ id: z.number(), name: z.string(), email: z.string(), role, known: z.boolean(), ends: z.string() }),
  ),
  /** Of a link that was just made: where it leads. It is said once. */
  path: z.optional(z.string()),
})
export type Team = z.infer<typeof teamShape>
export type Person = z.infer<typeof person>
export type Role = z.infer<typeof role>

export const team = queryOptions({
  queryKey: ['team'],
  queryFn: async ({ signal }) => teamShape.parse(await getJson('team', signal)),
})
export const invite = async (said: {
  name: string
  email: string
  role: Role
  licence: string
}) => teamShape.parse(await postJson('team', said))
export const linkFor = async (id: number) => teamShape.parse(await postJson(`team/${String(id)}/again`, {}))
export const changePerson = async (of: Person, said: {
  name: string
  initials: string
  role: Role
  licence: string
  ended: boolean
}) => teamShape.parse(await putJson(`team/${String(of.id)}`, { version: of.version, ...said }))
export const takeBack = async (id: number) => teamShape.parse(await deleteJson(`invitations/${String(id)}`))
export const setPin = (password: string, pin: string) => putJson('session/pin', { password, pin })
