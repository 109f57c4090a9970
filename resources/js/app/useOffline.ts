import { useQueryClient, type QueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import * as z from 'zod/mini'
import { keepForOffline } from '../shared/keep/offlineCache'
import type { Session } from '../shared/session/session'
import { shelf } from '../shared/shelf/shelf'

const FRESH_MS = 60_000
const chair = z.object({
  status: z.literal('in-chair'),
  rounds: z.array(z.object({ bowls: z.array(z.object({ id: z.string(), state: z.string() })) })),
})

/**
 * Keeps on the device what the bench needs where the network goes: of each visit in the chair that is looked at, every
 * bowl that is still to be weighed.
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
      const left = visit.data.rounds.flatMap((round) => round.bowls).filter((bowl) => bowl.state !== 'mixed')
      if (left.length > 0) void keepBowls(queries, left.map((bowl) => bowl.id)).catch(() => undefined)
    })
  }, [member.locked, queries])
}

/** How a bowl is asked for comes with the bench: the first page of all does not wait for it. */
async function keepBowls(queries: QueryClient, bowls: string[]): Promise<void> {
  const { batchOf, bowlFacts } = await import('./needed')
  for (const bowl of bowls) {
    void queries.prefetchQuery({ ...bowlFacts(bowl), staleTime: FRESH_MS })
    void queries.prefetchQuery({ ...batchOf(bowl), staleTime: FRESH_MS })
  }
}
