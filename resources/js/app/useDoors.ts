import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { onDoor } from '../shared/api/http'
import { onSignedOutElsewhere } from '../shared/keep/clearDevice'
import { lock, showLocked, showSignedOut, type Session } from '../shared/session/session'
import { touchedAgo, watchTouches } from '../shared/session/touch'

const LOOK_MS = 4_000

/** Keeps the page and the session in step: locked when nobody touches it, signed out when the server says so. */
export function useDoors(member: Session | null): void {
  const queries = useQueryClient()
  useEffect(() => watchTouches(), [])
  useEffect(() => onSignedOutElsewhere(() => { location.assign('/') }), [])
  useEffect(() => onDoor((door) => {
    if (door === 'signed-out') showSignedOut(queries)
    else showLocked(queries)
  }), [queries])
  useEffect(() => {
    if (member === null || member.locked) return
    const timer = setInterval(() => {
      const ago = touchedAgo()
      if (ago === null || ago <= member.idleMinutes * 60) return
      // Shown at once, whether or not the server can be told now; it decides for itself too.
      void lock().catch(() => null)
      showLocked(queries)
    }, LOOK_MS)
    return () => { clearInterval(timer) }
  }, [member, queries])
}
