import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { picture as pictureQuery } from './api'
import { withoutBegun } from './begun'
import type { CanvasDraft } from './canvasDraft'
import type { Draft } from './drafts'
import type { Visit } from './shapes'
import { usePaused } from './usePaused'

/** The picture of the visit with what is being typed in it; the last one stays until the next is there. */
export function usePicture(
  visit: Visit,
  drafts: Record<string, Draft>,
  canvasDraft: CanvasDraft | null,
  without: string | null,
) {
  const typed = useMemo(
    () => ({
      drafts: Object.values(drafts).map(({ id, round, sheet }) => ({ id, round, bowl: withoutBegun(sheet) })),
      canvas: canvasDraft?.canvas ?? null,
      without: without === null ? [] : [without],
    }),
    [drafts, canvasDraft, without],
  )
  const paused = usePaused(typed, 200)
  const version = `${visit.canvas.version}.${visit.rounds.flatMap((round) => round.bowls.map((bowl) => `${bowl.letter}${bowl.version}`)).join('.')}`
  const dirty = paused.drafts.length > 0 || paused.canvas !== null || paused.without.length > 0
  const live = useQuery({
    ...pictureQuery(visit.id, version, paused.canvas, paused.drafts, paused.without),
    enabled: dirty,
    placeholderData: keepPreviousData,
  })
  return dirty ? (live.data ?? visit.picture) : visit.picture
}
