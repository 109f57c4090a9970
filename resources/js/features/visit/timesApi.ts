import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import { postJson } from '../../shared/api/http'
import { keptPatch, keptPost, keptPut } from '../../shared/outbox/kept'
import { times } from '../../shared/visits/times'
import type * as shapes from './shapes'
import { thenVisit, asVisit } from './api'

export const stampBowl = async (
  visitId: string,
  bowlId: string,
  id: string,
  kind: string,
  words: string,
  about: string,
  of: { batch?: string; side?: string; minutes?: number; zone?: string; strand?: string; level?: string } = {},
) =>
  asVisit(
    await keptPost(
      `bowls/${bowlId}/stamps`,
      { id, kind, words, ...of },
      { ...thenVisit(visitId, about), at: `/visits/${visitId}?at=run` },
    ),
  )

/** The same moment on several bowls: what comes off in one rinse. */
export const stampTogether = async (visitId: string, kind: string, marks: {
  id: string
  bowl: string
  batch: string | null
  side: string | null
}[], about: string) =>
  asVisit(
    await keptPost(
      `visits/${visitId}/stamps`,
      { kind, marks },
      { ...thenVisit(visitId, about), at: `/visits/${visitId}?at=run` },
    ),
  )

/** The plan with times that are tried; nothing is kept. */
export const triedTimes = (visitId: string, version: number, tried:
  | { bowl: string; set: Record<string, unknown> }
  | null) =>
  queryOptions({
    queryKey: ['times', visitId, version, tried],
    queryFn: async ({ signal }) => times.parse(
      await postJson(`visits/${visitId}/times`, tried === null ? {} : { bowls: { [tried.bowl]: tried.set } }, signal),
    ),
    retry: false,
    gcTime: 60_000,
  })

export const retimeBowl = async (
  visitId: string,
  bowlId: string,
  version: number,
  set: Record<string, unknown>,
  letter: string,
) => asVisit(
  await keptPatch(`bowls/${bowlId}/times`, { version, set }, thenVisit(visitId, t`Times of bowl ${letter}`)),
)

export const setHands = async (visitId: string, version: number, hands: number) => asVisit(
  await keptPut(`visits/${visitId}/hands`, { version, hands }, thenVisit(visitId, t`Hands at work`)),
)

/** Plans rounds with their bowls at once: a way to a wish. */
export const planRounds = async (visitId: string, rounds: shapes.Way['rounds'], id: string, name: string) => asVisit(
  await keptPost(`visits/${visitId}/rounds/plan`, { id, rounds }, thenVisit(visitId, t`Planned: ${name}`)),
)
