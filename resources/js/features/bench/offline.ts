import type { Entry } from '../../shared/outbox/entry'
import type { Batch } from './api'

/**
 * How far a bowl is by this device alone, while the server cannot say: nothing is computed, what was noted is put in
 * order.
 */
export type OfflineBowl = {
  /** What comes next, or null once everything has been noted. */
  current: string | null
  /** What was noted for each line and not sent yet, as it was typed. */
  noted: Record<string, string[]>
  canUndo: boolean
}

const isEvent = (body: unknown): body is {
  kind: string
  line?: string
  grams?: string
  after: number
} => typeof body === 'object' && body !== null && 'kind' in body && 'after' in body

/** The events of a batch that wait to be sent, in order. */
export function unsentEvents(entries: readonly Entry[], batch: string) {
  return entries.filter((entry) =>
    entry.refused === null && entry.path === `batches/${batch}/events`,
  ).flatMap((entry) => (isEvent(entry.body) ? [entry.body] : []))
}

export function offlineBowl(batch: Pick<Batch, 'lines'>, entries: readonly Entry[], id: string): OfflineBowl {
  const standing: { kind: string; line?: string; grams?: string }[] = []
  for (const event of unsentEvents(entries, id)) {
    if (event.kind === 'undone') standing.pop()
    else standing.push(event)
  }
  const noted: Record<string, string[]> = {}
  for (const event of standing) if (event.kind === 'poured'
    && event.line !== undefined
    && event.grams !== undefined) noted[event.line] = [...(noted[event.line] ?? []), event.grams]
  const touched = new Set(standing.flatMap((event) => (event.line === undefined ? [] : [event.line])))
  return {
    current: batch.lines.find((line) => !line.done && !touched.has(line.key))?.key ?? null,
    noted,
    canUndo: standing.length > 0,
  }
}

/** Which state of the batch the next event stands on. */
export function nextAfter(batch: Pick<Batch, 'sequence'>, entries: readonly Entry[], id: string): number {
  const last = unsentEvents(entries, id).at(-1)
  return last === undefined ? batch.sequence : Math.max(batch.sequence, last.after + 1)
}
