import * as z from 'zod/mini'
import type { Shelf } from '../../shared/shelf/shelf'
import { emptySheet } from './drafts'
import { sheet, type Sheet } from './shapes'

const fragment = z.object({
  line: z.string(),
  part: z.number(),
  ingredients: z.array(z.object({ product: z.string(), share: z.string() })),
})

/** The formula that an address holds: a whole one, a fragment put into an empty one, or an empty one. */
export function sheetFromLink(params: URLSearchParams, shelf: Shelf): Sheet | null {
  const whole = sheet.safeParse(parsed(params.get('formula')))
  if (whole.success) return whole.data
  const piece = fragment.safeParse(parsed(params.get('fragment')))
  const line = shelf.lines.find((each) => piece.success && each.id === piece.data.line) ?? shelf.lines[0]
  if (line === undefined) return null
  const empty = emptySheet('A', line)
  if (!piece.success) return empty
  const parts = empty.parts.map((part, index) => (index === piece.data.part
    ? { ingredients: piece.data.ingredients }
    : part))
  // A colour part in grams says its own amount.
  return {
    ...empty,
    parts,
    amount: piece.data.part === 0 ? { of: 'shares', grams: '', ingredient: null } : empty.amount,
  }
}

function parsed(text: string | null): unknown {
  try {
    return text === null ? undefined : (JSON.parse(text) as unknown)
  } catch {
    return undefined
  }
}
