/** A line of news: a visit that was written to; null where the line only says that it is heard; lost where it is not any more. */
export type News = { visit: string } | 'heard' | 'lost'

/**
 * Listens to the news of the salon until the returned function is called. Of several tabs one listens and tells the others: a
 * browser opens six connections to one server, and each tab would keep one. A page that is left lets go of its own.
 */
export function listenToNews(told: (news: News) => void): () => void {
  const others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('tinta.news')
  let source: EventSource | null = null
  let release: (() => void) | null = null
  let left = false
  const tell = (news: News) => {
    told(news)
    others?.postMessage(news)
  }
  const open = () => {
    source = new EventSource('/news')
    source.onmessage = (event: MessageEvent<string>) => {
      const visit = (JSON.parse(event.data) as { visit?: string }).visit
      tell(visit === undefined ? 'heard' : { visit })
    }
    source.onerror = () => { tell('lost') }
  }
  const close = () => {
    source?.close()
    source = null
    release?.()
    release = null
  }
  const begin = () => {
    // Only a safe origin has locks; without them each tab listens for itself.
    if (!('locks' in navigator)) open()
    else void navigator.locks.request('tinta.news', () => (left ? undefined : new Promise<void>((done) => { release = done; open() })))
  }
  const again = (event: PageTransitionEvent) => { if (event.persisted) begin() }
  if (others !== null) others.onmessage = (event: MessageEvent<News>) => { told(event.data) }
  addEventListener('pagehide', close)
  addEventListener('pageshow', again)
  begin()
  return () => {
    left = true
    removeEventListener('pagehide', close)
    removeEventListener('pageshow', again)
    close()
    others?.close()
  }
}
