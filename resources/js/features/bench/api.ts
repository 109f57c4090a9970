import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptPost } from '../../shared/outbox/kept'
import { newerBatch } from './newerBatch'

const line = z.object({
  key: z.string(),
  label: z.string(), open: z.boolean(), said: z.string(),
  part: z.nullable(z.number()),
  target: z.string(),
  planned: z.nullable(z.string()),
  poured: z.string(),
  left: z.string(),
  started: z.boolean(),
  place: z.enum(['under', 'inside', 'over']),
  done: z.boolean(), short: z.nullable(z.object({ message: z.string(), mend: z.string() })),
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
  whole: z.number(),
  in: z.number(),
  lowShown: z.string(),
  highShown: z.string(),
  lowAt: z.number(),
  targetAt: z.number(),
  highAt: z.number(),
})
export type Live = z.infer<typeof live>

const toPour = z.array(z.object({ label: z.string(), grams: z.string(), topUp: z.boolean() }))
const changes = z.array(z.object({ what: z.string(), planned: z.string(), now: z.string() }))
const over = z.object({
  line: z.string(),
  label: z.string(),
  by: z.string(),
  keep: z.object({ total: z.string(), extra: z.string(), toPour }),
  /** What is still to come, solved anew; null where that is no better than the proportion. */
  steer: z.nullable(z.object({ total: z.string(), extra: z.string(), toPour, changes })),
  accept: changes,
})
export type Over = z.infer<typeof over>

export const batchShape = z.object({
  id: z.string(),
  number: z.number(),
  bowl: z.object({
    id: z.string(),
    letter: z.string(),
    job: z.string(),
    visit: z.string(),
    client: z.string(),
    line: z.string(),
    ratio: z.string(),
  }),
  status: z.enum(['weighing', 'over', 'complete', 'finished', 'discarded', 'withdrawn']),
  said: z.string(),
  sequence: z.number(),
  lines: z.array(line),
  current: z.nullable(z.string()),
  live: z.nullable(live),
  over: z.nullable(over),
  total: z.string(),
  target: z.string(),
  planned: z.string(),
  bowlWeight: z.nullable(z.string()),
  leftover: z.nullable(z.string()),
  used: z.string(),
  discardReason: z.nullable(z.string()),
  vessel: z.string(),
  /** The scale's word for the standing in which it is this batch's; null where it is not. */
  zero: z.nullable(z.string()),
  /** What would be taken back. */
  undoes: z.nullable(z.string()),
  /** Everything a hand can do to it as it stands. */
  presses: z.array(z.string()),
})
export type Batch = z.infer<typeof batchShape>

export type BenchPress =
  | 'undo'
  | 'withdraw'
  | 'discard'
  | 'take-short'
  | 'add'
  | 'again'
  | 'weigh-back'
  | 'type'
  | 'type-back'
  | 'same-bowl'
  | 'empty-bowl'
  | 'other-bowl'
export const can = (batch:
  | Pick<Batch, 'presses'>
  | null, press: BenchPress): boolean => batch?.presses.includes(press) === true

export const batchOf = (bowl: string) =>
  queryOptions({
    queryKey: ['batch', bowl],
    queryFn: async ({ signal }) => z.nullable(batchShape).parse(await getJson(`bowls/${bowl}/batch`, signal)),
    // Another device may weigh the same bowl: seen within seconds, and refused on the spot if both record.
    refetchInterval: 4_000,
    structuralSharing: newerBatch,
  })

/** All that is poured into a bowl waits in one line. */
export const benchStream = (bowl: string) => `bench:${bowl}`

/** One batch of a bowl that is not the latest. */
export const batchBy = (id: string) => queryOptions({
  queryKey: ['batch-by', id],
  queryFn: async ({ signal }) => batchShape.parse(await getJson(`batches/${id}`, signal)),
  structuralSharing: newerBatch,
})

export const startBatch = async (bowl: string, id: string, about: string, how: {
  times: string
  strength: string
}): Promise<Batch> =>
  batchShape.parse(
    await keptPost(
      `bowls/${bowl}/batches`,
      { id, ...how },
      { stream: benchStream(bowl), about, at: `/bench/${bowl}`, reload: `batches/${id}` },
    ),
  )

/** Grams as they were typed, with the unit that a bare number means. */
export const inGrams = (typed: string) => (/^[\d.,\s]+$/.test(typed) ? `${typed.trim()} g` : typed)

/** What happened, as it is sent: the id makes sending it twice harmless. */
export type BatchEvent = { id: string; after: number } & (
  | { kind: 'poured'; line: string; grams: string; source: 'hand'; sure?: boolean }
  | { kind: 'poured'; line: string; grams: string; source: 'scale'; zero: string; sure?: boolean }
  | { kind: 'accepted-short' | 'added'; line: string }
  | { kind: 'kept-proportion' | 'accepted-over' | 'steered' | 'undone' | 'finished' | 'withdrawn' }
  | { kind: 'discarded'; reason: string }
  | { kind: 'weighed-back'; grams: string }
)

/** Grams that are in the bowl stay on the device until they are on the record, whatever the server says. */
export const recordEvent = async (batch: {
  id: string
  bowl: { id: string; letter: string; client: string }
  lines: { key: string; label: string }[]
}, event: BatchEvent): Promise<Batch> => {
  const label = 'line' in event ? (batch.lines.find((line) => line.key === event.line)?.label ?? event.line) : ''
  const pour = event.kind === 'poured'
    ? { batch: batch.id, line: event.line, label, grams: inGrams(event.grams) }
    : null
  const what = pour === null ? (WHAT[event.kind] ?? event.kind) : t`${pour.grams} of ${label}`

  return batchShape.parse(await keptPost(`batches/${batch.id}/events`, event, {
    stream: benchStream(
      batch.bowl.id,
    ), about: t`${what}, bowl ${batch.bowl.letter}, ${batch.bowl.client}`, at: `/bench/${batch.bowl.id}`, pour, reload: `batches/${batch.id}`,
  }))
}

const WHAT: Partial<Record<BatchEvent['kind'], string>> = {
  withdrawn: t`Batch left`, 'accepted-short': t`Taken as it is`, added: t`Something else goes in`, 'kept-proportion': t`Proportion kept`, 'accepted-over': t`Over-pour accepted`, steered: t`Steered back`,
  undone: t`Last step taken back`, finished: t`Bowl finished`, discarded: t`Bowl discarded`, 'weighed-back': t`Left over, weighed back`,
}

const question = z.object({ about: z.string(), message: z.string(), mend: z.string(), extra: z.nullable(z.string()) })
export type PanQuestion = z.infer<typeof question>
const onPan = z.object({ batch: batchShape, question: z.nullable(question) })

export type Stands = { stands: 'empty' | 'same' | 'other' | 'back'; mark?: string; line?: string; sure?: boolean }

/** Says what stands on the scale. Not kept for later: it is true only now. */
export const putOnScale = async (batch: Batch, said: Stands, scale: { reading: number; since: string }, id: string) =>
  onPan.parse(
    await postJson(`batches/${batch.id}/pan`, {
      ...said,
      id,
      after: batch.sequence,
      reading: scale.reading,
      zero: scale.since,
    }),
  )
