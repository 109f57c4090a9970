import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Unreachable } from '../api/http'
import { setHeard } from './news'
import { listenToNews } from './newsSource'

/** What shows more than one visit. */
const LISTS = ['today', 'wall', 'visits']
/** News that come close together are one. */
const TOGETHER_MS = 300

/** Hears that something of the salon was written, on whatever device, and asks again for what shows it. */
export function useNews(listens: boolean): void {
  const queries = useQueryClient()
  useEffect(() => {
    if (!listens || typeof EventSource === 'undefined') return
    let timer: ReturnType<typeof setTimeout> | null = null
    let visits = new Set<string>()
    let before = false
    const ask = (every: boolean) => {
      const about = visits
      visits = new Set()
      timer = null
      void queries.invalidateQueries({
        predicate: ({ queryKey: [name, id] }) => LISTS.includes(String(name))
          || (name === 'visit' && (every || about.has(String(id)))),
      })
    }
    const stop = listenToNews((news) => {
      if (news === 'lost') {
        // Not heard any more: every page asks by itself again, beginning now.
        setHeard(false)
        ask(true)
      } else if (news === 'heard' || news === 'missed') {
        setHeard(true)
        // The server is there: whatever could not be asked of it is asked now.
        void queries.invalidateQueries({ predicate: ({ state }) => state.error instanceof Unreachable })
        // After a gap nobody knows what was missed; the first time nothing was shown yet.
        if (news === 'missed' && before) ask(true)
        before = true
      } else {
        setHeard(true)
        visits.add(news.visit)
        // Of no visit: a rule of the house, a jar, or what another node has written. It may be about any of them.
        timer ??= setTimeout(() => { ask(visits.has('')) }, TOGETHER_MS)
      }
    })
    return () => {
      stop()
      setHeard(false)
      if (timer !== null) clearTimeout(timer)
    }
  }, [listens, queries])
}
