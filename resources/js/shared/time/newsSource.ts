/** A visit that was written to; or that news are heard, with or without a gap before; or that they are not any more. */
export type News = { visit: string } | 'heard' | 'missed' | 'lost'

/** A stream is ended now and then and comes back at once; only what stays away is lost. In milliseconds. */
const LOST_AFTER = 4_000
/** A stream that was refused is not tried again by the browser. */
const AGAIN_AFTER = 5_000

/**
 * Listens to the news of the salon until the returned function is called. Of several tabs one listens and tells the
 * others: a browser opens six connections to one server, and each tab would keep one. A page that is left lets go of
 * its own.
 */
export function listenToNews(told: (news: News) => void): () => void {
  const others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('tinta.news')
  let source: EventSource | null = null
  let release: (() => void) | null = null
  let left = false
  let away: ReturnType<typeof setTimeout> | null = null
  let again: ReturnType<typeof setTimeout> | null = null
  const tell = (news: News) => {
    told(news)
    others?.postMessage(news)
  }
  const open = () => {
    source = new EventSource('/news')
    source.onmessage = (event: MessageEvent<string>) => {
      const { visit, missed } = JSON.parse(event.data) as { visit?: string; missed?: boolean }
      tell(visit !== undefined ? { visit } : missed === false ? 'heard' : 'missed')
    }
    source.onopen = () => {
      if (away !== null) clearTimeout(away)
      away = null
    }
    source.onerror = () => {
      away ??= setTimeout(() => { tell('lost') }, LOST_AFTER)
      // Whatever stands in for a server that is starting answers for it, and that is the end of a stream.
      if (source?.readyState === EventSource.CLOSED) again ??= setTimeout(reopen, AGAIN_AFTER)
    }
  }
  const reopen = () => {
    again = null
    source?.close()
    open()
  }
  const close = () => {
    source?.close()
    source = null
    if (again !== null) clearTimeout(again)
    again = null
    if (away !== null) clearTimeout(away)
    away = null
    release?.()
    release = null
  }
  const begin = () => {
    // Only a safe origin has locks; without them each tab listens for itself.
    if (!('locks' in navigator)) open()
    else void navigator.locks.request('tinta.news', () => (left
      ? undefined
      : new Promise<void>((done) => { release = done; open() })))
  }
  const back = (event: PageTransitionEvent) => { if (event.persisted) begin() }
  if (others !== null) others.onmessage = (event: MessageEvent<News>) => { told(event.data) }
  addEventListener('pagehide', close)
  addEventListener('pageshow', back)
  begin()
  return () => {
    left = true
    removeEventListener('pagehide', close)
    removeEventListener('pageshow', back)
    close()
    others?.close()
  }
}
