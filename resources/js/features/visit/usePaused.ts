import { useEffect, useState } from 'react'

/** What was typed last, once the typing has paused. */
export function usePaused<T>(value: T, milliseconds = 120): T {
  const [paused, setPaused] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => { setPaused(value) }, milliseconds)
    return () => { clearTimeout(timer) }
  }, [value, milliseconds])
  return paused
}
