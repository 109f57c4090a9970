import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { deleteJson, getJson, postJson } from '../../shared/api/http'

export const sessionShape = z.object({
  name: z.string(),
  initials: z.string(),
  role: z.enum(['owner', 'colourist', 'assistant']),
  formulates: z.boolean(),
  salon: z.string(),
  scaleSimulated: z.boolean(),
})
export type Session = z.infer<typeof sessionShape>

export const session = queryOptions({
  queryKey: ['session'],
  queryFn: async ({ signal }) => sessionShape.nullable().parse(await getJson('session', signal)),
  staleTime: Infinity,
})

export const signIn = async (email: string, password: string): Promise<Session> => sessionShape.parse(await postJson('session', { email, password }))
export const signOut = () => deleteJson('session')
