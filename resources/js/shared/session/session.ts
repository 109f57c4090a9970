import { queryOptions, type QueryClient } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { deleteJson, getJson, postJson, putJson, Unreachable } from '../api/http'
import { showMassesIn } from '../format/mass'
import { showTimesIn } from '../format/time'
import { forgetOffline, memberWithoutServer, restoreFor } from '../keep/offlineCache'
import { outbox } from '../outbox/kept'
import { LANGUAGES, speak, type Language } from '../words/language'

export const sessionShape = z.object({
  id: z.number(),
  /** The device asks for the password before anything else. */
  locked: z.boolean(),
  name: z.string(),
  initials: z.string(),
  role: z.enum(['owner', 'colourist', 'assistant']),
  formulates: z.boolean(),
  /** A licence is on file: may waive a test and record a clearance. */
  licensed: z.boolean(),
  /** May change a birthday or a practice head. */
  vouches: z.boolean(),
  idleMinutes: z.number(),
  /** In which Tinta speaks to them. */
  language: z.enum(LANGUAGES),
  salon: z.string(),
  timezone: z.string(),
  /** Masses are read in ounces of so many grams; null: in grams. */
  gramsToAnOunce: z.nullable(z.string()),
  ownsRules: z.boolean(),
  scaleSimulated: z.boolean(),
})
export type Session = z.infer<typeof sessionShape>

/** From here on the page shows the time on the salon's wall, and what waits on the device goes out under this name. */
export function greet<T extends Session | null>(member: T): T {
  if (member !== null) {
    speak(member.language)
    showTimesIn(member.timezone)
    showMassesIn(member.gramsToAnOunce)
  }
  outbox.setAuthor(member === null || member.locked ? null : { id: member.id, name: member.name })
  return member
}

/** While the server says nothing it is asked again: what the device knows by itself is for meanwhile. */
const AGAIN_MS = 3_000
let saidByDevice = false

export const session = queryOptions({
  queryKey: ['session'],
  queryFn: async ({ signal, client }) => {
    try {
      const member = z.nullable(sessionShape).parse(await getJson('session', signal))
      // Whatever reads it later waits in the store's own line.
      if (member === null) void forgetOffline()
      else await restoreFor(member, client)
      saidByDevice = false
      return greet(member)
    } catch (error) {
      if (!(error instanceof Unreachable)) throw error
      // Without the server the device goes on for whoever was at it.
      saidByDevice = true
      const known = client.getQueryData<Session>(['session'])
      if (known !== undefined) return known
      const member = await memberWithoutServer(client)
      if (member === null) throw error
      return greet(member)
    }
  },
  staleTime: Infinity,
  retry: (count, error) => error instanceof Unreachable && count < 1,
  refetchInterval: ({ state }) => (saidByDevice || state.status === 'error' ? AGAIN_MS : false),
  refetchIntervalInBackground: true,
})

/** @param code of the second factor; empty until it is asked for */
export const signIn = async (email: string, password: string, code: string): Promise<Session> =>
  greet(sessionShape.parse(await postJson('session', { email, password, ...(code === '' ? {} : { code }) })))
/** Who can take this device by their PIN. */
export const peopleHere = queryOptions({
  queryKey: ['session', 'people'],
  queryFn: async ({ signal }) => z.array(z.object({ id: z.number(), name: z.string(), initials: z.string() })).parse(
    await getJson('session/people', signal),
  ),
  staleTime: 10_000,
})
export const takeDevice = async (member: number, pin: string): Promise<Session> => greet(
  sessionShape.parse(await postJson('session/take', { member, pin })),
)
export const unlock = async (password: string): Promise<Session> => greet(
  sessionShape.parse(await postJson('session/unlock', { password })),
)
export const lock = () => postJson('session/lock', {})

/** Locked from here on, whether or not the server could be told; what waits on the device waits. */
export function showLocked(queries: QueryClient): void {
  outbox.setAuthor(null)
  // The server may not know of it, and does not open it.
  saidByDevice = false
  const close = () => {
    queries.setQueryData<
      | Session
      | null>(['session'], (now) => (now === null || now === undefined ? now : { ...now, locked: true }))
  }
  close()
  // An answer that was under way tells of before.
  void queries.cancelQueries({ queryKey: ['session'], exact: true }).then(close)
}

export function showSignedOut(queries: QueryClient): void {
  outbox.setAuthor(null)
  queries.setQueryData<Session | null>(['session'], null)
}
export const changePassword = (password: string, next: string) => putJson('session/password', { password, new: next })
export const signOut = () => deleteJson('session')

/** From here on Tinta speaks so to oneself: the page opens anew. */
export async function chooseLanguage(wanted: Language): Promise<void> {
  speak(sessionShape.parse(await putJson('session/language', { language: wanted })).language)
}

/** The password once more, before what only its person may do. */
export const sayPassword = (password: string) => postJson('session/again', { password })

/** Resolves where a password was said a moment ago; it is asked for where it was not. */
export const beSure = () => getJson('sure')
