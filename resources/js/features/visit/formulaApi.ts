import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptPost } from '../../shared/outbox/kept'
import * as formulas from './formulaShapes'
import * as shapes from './shapes'
import { withoutBegun } from './begun'
import { inVisit, thenVisit, asVisit } from './api'

/** The bowl as the core works it; nothing is saved. */
export const preview = (typed: shapes.Sheet, visitId?: string) => {
  const sheet = withoutBegun(typed)
  return queryOptions({
    queryKey: ['preview', sheet, visitId],
    queryFn: async ({ signal }) => shapes.workedBowl.parse(
      await postJson(`bowls/preview${inVisit(visitId)}`, sheet, signal),
    ),
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })
}

/**
 * What is written for a visit waits in one line: a bowl is there before it is weighed, a mark after the one before it.
 */
export const inLine = (visitId: string, about: string) => ({ stream: `visit:${visitId}`, about, at: `/visits/${visitId}` })

export const blendDeveloper = async (line: string, wish: string) => formulas.blend.parse(
  await postJson('developers/blend', { line, wish }),
)

export const readWritten = (visitId: string, text: string, version: string) =>
  queryOptions({
    queryKey: ['written', visitId, text, version],
    queryFn: async ({ signal }) => formulas.writtenBowls.parse(
      await postJson(`visits/${visitId}/written`, { text }, signal),
    ).bowls,
    staleTime: 60_000,
    retry: false,
  })

export const bowlsToTake = (visitId: string, name: string) =>
  queryOptions({
    queryKey: ['to-take', visitId, name],
    queryFn: async ({ signal }) => formulas.bowlsToTake.parse(
      await getJson(`visits/${visitId}/bowls-to-take${name === '' ? '' : `?q=${encodeURIComponent(name)}`}`, signal),
    ),
    staleTime: 60_000,
  })

export const waysTo = (visitId: string, zone: string, canvas: number) =>
  queryOptions({
    queryKey: ['ways', visitId, zone, canvas],
    queryFn: async ({ signal }) => shapes.waysToWish.parse(await postJson(`visits/${visitId}/ways`, { zone }, signal)),
    staleTime: 60_000,
  })

/** Puts the planned bowls on a practice head. */
export const tryHead = async (visitId: string) => shapes.triedHead.parse(
  await postJson(`visits/${visitId}/practice`, {}),
)

/** What a change would make of a bowl; nothing is changed yet. */
export const tryChange = async (bowl: shapes.Sheet, what:
  | { change: formulas.Change }
  | { words: string }, visitId?: string, signal?: AbortSignal) =>
  formulas.tried.parse(await postJson(`bowls/adjusted${inVisit(visitId)}`, { bowl, ...what }, signal))

export const triedChange = (visitId: string, bowl: shapes.Bowl | undefined, change: formulas.Change | null) =>
  queryOptions({
    queryKey: ['tried', visitId, bowl?.id, bowl?.version, change],
    queryFn: ({ signal }) => (bowl === undefined || change === null
      ? Promise.reject(new Error('There is nothing to try.'))
      : tryChange(bowl.sheet, { change }, visitId, signal)),
    retry: false,
    staleTime: 60_000,
  })

/** The answer to what grams less or more are of; the first one is the house's. */
export const rememberGrams = (visitId: string, of:
  | 'colour'
  | 'mixture') => keptPost(
    `visits/${visitId}/grams-mean`,
    { of },
    inLine(visitId, t`Grams are ${of === 'colour' ? t`of the colour` : t`of the mixture`}`),
  )

export const mergeBowls = async (visitId: string, bowl: shapes.Bowl, other: shapes.Bowl) =>
  asVisit(
    await keptPost(
      `bowls/${bowl.id}/merge`,
      { version: bowl.version, other: other.id, otherVersion: other.version },
      thenVisit(visitId, t`Bowl ${other.letter} mixed into ${bowl.letter}`),
    ),
  )

export const keepBlend = async (name: string, bowl: shapes.Sheet) => z.nullable(formulas.blendKept).parse(
  await keptPost('house-blends', { name, bowl }, { stream: 'house', about: t`House blend ${name}` }),
)

export const standIns = async (bowl: shapes.Sheet, product: string, why: string, visit:
  | string
  | undefined, signal: AbortSignal) =>
  formulas.standIns.parse(await postJson('bowls/substitutes', { bowl, product, why, visit }, signal))

export const compareVisits = (one: string, other: string) =>
  queryOptions({
    queryKey: ['compare', one, other],
    queryFn: async ({ signal }) => formulas.comparison.parse(await getJson(`visits/${one}/compare/${other}`, signal)),
  })

const target = z.object({ level: z.nullable(z.string()), tone: z.array(z.string()) })

export const matchedShape = z.array(
  z.object({
    client: z.number(),
    name: z.string(),
    how: z.string(),
    visit: z.string(),
    on: z.string(),
    closed: z.boolean(),
    zones: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        wish: z.extend(target, { words: z.string() }),
        came: z.nullable(target),
      }),
    ),
  }),
)

/** What is wished of the heads that this one is to look like. */
export const matched = (visitId: string) => queryOptions({
  queryKey: ['matched', visitId],
  queryFn: async ({ signal }) => matchedShape.parse(await getJson(`visits/${visitId}/matched`, signal)),
  staleTime: 60_000,
})
