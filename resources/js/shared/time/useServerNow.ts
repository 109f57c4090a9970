import { useEffect, useState } from 'react'
import { serverTime } from './serverTime'

/**
 * The server's time, ticking here between answers: every device counts to the same moments, whatever its own clock
 * says.
 */
export function useServerNow(told: string): number {
  const [ticks, setTicks] = useState({ told, since: 0 })
  useEffect(() => {
    const from = performance.now()
    const timer = setInterval(() => { setTicks({ told, since: performance.now() - from }) }, 1000)
    return () => { clearInterval(timer) }
  }, [told])
  return serverTime() ?? new Date(told).getTime() + (ticks.told === told ? ticks.since : 0)
}
