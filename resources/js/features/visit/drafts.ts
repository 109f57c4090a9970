import * as z from 'zod/mini'
import type { Keep } from '../../shared/keep/keep'
import { sheet, type Sheet } from './sheet'

/** A bowl being typed: kept on the device from the first letter until the server has it. */
const draft = z.object({
  id: z.string(),
  round: z.string(),
  /** The version that was changed; null for a bowl the server does not know yet. */
  version: z.nullable(z.number()),
  sheet,
})
export type Draft = z.infer<typeof draft>

const stored = z.record(z.string(), draft)

/** The drafts of one visit, by bowl id. What cannot be read any more is left out. */
export function readDrafts(keep: Keep, visit: string): Record<string, Draft> {
  const read = stored.safeParse(keep.read(`drafts.${visit}`))
  return read.success ? read.data : {}
}

export function writeDraft(keep: Keep, visit: string, changed: Draft): Record<string, Draft> {
  const all = { ...readDrafts(keep, visit), [changed.id]: changed }
  keep.write(`drafts.${visit}`, all)
  return all
}

const made = new Map<string, number>()

/** The version that the server has made of what this page sent of a bowl. */
export const versionMade = (id: string, version: number): void => { made.set(id, version) }

/**
 * What is typed before the page has read its own save again goes on from that save: it was typed over it, and nobody
 * else changed the bowl.
 */
export function onWhatWasMade(draft: Draft): Draft {
  const version = made.get(draft.id)
  return version === undefined || (draft.version ?? 0) >= version ? draft : { ...draft, version }
}

export function dropDraft(keep: Keep, visit: string, id: string): Record<string, Draft> {
  const all = Object.fromEntries(Object.entries(readDrafts(keep, visit)).filter(([key]) => key !== id))
  if (Object.keys(all).length === 0) keep.drop(`drafts.${visit}`)
  else keep.write(`drafts.${visit}`, all)
  return all
}

/** The next free letter of a visit. */
export function freeLetter(taken: string[]): string {
  return [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((letter) => !taken.includes(letter)) ?? 'AA'
}

/** A part of the ratio as a bowl begins with it: the developer's is filled, the others wait. */
export function emptyPart(line: Beginning, index: number): Sheet['parts'][number] {
  return {
    ingredients: line.order[index] === 'developer' && line.usualDeveloper !== null
      ? [{ product: line.usualDeveloper, share: 'all' }]
      : [],
  }
}

type Beginning = { id: string; ratio: string; usualDeveloper: string | null; order: string[] }

export function emptySheet(letter: string, line: Beginning): Sheet {
  return {
    letter,
    job: '',
    line: line.id,
    ratio: line.ratio,
    amount: { of: 'colour', grams: '', ingredient: null },
    parts: partsOf(line.ratio, line),
    additives: [],
    place: [],
    minutes: null,
    note: '',
  }
}

/** As many parts as the ratio is written with; what it comes to is the core's to say. */
export function partsOf(ratio: string, line: Beginning, before: Sheet['parts'] = []): Sheet['parts'] {
  const wanted = /no developer|without|none/i.test(ratio) ? 1 : Math.min(4, Math.max(2, ratio.split(/[:+]/).length))
  return Array.from({ length: wanted }, (_, index) => before[index] ?? emptyPart(line, index))
}
