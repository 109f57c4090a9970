import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, postJson } from '../../shared/api/http'
import { keptPost } from '../../shared/outbox/kept'

const line = z.object({
  key: z.string(),
  label: z.string(), open: z.boolean(),
  part: z.number().nullable(),
  target: z.string(),
  planned: z.string().nullable(),
  poured: z.string(),
  left: z.string(),
  started: z.boolean(),
  place: z.enum(['under', 'inside', 'over']),
  done: z.boolean(),
  wedge: z.number(),
})
export type BatchLine = z.infer<typeof line>

const live = z.object({
  from: z.number(),
  already: z.number(),
  low: z.number(),
  target: z.number(),
  high: z.number(),
  full: z.number(),
  lowShown: z.string(),
  highShown: z.string(),
  lowAt: z.number(),
  targetAt: z.number(),
  highAt: z.number(),
})
export type Live = z.infer<typeof live>

const over = z.object({
  line: z.string(),
  label: z.string(),
  by: z.string(),
  keep: z.object({ total: z.string(), extra: z.string(), toPour: z.array(z.object({ label: z.string(), grams: z.string(), topUp: z.boolean() })) }),
  accept: z.array(z.object({ what: z.string(), planned: z.string(), now: z.string() })),
})
export type Over = z.infer<typeof over>

export const batchShape = z.object({
  id: z.string(),
  number: z.number(),
  bowl: z.object({ id: z.string(), letter: z.string(), job: z.string(), visit: z.string(), client: z.string(), line: z.string(), ratio: z.string() }),
  status: z.enum(['weighing', 'over', 'complete', 'finished', 'discarded']),
  sequence: z.number(),
  lines: z.array(line),
  current: z.string().nullable(),
  live: live.nullable(),
  over: over.nullable(),
  total: z.string(),
  target: z.string(),
  planned: z.string(),
  bowlWeight: z.string().nullable(),
  leftover: z.string().nullable(),
  used: z.string(),
  discardReason: z.string().nullable(),
  canUndo: z.boolean(),
})
export type Batch = z.infer<typeof batchShape>

export const batchOf = (bowl: string) =>
  queryOptions({
    queryKey: ['batch', bowl],
    queryFn: async ({ signal }) => batchShape.nullable().parse(await getJson(`bowls/${bowl}/batch`, signal)),
    // Another device may weigh the same bowl: seen within seconds, and refused on the spot if both record.
    refetchInterval: 4_000,
  })

/** All that is poured into a bowl waits in one line. */
export const benchStream = (bowl: string) => `bench:${bowl}`

export const startBatch = async (bowl: string, id: string, about: string): Promise<Batch> =>
  batchShape.parse(await keptPost(`bowls/${bowl}/batches`, { id }, { stream: benchStream(bowl), about, at: `/bench/${bowl}`, reload: `batches/${id}` }))

/** Grams as they were typed, with the unit that a bare number means. */
export const inGrams = (typed: string) => (/^[\d.,\s]+$/.test(typed) ? `${typed.trim()} g` : typed)

/** What happened, as it is sent: the id makes sending it twice harmless. */
export type BatchEvent = { id: string; after: number } & (
  | { kind: 'tared'; grams: string }
  | { kind: 'poured'; line: string; grams: string; source: 'scale' | 'hand' }
  | { kind: 'accepted-short' | 'added'; line: string }
  | { kind: 'kept-proportion' | 'accepted-over' | 'undone' | 'finished' }
  | { kind: 'discarded'; reason: string }
  | { kind: 'carried-on'; reading: number }
  | { kind: 'weighed-back'; grams: string }
)

/** Grams that are in the bowl stay on the device until they are on the record, whatever the server says. */
export const recordEvent = async (batch: { id: string; bowl: { id: string; letter: string; client: string }; lines: { key: string; label: string }[] }, event: BatchEvent): Promise<Batch> => {
  const label = 'line' in event ? (batch.lines.find((line) => line.key === event.line)?.label ?? event.line) : ''
  const pour = event.kind === 'poured' ? { batch: batch.id, line: event.line, label, grams: inGrams(event.grams) } : null
  const what = pour === null ? (WHAT[event.kind] ?? event.kind) : `${pour.grams} of ${label}`

  return batchShape.parse(await keptPost(`batches/${batch.id}/events`, event, {
    stream: benchStream(batch.bowl.id), about: `${what}, bowl ${batch.bowl.letter}, ${batch.bowl.client}`, at: `/bench/${batch.bowl.id}`, pour, reload: `batches/${batch.id}`,
  }))
}

const WHAT: Partial<Record<BatchEvent['kind'], string>> = {
  tared: 'Empty bowl weighed', 'accepted-short': 'Taken as it is', added: 'Something else goes in', 'kept-proportion': 'Proportion kept', 'accepted-over': 'Over-pour accepted',
  undone: 'Last step taken back', finished: 'Bowl finished', discarded: 'Bowl discarded', 'carried-on': 'Carried on from what the scale shows', 'weighed-back': 'Left over, weighed back',
}

const tared = z.object({ bowl: z.string() })
export const tare = async (): Promise<string> => tared.parse(await postJson('scale/tare', {})).bowl
