import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptDelete, keptPatch, keptPost, keptPut } from '../../shared/outbox/kept'
import { askEvery } from '../../shared/time/news'
import { visitLine } from '../../shared/visits/visitLine'
import { isOver } from '../../shared/visits/visitLine'
import { times } from '../../shared/visits/times'
import * as shapes from './shapes'

export const visit = (id: string) =>
  queryOptions({
    queryKey: ['visit', id],
    queryFn: async ({ signal }) => shapes.visit.parse(await getJson(`visits/${id}`, signal)),
    // The plan flows with the minutes also while nobody writes.
    refetchInterval: askEvery(10_000, 60_000),
  })

const inVisit = (visitId: string | undefined) => (visitId === undefined ? '' : `?visit=${visitId}`)

/** Canvas, bowls and map seen together, with what is still being typed; nothing is saved. */
export const picture = (visitId: string, version: string, canvas: shapes.Canvas | null, drafts: { id: string; round: string; bowl: shapes.Sheet }[], without: string[] = []) =>
  queryOptions({
    queryKey: ['picture', visitId, version, canvas, drafts, without],
    queryFn: async ({ signal }) => shapes.picture.parse(await postJson(`visits/${visitId}/picture`, { ...(canvas === null ? {} : { canvas }), drafts, ...(without.length === 0 ? {} : { without }) }, signal)),
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** The bowl as the core works it; nothing is saved. */
export const preview = (sheet: shapes.Sheet, visitId?: string) =>
  queryOptions({
    queryKey: ['preview', sheet, visitId],
    queryFn: async ({ signal }) => shapes.workedBowl.parse(await postJson(`bowls/preview${inVisit(visitId)}`, sheet, signal)),
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** What is written for a visit waits in one line: a bowl is there before it is weighed, a mark after the one before it. */
const inLine = (visitId: string, about: string) => ({ stream: `visit:${visitId}`, about, at: `/visits/${visitId}` })
/** The same, where the answer is the visit as it stands then. */
const thenVisit = (visitId: string, about: string) => ({ ...inLine(visitId, about), reload: `visits/${visitId}` })

export const addBowl = (visitId: string, round: string, id: string, sheet: shapes.Sheet) => keptPost(`rounds/${round}/bowls`, { id, bowl: sheet }, inLine(visitId, t`New bowl ${sheet.letter}, ${sheet.job}`))
export const changeBowl = (visitId: string, id: string, version: number, sheet: shapes.Sheet, reason = '') => keptPut(`bowls/${id}`, { version, bowl: sheet, ...(reason === '' ? {} : { reason }) }, inLine(visitId, t`Bowl ${sheet.letter}, ${sheet.job}`))
export const removeBowl = (visitId: string, id: string, version: number, letter: string) => keptDelete(`bowls/${id}`, { version }, inLine(visitId, t`Bowl ${letter} taken out`))
export const blendDeveloper = async (line: string, wish: string) => shapes.blend.parse(await postJson('developers/blend', { line, wish }))
export const addRound = async (visitId: string, id: string, name: string) => asVisit(await keptPost(`visits/${visitId}/rounds`, { id, name }, thenVisit(visitId, t`New round, ${name}`)))
export const receive = async (visitId: string) => asVisit(await keptPost(`visits/${visitId}/receive`, {}, thenVisit(visitId, t`In the chair`)))
export const noteVisit = async (visitId: string, version: number, note: string) => asVisit(await keptPatch(`visits/${visitId}`, { version, note }, thenVisit(visitId, t`Note: ${note}`)))
export const closeVisit = async (visitId: string, fields: Record<string, unknown> & { version: number }) =>
  asVisit(await keptPost(`visits/${visitId}/close`, fields, thenVisit(visitId, t`Closing the visit`)))
export const repeatVisit = async (visitId: string, id: string) => asVisit(await keptPost(`visits/${visitId}/repeat`, { id }, thenVisit(id, t`Repeating the visit`)))

const todayShape = z.object({ visits: z.array(visitLine) })

/** Today's visits that can still be changed. */
export const openVisits = queryOptions({
  queryKey: ['visits', 'open'],
  queryFn: async ({ signal }) => todayShape.parse(await getJson('today', signal)).visits.filter((visit) => !isOver(visit)),
})

const asVisit = (json: unknown) => shapes.visit.parse(json)
export const saveCanvas = async (visitId: string, version: number, canvas: shapes.Canvas) => asVisit(await keptPut(`visits/${visitId}/canvas`, { version, canvas }, thenVisit(visitId, t`The canvas`)))
export const stampBowl = async (visitId: string, bowlId: string, id: string, kind: string, words: string, about: string, of: { batch?: string; side?: string; minutes?: number; zone?: string; strand?: string; level?: string } = {}) =>
  asVisit(await keptPost(`bowls/${bowlId}/stamps`, { id, kind, words, ...of }, { ...thenVisit(visitId, about), at: `/visits/${visitId}?at=run` }))
/** The same moment on several bowls: what comes off in one rinse. */
export const stampTogether = async (visitId: string, kind: string, marks: { id: string; bowl: string; batch: string | null; side: string | null }[], about: string) =>
  asVisit(await keptPost(`visits/${visitId}/stamps`, { kind, marks }, { ...thenVisit(visitId, about), at: `/visits/${visitId}?at=run` }))
/** The plan with times that are tried; nothing is kept. */
export const triedTimes = (visitId: string, version: number, tried: { bowl: string; set: Record<string, unknown> } | null) =>
  queryOptions({
    queryKey: ['times', visitId, version, tried],
    queryFn: async ({ signal }) => times.parse(await postJson(`visits/${visitId}/times`, tried === null ? {} : { bowls: { [tried.bowl]: tried.set } }, signal)),
    retry: false,
    gcTime: 60_000,
  })
export const retimeBowl = async (visitId: string, bowlId: string, version: number, set: Record<string, unknown>, letter: string) => asVisit(await keptPatch(`bowls/${bowlId}/times`, { version, set }, thenVisit(visitId, t`Times of bowl ${letter}`)))
export const setHands = async (visitId: string, version: number, hands: number) => asVisit(await keptPut(`visits/${visitId}/hands`, { version, hands }, thenVisit(visitId, t`Hands at work`)))
/** Not kept on the device: a password is with it. */
export const waive = async (visitId: string, id: string, reason: string, password: string) => asVisit(await postJson(`visits/${visitId}/waivers`, { id, reason, password }))
export const decide = async (visitId: string, proposalId: string, fields: { do: string; bowl?: string; version?: number; reason?: string; of?: string }, words: string) => asVisit(await keptPatch(`proposals/${proposalId}`, fields, thenVisit(visitId, t`To change, ${fields.do}: ${words}`)))
export const moveBowl = async (visitId: string, bowlId: string, version: number, round: string, place: number) => asVisit(await keptPatch(`bowls/${bowlId}/place`, { version, round, place }, thenVisit(visitId, t`A bowl moved`)))
export const splitBowl = async (visitId: string, bowlId: string, version: number, id: string, letter: string, percent: number | null) => asVisit(await keptPost(`bowls/${bowlId}/split`, { version, id, letter, percent }, thenVisit(visitId, t`Bowl ${letter} from another`)))
export const removeRound = async (visitId: string, roundId: string, version: number) => asVisit(await keptDelete(`rounds/${roundId}`, { version }, thenVisit(visitId, t`A round taken out`)))
/** Of the visit before, said at this one. */
export const sayLasted = (visitId: string, before: string, said: { lasting: boolean | null; greyShown: boolean | null; weeks: number | null }) => keptPut(`visits/${before}/lasted`, said, inLine(visitId, t`Whether the last colour lasted`))
export const readWritten = (visitId: string, text: string, version: string) =>
  queryOptions({ queryKey: ['written', visitId, text, version], queryFn: async ({ signal }) => shapes.writtenBowls.parse(await postJson(`visits/${visitId}/written`, { text }, signal)).bowls, staleTime: 60_000, retry: false })
export const bowlsToTake = (visitId: string, name: string) =>
  queryOptions({ queryKey: ['to-take', visitId, name], queryFn: async ({ signal }) => shapes.bowlsToTake.parse(await getJson(`visits/${visitId}/bowls-to-take${name === '' ? '' : `?q=${encodeURIComponent(name)}`}`, signal)), staleTime: 60_000 })
export const keepService = (visitId: string, name: string) => keptPost(`visits/${visitId}/template`, { name }, inLine(visitId, t`Service of the house: ${name}`))
export const takeService = async (visitId: string, service: number, id: string, name: string) => asVisit(await keptPost(`visits/${visitId}/templates/${service}`, { id }, thenVisit(visitId, t`Planned as ${name}`)))
/** Plans rounds with their bowls at once: a way to a wish. */
export const planRounds = async (visitId: string, rounds: shapes.Way['rounds'], id: string, name: string) => asVisit(await keptPost(`visits/${visitId}/rounds/plan`, { id, rounds }, thenVisit(visitId, t`Planned: ${name}`)))
export const waysTo = (visitId: string, zone: string, canvas: number) =>
  queryOptions({
    queryKey: ['ways', visitId, zone, canvas],
    queryFn: async ({ signal }) => shapes.waysToWish.parse(await postJson(`visits/${visitId}/ways`, { zone }, signal)),
    staleTime: 60_000,
  })
/** Puts the planned bowls on a practice head. */
export const tryHead = async (visitId: string) => shapes.triedHead.parse(await postJson(`visits/${visitId}/practice`, {}))
export const dropService = (id: number, name: string) => keptDelete(`templates/${id}`, {}, { stream: 'house', about: t`Service ${name} forgotten` })
export const changeVisit = async (visitId: string, version: number, change: { service?: string; note?: string; startsAt?: string }) => asVisit(await keptPatch(`visits/${visitId}`, { version, ...change }, thenVisit(visitId, t`The visit changed`)))
export const amendVisit = async (visitId: string, version: number, why: string, changed: Record<string, unknown>) =>
  asVisit(await keptPost(`visits/${visitId}/amend`, { version, why, ...changed }, thenVisit(visitId, t`Corrected: ${why}`)))
export const saveReached = async (visitId: string, round: { id: string; name: string; version: number }, results: shapes.Result[]) =>
  asVisit(await keptPut(`rounds/${round.id}/reached`, { version: round.version, results }, thenVisit(visitId, t`Reached after ${round.name}`)))
export const saveCare = async (visitId: string, version: number, steps: shapes.CareStep[]) => asVisit(await keptPut(`visits/${visitId}/care`, { version, steps }, thenVisit(visitId, t`Care`)))
/** Why it does not take place; null takes it up again. */
export const endVisit = async (visitId: string, version: number, why: string | null, reason: string) => asVisit(await keptPost(`visits/${visitId}/end`, { version, why, reason }, thenVisit(visitId, why === null ? t`The visit taken up again` : t`The visit does not take place`)))
export const takeVisitBack = (visitId: string, version: number) => keptDelete(`visits/${visitId}`, { version }, { stream: `visit:${visitId}`, about: t`A visit taken back` })
export const renameRound = async (visitId: string, roundId: string, version: number, name: string) => asVisit(await keptPatch(`rounds/${roundId}`, { version, name }, thenVisit(visitId, t`A round is called ${name}`)))
export const recordTrial = (visitId: string, bowlId: string, fields: { version: number; level: string; tone: string; words: string; minutes: string | null; elasticity: string | null }) => keptPut(`bowls/${bowlId}/trial`, fields, inLine(visitId, t`Test strand, level ${fields.level} ${fields.tone}`))
export const carryTrial = async (visitId: string, bowlId: string, fields: { id: string; round: string; letter: string; grams: string; corrections: { kind: string; value: string }[]; reason: string }) =>
  keptPost(`bowls/${bowlId}/carry`, fields, inLine(visitId, t`Test strand carried into ${fields.letter}`))
export const startBatch = (visitId: string, bowlId: string, id: string, how: { times: string; strength: string; foils: string; place: string; hands: string }) =>
  keptPost(`bowls/${bowlId}/batches`, { id, ...how, foils: how.foils.trim() === '' ? null : how.foils.trim() }, inLine(visitId, t`Another batch`))
export const remix = async (bowlId: string, done: string, leftOver: string) => shapes.remix.parse(await getJson(`bowls/${bowlId}/remix?done=${encodeURIComponent(done)}&left=${encodeURIComponent(leftOver)}`))
/** What a change would make of a bowl; nothing is changed yet. */
export const tryChange = async (bowl: shapes.Sheet, what: { change: shapes.Change } | { words: string }, visitId?: string, signal?: AbortSignal) =>
  shapes.tried.parse(await postJson(`bowls/adjusted${inVisit(visitId)}`, { bowl, ...what }, signal))
export const triedChange = (visitId: string, bowl: shapes.Bowl | undefined, change: shapes.Change | null) =>
  queryOptions({
    queryKey: ['tried', visitId, bowl?.id, bowl?.version, change],
    queryFn: ({ signal }) => (bowl === undefined || change === null ? Promise.reject(new Error('There is nothing to try.')) : tryChange(bowl.sheet, { change }, visitId, signal)),
    retry: false,
    staleTime: 60_000,
  })
/** The answer to what grams less or more are of; the first one is the house's. */
export const rememberGrams = (visitId: string, of: 'colour' | 'mixture') => keptPost(`visits/${visitId}/grams-mean`, { of }, inLine(visitId, t`Grams are ${of === 'colour' ? t`of the colour` : t`of the mixture`}`))
export const mergeBowls = async (visitId: string, bowl: shapes.Bowl, other: shapes.Bowl) =>
  asVisit(await keptPost(`bowls/${bowl.id}/merge`, { version: bowl.version, other: other.id, otherVersion: other.version }, thenVisit(visitId, t`Bowl ${other.letter} mixed into ${bowl.letter}`)))
export const keepBlend = async (name: string, bowl: shapes.Sheet) => z.nullable(shapes.blendKept).parse(await keptPost('house-blends', { name, bowl }, { stream: 'house', about: t`House blend ${name}` }))
export const standIns = async (bowl: shapes.Sheet, product: string, why: string, visit: string | undefined, signal: AbortSignal) =>
  shapes.standIns.parse(await postJson('bowls/substitutes', { bowl, product, why, visit }, signal))
export const compareVisits = (one: string, other: string) =>
  queryOptions({ queryKey: ['compare', one, other], queryFn: async ({ signal }) => shapes.comparison.parse(await getJson(`visits/${one}/compare/${other}`, signal)) })
export { clientFile } from '../../shared/clients/clientFile'

const target = z.object({ level: z.nullable(z.string()), tone: z.array(z.string()) })
export const matchedShape = z.array(z.object({ client: z.number(), name: z.string(), how: z.string(), visit: z.string(), on: z.string(), closed: z.boolean(), zones: z.array(z.object({ id: z.string(), name: z.string(), wish: z.extend(target, { words: z.string() }), came: z.nullable(target) })) }))
/** What is wished of the heads that this one is to look like. */
export const matched = (visitId: string) => queryOptions({ queryKey: ['matched', visitId], queryFn: async ({ signal }) => matchedShape.parse(await getJson(`visits/${visitId}/matched`, signal)), staleTime: 60_000 })
