import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Refused, Unreachable } from '../../shared/api/http'
import { newId } from '../../shared/api/newId'
import { deviceKeep } from '../../shared/keep/keep'
import { batchOf, batchShape, recordEvent, startBatch, tare, type Batch, type BatchEvent } from './api'
import { dropPending, readPending, writePending } from './pending'

type NewEvent = BatchEvent extends infer E ? (E extends BatchEvent ? Omit<E, 'id' | 'after'> : never) : never

/**
 * A bowl's batch and what may be done to it. An event is written down on the device before it is sent
 * and sent again, under the same id, until the server has answered.
 */
export function useBatch(bowl: string) {
  const queries = useQueryClient()
  const loaded = useQuery(batchOf(bowl))
  const [problem, setProblem] = useState<Error | null>(null)
  const [unsent, setUnsent] = useState(false)
  const show = (batch: Batch) => { queries.setQueryData(batchOf(bowl).queryKey, batch) }

  const send = useMutation({
    mutationFn: ({ batch, event }: { batch: string; event: BatchEvent }) => recordEvent(batch, event),
    retry: (_, error) => error instanceof Unreachable,
    retryDelay: 1_500,
    // Tried at once even if the browser believes itself offline: the salon's server may be on this side.
    networkMode: 'always',
    onMutate: async ({ batch, event }) => {
      writePending(deviceKeep, batch, event)
      setProblem(null)
      await queries.cancelQueries({ queryKey: batchOf(bowl).queryKey })
    },
    onSuccess: (batch) => {
      dropPending(deviceKeep, batch.id)
      show(batch)
    },
    onError: (error, { batch }) => {
      dropPending(deviceKeep, batch)
      setProblem(error)
      const newer = error instanceof Refused ? batchShape.safeParse(error.newer) : null
      if (newer?.success === true) show(newer.data)
    },
  })

  const batch = loaded.data ?? null
  const open = batch?.id
  const { mutate } = send
  useEffect(() => {
    const pending = open === undefined ? null : readPending(deviceKeep, open)
    if (open !== undefined && pending !== null) mutate({ batch: open, event: pending })
  }, [open, mutate])
  useEffect(() => {
    const timer = setTimeout(() => { setUnsent(send.isPending) }, send.isPending ? 900 : 0)
    return () => { clearTimeout(timer) }
  }, [send.isPending])

  const record = (event: NewEvent) => {
    if (batch !== null && !send.isPending) mutate({ batch: batch.id, event: { ...event, id: newId(), after: batch.sequence } as BatchEvent })
  }
  const start = useMutation({
    mutationFn: async (withScale: boolean) => {
      const weight = withScale ? await tare() : null
      const begun = await startBatch(bowl, newId())
      return weight === null || begun.sequence > 0 ? begun : recordEvent(begun.id, { id: newId(), after: begun.sequence, kind: 'tared', grams: weight })
    },
    onSuccess: show,
    onError: setProblem,
  })
  return { batch, loading: loaded.isPending, error: problem ?? loaded.error, busy: send.isPending || start.isPending, unsent, record, start: start.mutate }
}
