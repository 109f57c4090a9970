import { useEffect, useRef } from 'react'
import { startWork } from '../../shared/api/busy'

/** So long after the bench has changed what a press would do, none counts: a wet finger presses twice. */
export const GUARD_MS = 650

/** Tells whether the bench has been as it is for long enough to take a press. */
export function useGuard(state: string): () => boolean {
  const changed = useRef(0)
  useEffect(() => {
    changed.current = performance.now()
    // Whoever drives the page from outside waits as well.
    const end = startWork()
    const timer = setTimeout(end, GUARD_MS)
    return () => {
      clearTimeout(timer)
      end()
    }
  }, [state])
  return () => performance.now() - changed.current >= GUARD_MS
}
