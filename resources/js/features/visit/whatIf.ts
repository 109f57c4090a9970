import type { ShelfLine } from '../../shared/shelf/shelf'
import type { Sheet } from './shapes'

/** What is tried on a bowl, and kept nowhere until somebody keeps it. */
export type Trial = {
  minutes?: number
  developer?: string
  hair?: 'dry' | 'damp'
  /** How much of a shade, as it would be typed, by product. */
  shares?: Record<string, string>
  /** As if nobody had planned this bowl. */
  without?: true
  /** A filler under it, as the outlook suggests one. */
  filler?: Filler
}

export type Filler = { words: string; sheet: Omit<Sheet, 'letter'>; first: boolean }

/** The bowl as it would be typed: nothing is worked here, the server says what comes of it. */
export function tried(sheet: Sheet, line: ShelfLine, trial: Trial): Sheet {
  const at = line.order.indexOf('developer')
  const next: Sheet = { ...sheet }
  if (trial.minutes !== undefined) next.minutes = trial.minutes
  if (trial.hair !== undefined) {
    next.hair = trial.hair
    if (next.place !== undefined
      && next.place !== null) next.place = next.place.map((stroke) => ({ ...stroke, hair: undefined }))
  }
  if (trial.shares !== undefined) next.parts = next.parts.map((part, index) => (index === at
    ? part
    : withShares(part, trial.shares ?? {})))
  if (trial.developer !== undefined
    && at >= 0) next.parts = next.parts.map((part, index) => (index === at
      ? { ...part, ingredients: [{ product: trial.developer ?? '', share: 'all' }] }
      : part))
  return next
}

/** None of a shade is the bowl without it. */
function withShares(part: Sheet['parts'][number], shares: Record<string, string>): Sheet['parts'][number] {
  return {
    ...part,
    ingredients: part.ingredients.flatMap((each) => {
      const share = each.product === undefined ? undefined : shares[each.product]
      if (share === undefined) return [each]
      return Number.parseFloat(share) > 0 ? [{ ...each, share }] : []
    }),
  }
}

/** A share as a slider moves it: its number, and the unit it was typed with. */
export type Sliding = { product: string; value: number; unit: string; max: number; step: number }

/**
 * Those shades of a bowl that stand beside others with a plain number; of a single shade there is nothing to have more
 * of.
 */
export function slidingShades(sheet: Sheet, line: ShelfLine): Sliding[] {
  const parts = sheet.parts.filter((part, index) => line.order[index] !== 'developer' && part.ingredients.length > 1)
  return parts.flatMap((part) =>
    part.ingredients.flatMap(({ product, share }) => {
      const read = /^(\d+(?:[.,]\d+)?)\s*(|g|%|parts?)$/i.exec(share.trim())
      const value = Number((read?.[1] ?? '').replace(',', '.'))
      if (product === undefined || read === null || !(value > 0)) return []
      const step = value >= 10 ? 1 : value >= 2 ? 0.5 : 0.25
      return [{ product, value, unit: read[2] ?? '', max: Math.ceil(value / step) * step * 2, step }]
    }),
  )
}

/** Whether anything is tried at all. */
export const isTried = (trial: Trial): boolean => Object.values(trial).some((each) => each !== undefined)
