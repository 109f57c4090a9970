import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptDelete, keptPatch, keptPost, keptPut } from '../../shared/outbox/kept'
import { askEvery } from '../../shared/time/news'
import { visitLine } from '../../shared/visits/visitLine'
import { isOver } from '../../shared/visits/visitLine'
import * as formulas from './formulaShapes'
import * as shapes from './shapes'
import { inLine } from './formulaApi'

export const visit = (id: string) =>
  queryOptions({
    queryKey: ['visit', id],
    queryFn: async ({ signal }) => shapes.visit.parse(await getJson(`visits/${id}`, signal)),
    // The plan flows with the minutes also while nobody writes.
    refetchInterval: askEvery(10_000, 60_000),
  })

export const inVisit = (visitId: string | undefined) => (visitId === undefined ? '' : `?visit=${visitId}`)

/** Canvas, bowls and map seen together, with what is still being typed; nothing is saved. */
export const picture = (visitId: string, version: string, canvas:
  | shapes.Canvas
  | null, drafts: { id: string; round: string; bowl: shapes.Sheet }[], without: string[] = []) =>
  queryOptions({
    queryKey: ['picture', visitId, version, canvas, drafts, without],
    queryFn: async ({ signal }) => shapes.picture.parse(
      await postJson(
        `visits/${visitId}/picture`,
        { ...(canvas === null ? {} : { canvas }), drafts, ...(without.length === 0 ? {} : { without }) },
        signal,
      ),
    ),
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** The same, where the answer is the visit as it stands then. */
export const thenVisit = (visitId: string, about: string) => ({ ...inLine(visitId, about), reload: `visits/${visitId}` })

export const addBowl = (visitId: string, round: string, id: string, sheet: shapes.Sheet) => keptPost(
  `rounds/${round}/bowls`,
  { id, bowl: sheet },
  { ...inLine(visitId, t`New bowl ${sheet.letter}, ${sheet.job}`), made: { version: ['version'], change: `bowls/${id}` } },
)

export const changeBowl = (visitId: string, id: string, version: number, sheet: shapes.Sheet, reason = '') => keptPut(
  `bowls/${id}`,
  { version, bowl: sheet, ...(reason === '' ? {} : { reason }) },
  { ...inLine(visitId, t`Bowl ${sheet.letter}, ${sheet.job}`), made: { version: ['version'] } },
)

export const removeBowl = (visitId: string, id: string, version: number, letter: string) => keptDelete(
  `bowls/${id}`,
  { version },
  inLine(visitId, t`Bowl ${letter} taken out`),
)

export const addRound = async (visitId: string, id: string, name: string) => asVisit(
  await keptPost(`visits/${visitId}/rounds`, { id, name }, thenVisit(visitId, t`New round, ${name}`)),
)

export const receive = async (visitId: string) => asVisit(
  await keptPost(`visits/${visitId}/receive`, {}, thenVisit(visitId, t`In the chair`)),
)

const todayShape = z.object({ visits: z.array(visitLine) })

/** Today's visits that can still be changed. */
export const openVisits = queryOptions({
  queryKey: ['visits', 'open'],
  queryFn: async ({ signal }) => todayShape.parse(await getJson('today', signal)).visits.filter((visit) =>
    !isOver(visit),
  ),
})

export const asVisit = (json: unknown) => shapes.visit.parse(json)

export const saveCanvas = async (visitId: string, version: number, canvas: shapes.Canvas) => asVisit(
  await keptPut(
    `visits/${visitId}/canvas`,
    { version, canvas },
    { ...thenVisit(visitId, t`The canvas`), made: { version: ['canvas', 'version'] } },
  ),
)

/** Not kept on the device: a password is with it. */
export const waive = async (visitId: string, id: string, reason: string, password: string) => asVisit(
  await postJson(`visits/${visitId}/waivers`, { id, reason, password }),
)

export const decide = async (visitId: string, proposalId: string, fields: {
  do: string
  bowl?: string
  version?: number
  reason?: string
  of?: string
}, words: string) => asVisit(
  await keptPatch(`proposals/${proposalId}`, fields, thenVisit(visitId, t`To change, ${fields.do}: ${words}`)),
)

export const moveBowl = async (
  visitId: string,
  bowlId: string,
  version: number,
  round: string,
  place: number,
) => asVisit(
  await keptPatch(`bowls/${bowlId}/place`, { version, round, place }, thenVisit(visitId, t`A bowl moved`)),
)

export const splitBowl = async (visitId: string, bowlId: string, version: number, id: string, letter: string, percent:
  | number
  | null) => asVisit(
    await keptPost(
      `bowls/${bowlId}/split`,
      { version, id, letter, percent },
      thenVisit(visitId, t`Bowl ${letter} from another`),
    ),
  )

export const removeRound = async (visitId: string, roundId: string, version: number) => asVisit(
  await keptDelete(`rounds/${roundId}`, { version }, thenVisit(visitId, t`A round taken out`)),
)

export const changeVisit = async (visitId: string, version: number, change: {
  service?: string
  note?: string
  startsAt?: string
}) => asVisit(await keptPatch(`visits/${visitId}`, { version, ...change }, thenVisit(visitId, t`The visit changed`)))

export const saveReached = async (visitId: string, round: {
  id: string
  name: string
  version: number
}, results: shapes.Result[]) =>
  asVisit(
    await keptPut(
      `rounds/${round.id}/reached`,
      { version: round.version, results },
      thenVisit(visitId, t`Reached after ${round.name}`),
    ),
  )

export const renameRound = async (visitId: string, roundId: string, version: number, name: string) => asVisit(
  await keptPatch(`rounds/${roundId}`, { version, name }, thenVisit(visitId, t`A round is called ${name}`)),
)

export const recordTrial = (visitId: string, bowlId: string, fields: {
  version: number
  level: string
  tone: string
  words: string
  minutes: string | null
  elasticity: string | null
}) => keptPut(`bowls/${bowlId}/trial`, fields, inLine(visitId, t`Test strand, level ${fields.level} ${fields.tone}`))

export const carryTrial = async (visitId: string, bowlId: string, fields: {
  id: string
  round: string
  letter: string
  grams: string
  corrections: { kind: string; value: string }[]
  reason: string
}) =>
  keptPost(`bowls/${bowlId}/carry`, fields, inLine(visitId, t`Test strand carried into ${fields.letter}`))

export const startBatch = (visitId: string, bowlId: string, id: string, how: {
  times: string
  strength: string
  foils: string
  place: string
  hands: string
}) =>
  keptPost(
    `bowls/${bowlId}/batches`,
    { id, ...how, foils: how.foils.trim() === '' ? null : how.foils.trim() },
    inLine(visitId, t`Another batch`),
  )

export const remix = async (bowlId: string, done: string, leftOver: string) => formulas.remix.parse(
  await getJson(`bowls/${bowlId}/remix?done=${encodeURIComponent(done)}&left=${encodeURIComponent(leftOver)}`),
)

export { clientFile } from '../../shared/clients/clientFile'
