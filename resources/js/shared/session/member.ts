import { createContext, useContext } from 'react'
import type { Session } from './session'

/** Who is signed in on this device, for everything drawn inside. */
export const MemberContext = createContext<Session | null>(null)

export function useMember(): Session {
  const member = useContext(MemberContext)
  if (member === null) throw new Error('Nobody is signed in here.')
  return member
}
