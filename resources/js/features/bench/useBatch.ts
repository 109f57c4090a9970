import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Refused } from '../../shared/api/http'
import { newId } from '../../shared/api/newId'
import { outbox, useOutbox } from '../../shared/outbox/kept'
import { batchBy, batchOf, batchShape, recordEvent, startBatch, type Batch, type BatchEvent } from './api'
import { begunHere } from './begunHere'
import type { BowlFacts } from './facts'
import { nextAfter, offlineBowl, unsentEvents } from './offline'

/** How large, and how strong where it is not the bowl's own. */
export type How = { times: string; strength: string }

export type NewEvent = BatchEvent extends infer E ? (E extends BatchEvent ? Omit<E, 'id' | 'after'> : never) : never

/** After this long without an answer the bench goes on by itself. */
const LATE_MS = 900

/**
 * A bowl's batch and what may be done to it. Every event goes through the device's outbox: written down before it is
 * sent, sent again under the same id until the server has it, kept with its grams where the server refuses it.
 */
export function useBatch(bowl: string, facts: BowlFacts | undefined, earlier: string | null = null) {
  const queries = useQueryClient()
  // The bowl's own batch that is being weighed, or its latest; an earlier one where it is asked for, to be weighed
  // back.
  const latest = useQuery({ ...batchOf(bowl), enabled: earlier === null })
  const other = useQuery({ ...batchBy(earlier ?? ''), enabled: earlier !== null })
  const loaded = earlier === null ? latest : other
  const { entries } = useOutbox()
  const [problem, setProblem] = useState<Error | null>(null)
  const [late, setLate] = useState(false)
  const show = (batch: Batch) => {
    if (earlier === batch.id) queries.setQueryData(batchBy(earlier).queryKey, batch)
    else queries.setQueryData(batchOf(bowl).queryKey, batch)
  }
  // Begun here, and not known to the server yet: what is planned is worked through all the same.
  const here = facts === undefined || (loaded.data ?? null) !== null && loaded.data?.status === 'weighing'
    ? null
    : begunHere(bowl, facts, entries)
  const batch = late && here !== null ? here : (loaded.data ?? null)
  const starting = here !== null
  const unsent = batch === null ? 0 : unsentEvents(entries, batch.id).length
  const refused = entries.filter((entry) =>
    entry.refused !== null && entry.pour !== null && entry.pour.batch === batch?.id,
  )

  useEffect(() => {
    const waits = unsent > 0 || starting
    const timer = setTimeout(() => { setLate(waits) }, waits ? LATE_MS : 0)
    return () => { clearTimeout(timer) }
  }, [unsent, starting])
  // What waited through a reload has nobody waiting for its answer: the bowl is read anew as it arrives.
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: batchOf(bowl).queryKey })
    void queries.invalidateQueries({ queryKey: ['bowl-facts', bowl] })
  }, [unsent, starting, queries, bowl])

  const record = (event: NewEvent) => {
    if (batch === null) return
    setProblem(null)
    const full = { ...event, id: newId(), after: nextAfter(batch, entries, batch.id) } as BatchEvent
    void recordEvent(batch, full).then(show, (error: unknown) => {
      const newer = error instanceof Refused ? batchShape.safeParse(error.newer) : null
      if (newer?.success === true) show(newer.data)
      if (error instanceof Error) setProblem(error)
    })
  }
  const begun = useMutation({
    mutationFn: ({
      about,
      times,
      strength,
    }: How & { about: string }) => startBatch(bowl, newId(), about, { times, strength }),
    onSuccess: (made) => {
      show(made)
      setProblem(null)
    },
    onError: setProblem,
  })
  return {
    batch,
    isEarlier: earlier !== null,
    loading: loaded.isPending && here === null,
    error: problem ?? loaded.error,
    busy: ((unsent > 0 || starting) && !late) || (begun.isPending && !late),
    /** What this device has noted while the server could not be reached; null while it can. */
    offline: batch !== null && late && (unsent > 0 || starting) ? offlineBowl(batch, entries, batch.id) : null,
    refused,
    settle: (id: string) => { outbox.drop(id) },
    record,
    show: (newer: Batch) => {
      setProblem(null)
      show(newer)
    },
    fail: setProblem,
    start: (how: How & { about: string }, then: (made: Batch) => void) => { begun.mutate(how, { onSuccess: then }) },
  }
}
