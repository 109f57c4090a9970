import * as z from 'zod/mini'
import type { Keep } from '../../shared/keep/keep'
import type { Entry } from '../../shared/outbox/entry'
import { dropDraft, readDrafts, versionMade, writeDraft } from './drafts'

const withVersion = z.looseObject({ version: z.number() })
const canvasAnswer = z.looseObject({ canvas: z.looseObject({ version: z.number() }) })
const bowlBody = z.looseObject({ id: z.optional(z.string()), bowl: z.unknown() })
const canvasBody = z.looseObject({ canvas: z.unknown() })
const canvasKept = z.looseObject({ version: z.number(), canvas: z.unknown() })

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)

/**
 * What the server has now is no draft any more, whoever is looking at it, and also after a reload. What was typed since
 * it was sent stays, on the version that the server has made of it.
 */
export function settleSent(keep: Keep, entry: Entry, answer: unknown): void {
  const visit = /^visit:(.+)$/.exec(entry.stream)?.[1]
  if (visit === undefined) return
  const bowl = entry.method === 'PUT' ? /^bowls\/([^/]+)$/.exec(entry.path)?.[1] : undefined
  if (bowl !== undefined
    || /^rounds\/[^/]+\/bowls$/.test(entry.path)) return settleBowl(keep, visit, bowl, entry.body, answer)
  if (entry.path === `visits/${visit}/canvas`) return settleCanvas(keep, `canvas.${visit}`, entry.body, answer)
  if (entry.path === `visits/${visit}/close`) keep.drop(`close.${visit}`)
}

function settleBowl(keep: Keep, visit: string, changed: string | undefined, body: unknown, answer: unknown): void {
  const sent = bowlBody.safeParse(body)
  const id = changed ?? sent.data?.id
  if (!sent.success || id === undefined) return
  const made = withVersion.safeParse(answer)
  if (made.success) versionMade(id, made.data.version)
  const draft = readDrafts(keep, visit)[id]
  if (draft === undefined) return
  if (same(draft.sheet, sent.data.bowl)) dropDraft(keep, visit, draft.id)
  else if (made.success) writeDraft(keep, visit, { ...draft, version: made.data.version })
}

function settleCanvas(keep: Keep, key: string, body: unknown, answer: unknown): void {
  const sent = canvasBody.safeParse(body)
  const kept = canvasKept.safeParse(keep.read(key))
  if (!sent.success || !kept.success) return
  const made = canvasAnswer.safeParse(answer)
  if (same(kept.data.canvas, sent.data.canvas)) keep.drop(key)
  else if (made.success) keep.write(key, { ...kept.data, version: made.data.canvas.version })
}
