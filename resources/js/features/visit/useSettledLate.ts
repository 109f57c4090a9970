import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { onSent } from '../../shared/outbox/kept'
import { visit as visitQuery } from './api'

/** Whoever waited longer than this for a save may not be looking any more. */
const LATE_MS = 4_000

/** Also for what has waited, and reaches the server while nobody on this page waits for it. */
export function useSettledLate(visit: string, onSettled: () => void): void {
  const queries = useQueryClient()
  useEffect(() => onSent((entry) => {
    if (entry.stream !== `visit:${visit}` || Date.now() - entry.madeAt <= LATE_MS) return
    void queries.invalidateQueries({ queryKey: visitQuery(visit).queryKey }).then(onSettled)
  }))
}
