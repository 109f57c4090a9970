import { useEffect, useState } from 'react'
import * as z from 'zod/mini'
import { useScaleChoice } from '../../shared/scale/choice'
import type { Live } from './api'

const pour = z.object({
  place: z.enum(['bowl-missing', 'waiting', 'under', 'inside', 'over']),
  net: z.string(),
  inLine: z.string(),
  left: z.string(),
  over: z.string(),
  /** What is in the bowl with it. */
  bowl: z.string(),
  wedge: z.number(),
  at: z.number(),
})

const event = z.union([
  z.object({
    state: z.literal('reading'),
    reading: z.number(),
    shown: z.string(),
    still: z.boolean(),
    since: z.string(),
    pour: z.nullable(pour),
  }),
  z.object({ state: z.enum(['disconnected', 'garbled', 'overload', 'frozen']) }),
])

export type ScaleState = z.infer<typeof event> | { state: 'connecting' }

/**
 * The scale, live: readings come as server-sent events, already worked against the line being poured.
 * Nothing is computed here.
 */
export function useScale(live: Live | null): ScaleState {
  const [state, setState] = useState<ScaleState>({ state: 'connecting' })
  const scale = useScaleChoice()
  const query = live === null ? (scale === '' ? '' : new URLSearchParams({ scale }).toString()) : new URLSearchParams(
    Object.entries({
      ...(scale === '' ? {} : { scale }),
      from: live.from,
      already: live.already,
      low: live.low,
      target: live.target,
      high: live.high,
      full: live.full,
      whole: live.whole,
      in: live.in,
    }).map(([name, value]) => [name, String(value)]),
  ).toString()
  useEffect(() => {
    let source: EventSource | null = null
    let again: ReturnType<typeof setTimeout> | undefined
    let gone: ReturnType<typeof setTimeout> | undefined
    const connect = () => {
      source = new EventSource(`/scale/stream${query === '' ? '' : `?${query}`}`)
      source.onmessage = (message: MessageEvent<string>) => {
        const read = event.safeParse(JSON.parse(message.data))
        clearTimeout(gone)
        if (read.success) setState(read.data)
      }
      source.onerror = () => {
        // The stream is renewed now and then, so that it ends with the session; a moment without it is no news.
        clearTimeout(gone)
        gone = setTimeout(
          () => { setState({ state: 'disconnected' }) },
          source?.readyState === EventSource.CLOSED ? 0 : 2_000,
        )
        // A browser gives up for good on an error page, as while the bridge restarts; we do not.
        if (source?.readyState === EventSource.CLOSED) again = setTimeout(connect, 1_000)
      }
    }
    connect()
    return () => {
      source?.close()
      clearTimeout(again)
      clearTimeout(gone)
    }
  }, [query])
  return state
}
