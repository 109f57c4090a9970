/** The server itself ends whatever takes it 40 seconds: an answer that has not come by then comes no more. */
const ANSWER_MS = 45_000

/** A photograph over a salon's network. */
const FILE_MS = 180_000

export const longest = (body: unknown): number => (body instanceof FormData ? FILE_MS : ANSWER_MS)

/**
 * A network that is gone, or a server that was switched off, may never say so: what is asked then would wait for as
 * long as the browser likes, and all that stands behind it. Ends with `signal`, or when the time is up, or not at all
 * once it is `over`.
 */
export function inTime(ms: number, signal?: AbortSignal): { signal: AbortSignal; over: () => void } {
  const end = new AbortController()
  const stop = () => { end.abort() }
  const clock = setTimeout(stop, ms)
  if (signal?.aborted === true) stop()
  signal?.addEventListener('abort', stop)
  return {
    signal: end.signal,
    over: () => {
      clearTimeout(clock)
      signal?.removeEventListener('abort', stop)
    },
  }
}
