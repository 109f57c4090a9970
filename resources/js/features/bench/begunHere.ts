import type { Entry } from '../../shared/outbox/entry'
import type { Batch } from './api'
import type { BowlFacts } from './facts'

// What is planned of a part of the bowl, or at another strength, only the server can say.
const isStart = (body: unknown): body is {
  id: string
} => typeof body === 'object'
  && body !== null
  && 'id' in body
  && typeof body.id === 'string'
  && !['times', 'strength'].some((key) => Boolean((body as Record<string, unknown>)[key]))

/**
 * A batch that was begun on this device while the server could not be reached: the planned products in their order, and
 * nothing poured that the server knows of. Grams are typed; what stands on a scale is not judged without the server.
 */
export function begunHere(bowl: string, facts: BowlFacts, entries: readonly Entry[]): Batch | null {
  const start = entries.find((entry) => entry.refused === null && entry.path === `bowls/${bowl}/batches`)?.body
  if (!isStart(start)) return null
  return {
    id: start.id, number: facts.batches.length + 1, status: 'weighing', said: '', sequence: 0,
    bowl: {
      id: bowl,
      letter: facts.letter,
      job: facts.job,
      visit: facts.visit,
      client: facts.client,
      line: facts.line,
      ratio: facts.ratio,
    },
    lines: facts.lines.map((line) => ({
      key: line.key,
      label: line.label,
      open: false,
      said: '',
      part: null,
      target: line.grams,
      planned: null,
      poured: '0 g',
      left: line.grams,
      started: false,
      place: 'under' as const,
      done: false,
      short: null,
      wedge: 0,
    })),
    current: facts.lines[0]?.key
      ?? null, live: null, over: null, total: '0 g', target: facts.total, planned: facts.total, bowlWeight: null, leftover: null, used: '0 g',
    discardReason: null, vessel: '', zero: null, undoes: null, presses: [],
  }
}
