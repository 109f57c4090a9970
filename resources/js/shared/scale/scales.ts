import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { deleteJson, getJson, postJson } from '../api/http'

export const scaleState = z.enum(['disconnected', 'garbled', 'overload', 'frozen', 'reading'])
const heard = z.object({
  scales: z.array(z.object({ id: z.string(), name: z.string(), state: scaleState, shown: z.string() })),
})
export type HeardScale = z.infer<typeof heard>['scales'][number]

/** The bridge answers beside the application: which scales it hears, and what each shows. */
export const heardScales = queryOptions({
  queryKey: ['scales'],
  queryFn: async ({ signal }) => {
    const answer = await fetch('/scale/list', { signal, credentials: 'same-origin' })
    if (!answer.ok) throw new Error('The scales cannot be heard.')
    return heard.parse(await answer.json()).scales
  },
  refetchInterval: 700,
  retry: false,
})

const format = z.object({
  id: z.number(),
  name: z.string(),
  example: z.array(z.string()),
  format: z.record(z.string(), z.unknown()),
})
export type ScaleFormat = z.infer<typeof format>
const formatsShape = z.object({ formats: z.array(format) })
const triedShape = z.object({
  tellsStill: z.boolean(),
  read: z.array(z.object({ line: z.string(), says: z.string() })),
})

/**
 * What the chosen scale shows, as it shows it; null while it cannot be believed. The first one is meant where none was
 * chosen.
 */
export function shownBy(scales: HeardScale[], chosen: string): string | null {
  const scale = scales.find((each) => each.id === (chosen === '' ? '1' : chosen))
  return scale?.state === 'reading' ? scale.shown : null
}

/** How the house’s scales write. */
export const scaleFormats = queryOptions({
  queryKey: ['scale-formats'],
  queryFn: async ({ signal }) => formatsShape.parse(await getJson('scale/formats', signal)).formats,
})
/** What would be read of these lines: the core learns, and nothing is kept. */
export const tryFormat = async (lines: string[], unit: string, signal?: AbortSignal) => triedShape.parse(
  await postJson('scale/formats/tried', { lines, unit }, signal),
)
export const keepFormat = async (name: string, lines: string[], unit: string) => format.parse(
  await postJson('scale/formats', { name, lines, unit }),
)
export const dropFormat = async (id: number) => formatsShape.parse(await deleteJson(`scale/formats/${id}`)).formats
