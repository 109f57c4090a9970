import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { deleteJson, getJson, postJson } from '../../shared/api/http'
import { showTimesIn } from '../../shared/format/time'

export const sessionShape = z.object({
  name: z.string(),
  initials: z.string(),
  role: z.enum(['owner', 'colourist', 'assistant']),
  formulates: z.boolean(),
  salon: z.string(),
  timezone: z.string(),
  ownsRules: z.boolean(),
  scaleSimulated: z.boolean(),
})
export type Session = z.infer<typeof sessionShape>

/** From here on the page shows the time on the salon's wall. */
function greet<T extends Session | null>(member: T): T {
  if (member !== null) showTimesIn(member.timezone)
  return member
}

export const session = queryOptions({
  queryKey: ['session'],
  queryFn: async ({ signal }) => greet(sessionShape.nullable().parse(await getJson('session', signal))),
  staleTime: Infinity,
})

export const signIn = async (email: string, password: string): Promise<Session> => greet(sessionShape.parse(await postJson('session', { email, password })))
export const signOut = () => deleteJson('session')
