import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { z } from 'zod'
import { batchOf } from '../features/bench/api'
import { bowlFacts } from '../features/bench/facts'
import { keepForOffline } from '../shared/keep/offlineCache'
import type { Session } from '../shared/session/session'
import { shelf } from '../shared/shelf/shelf'

const FRESH_MS = 60_000
const chair = z.object({ status: z.literal('in-chair'), rounds: z.array(z.object({ bowls: z.array(z.object({ id: z.string(), state: z.string() })) })) })

/**
 * Keeps on the device what the bench needs where the network goes: of each visit in the chair that is looked at, every bowl that
 * is still to be weighed.
 */
export function useOffline(member: Session): void {
  const queries = useQueryClient()
  useEffect(() => (member.locked ? undefined : keepForOffline(member, queries)), [member, queries])
  useEffect(() => {
    if (member.locked) return
    void queries.prefetchQuery(shelf)
    return queries.getQueryCache().subscribe((event) => {
      if (event.type !== 'updated' || event.action.type !== 'success' || event.query.queryKey[0] !== 'visit') return
      const visit = chair.safeParse(event.query.state.data)
      if (!visit.success) return
      for (const bowl of visit.data.rounds.flatMap((round) => round.bowls)) {
        if (bowl.state === 'mixed') continue
        void queries.prefetchQuery({ ...bowlFacts(bowl.id), staleTime: FRESH_MS })
        void queries.prefetchQuery({ ...batchOf(bowl.id), staleTime: FRESH_MS })
      }
    })
  }, [member.locked, queries])
}
