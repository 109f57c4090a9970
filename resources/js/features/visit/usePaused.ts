import { useEffect, useState } from 'react'
import { startWork } from '../../shared/api/busy'

/** What was typed last, once the typing has paused. */
export function usePaused<T>(value: T, milliseconds = 120): T {
  const [paused, setPaused] = useState(value)
  useEffect(() => {
    const end = startWork()
    const timer = setTimeout(() => {
      setPaused(value)
      // Not before what follows from it has been asked for.
      setTimeout(end)
    }, milliseconds)
    return () => {
      clearTimeout(timer)
      end()
    }
  }, [value, milliseconds])
  return paused
}
