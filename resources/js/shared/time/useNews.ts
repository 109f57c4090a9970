import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { setHeard } from './news'

/** What shows more than one visit. */
const LISTS = ['today', 'wall', 'visits']
/** News that come close together are one. */
const TOGETHER_MS = 300

/** Hears that something of the salon was written, on whatever device, and asks again for what shows it. */
export function useNews(listens: boolean): void {
  const queries = useQueryClient()
  useEffect(() => {
    if (!listens || typeof EventSource === 'undefined') return
    const source = new EventSource('/news')
    let timer: ReturnType<typeof setTimeout> | null = null
    let visits = new Set<string>()
    let heard = false
    const ask = () => {
      const about = visits
      visits = new Set()
      timer = null
      void queries.invalidateQueries({ predicate: ({ queryKey: [name, id] }) => LISTS.includes(String(name)) || (name === 'visit' && about.has(String(id))) })
    }
    source.onopen = () => { setHeard(true) }
    // Not heard any more: every page asks by itself again, beginning now.
    source.onerror = () => {
      setHeard(false)
      void queries.invalidateQueries({ predicate: ({ queryKey: [name] }) => LISTS.includes(String(name)) })
    }
    source.onmessage = (event: MessageEvent<string>) => {
      const visit = (JSON.parse(event.data) as { visit?: string }).visit
      // The first line says only that it is heard. After a gap nobody knows what was missed: everything is asked again.
      if (visit === undefined) {
        if (heard) void queries.invalidateQueries({ predicate: ({ queryKey: [name] }) => LISTS.includes(String(name)) || name === 'visit' })
        heard = true
        return
      }
      visits.add(visit)
      timer ??= setTimeout(ask, TOGETHER_MS)
    }
    return () => {
      source.close()
      setHeard(false)
      if (timer !== null) clearTimeout(timer)
    }
  }, [listens, queries])
}
