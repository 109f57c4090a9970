import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { deleteJson, getJson, patchJson, postJson, putJson } from '../../shared/api/http'
import { visitLine } from '../../shared/visits/visitLine'
import * as shapes from './shapes'

export const visit = (id: string) =>
  queryOptions({
    queryKey: ['visit', id],
    queryFn: async ({ signal }) => shapes.visit.parse(await getJson(`visits/${id}`, signal)),
    refetchInterval: 10_000,
  })

const inVisit = (visitId: string | undefined) => (visitId === undefined ? '' : `?visit=${visitId}`)

/** Canvas, bowls and map seen together, with what is still being typed; nothing is saved. */
export const picture = (visitId: string, version: string, canvas: shapes.Canvas | null, drafts: { id: string; round: string; bowl: shapes.Sheet }[]) =>
  queryOptions({
    queryKey: ['picture', visitId, version, canvas, drafts],
    queryFn: async ({ signal }) => shapes.picture.parse(await postJson(`visits/${visitId}/picture`, { ...(canvas === null ? {} : { canvas }), drafts }, signal)),
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

export const addBowl = async (round: string, id: string, sheet: shapes.Sheet) => shapes.bowl.parse(await postJson(`rounds/${round}/bowls`, { id, bowl: sheet }))
export const changeBowl = async (id: string, version: number, sheet: shapes.Sheet, reason = '') => shapes.bowl.parse(await putJson(`bowls/${id}`, { version, bowl: sheet, ...(reason === '' ? {} : { reason }) }))
export const removeBowl = (id: string, version: number) => deleteJson(`bowls/${id}`, { version })
export const blendDeveloper = async (line: string, wish: string) => shapes.blend.parse(await postJson('developers/blend', { line, wish }))
export const addRound = async (visitId: string, id: string, name: string) => shapes.visit.parse(await postJson(`visits/${visitId}/rounds`, { id, name }))
export const receive = async (visitId: string) => shapes.visit.parse(await postJson(`visits/${visitId}/receive`, {}))
export const noteVisit = async (visitId: string, version: number, note: string) => shapes.visit.parse(await patchJson(`visits/${visitId}`, { version, note }))
export const closeVisit = async (visitId: string, fields: Record<string, unknown> & { version: number }) =>
  shapes.visit.parse(await postJson(`visits/${visitId}/close`, fields))
export const repeatVisit = async (visitId: string, id: string) => shapes.visit.parse(await postJson(`visits/${visitId}/repeat`, { id }))

const todayShape = z.object({ visits: z.array(visitLine) })

/** Today's visits that can still be changed. */
export const openVisits = queryOptions({
  queryKey: ['visits', 'open'],
  queryFn: async ({ signal }) => todayShape.parse(await getJson('today', signal)).visits.filter((visit) => visit.status !== 'closed'),
})

const asVisit = (json: unknown) => shapes.visit.parse(json)
export const saveCanvas = async (visitId: string, version: number, canvas: shapes.Canvas) => asVisit(await putJson(`visits/${visitId}/canvas`, { version, canvas }))
export const stampBowl = async (bowlId: string, id: string, kind: string, words = '') => asVisit(await postJson(`bowls/${bowlId}/stamps`, { id, kind, words }))
export const waive = async (visitId: string, id: string, reason: string) => asVisit(await postJson(`visits/${visitId}/waivers`, { id, reason }))
export const decide = async (proposalId: string, fields: { do: string; bowl?: string; version?: number; reason?: string }) => asVisit(await patchJson(`proposals/${proposalId}`, fields))
export const moveBowl = async (bowlId: string, version: number, round: string, place: number) => asVisit(await patchJson(`bowls/${bowlId}/place`, { version, round, place }))
export const splitBowl = async (bowlId: string, version: number, id: string, letter: string, percent: number | null) => asVisit(await postJson(`bowls/${bowlId}/split`, { version, id, letter, percent }))
export const removeRound = async (roundId: string, version: number) => asVisit(await deleteJson(`rounds/${roundId}`, { version }))
export const renameRound = async (roundId: string, version: number, name: string) => asVisit(await patchJson(`rounds/${roundId}`, { version, name }))
export const recordTrial = async (bowlId: string, fields: { version: number; level: string; tone: string; words: string; minutes: string | null; elasticity: string | null }) => shapes.bowl.parse(await putJson(`bowls/${bowlId}/trial`, fields))
export const carryTrial = async (bowlId: string, fields: { id: string; round: string; letter: string; grams: string; corrections: { kind: string; value: string }[]; reason: string }) =>
  shapes.bowl.parse(await postJson(`bowls/${bowlId}/carry`, fields))
export const startBatch = (bowlId: string, id: string, times: string, strength: string) => postJson(`bowls/${bowlId}/batches`, { id, times, strength })
export const remix = async (bowlId: string, done: string, leftOver: string) => shapes.remix.parse(await getJson(`bowls/${bowlId}/remix?done=${encodeURIComponent(done)}&left=${encodeURIComponent(leftOver)}`))
export const adjust = async (bowl: shapes.Sheet, change: { kind: string; value: string }, visitId?: string) => shapes.adjusted.parse(await postJson(`bowls/adjusted${inVisit(visitId)}`, { bowl, change }))
export const keepBlend = async (name: string, bowl: shapes.Sheet) => shapes.blendKept.parse(await postJson('house-blends', { name, bowl }))
export const standIns = async (bowl: shapes.Sheet, product: string, why: string) => shapes.standIns.parse(await postJson('bowls/substitutes', { bowl, product, why }))
export const compareVisits = (one: string, other: string) =>
  queryOptions({ queryKey: ['compare', one, other], queryFn: async ({ signal }) => shapes.comparison.parse(await getJson(`visits/${one}/compare/${other}`, signal)) })
export { clientFile } from '../../shared/clients/clientFile'
