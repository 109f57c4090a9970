import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { tryLine, type Tried } from './lineApi'
import { jsonOf, type LineDraft } from './lineDraft'

/** What the line as it is being typed reads, a moment after the last key; null before anything was asked. */
export function useTried(of: string | null, draft: LineDraft, codes: string[], asks: boolean): Tried | null {
  const wanted = JSON.stringify([jsonOf(draft), codes.slice(0, 2000)])
  const [still, setStill] = useState(wanted)
  useEffect(() => {
    const timer = setTimeout(() => { setStill(wanted) }, 250)
    return () => { clearTimeout(timer) }
  }, [wanted])
  const answer = useQuery({
    queryKey: ['tried-line', of, still],
    queryFn: ({ signal }) => {
      const [json, all] = JSON.parse(still) as [Record<string, unknown>, string[]]
      return tryLine(of, json, all, signal)
    },
    enabled: asks,
    placeholderData: keepPreviousData,
    staleTime: 10_000,
    gcTime: 10_000,
  })
  return asks ? (answer.data ?? null) : null
}
