import type { ShelfLine } from '../../shared/shelf/shelf'
import type { Sheet } from './shapes'

/** What is tried on a bowl, and kept nowhere until somebody keeps it. */
export type Trial = { minutes?: number; developer?: string; hair?: 'dry' | 'damp' }

/** The bowl as it would be typed: nothing is worked here, the server says what comes of it. */
export function tried(sheet: Sheet, line: ShelfLine, trial: Trial): Sheet {
  const at = line.order.indexOf('developer')
  const next: Sheet = { ...sheet }
  if (trial.minutes !== undefined) next.minutes = trial.minutes
  if (trial.hair !== undefined) {
    next.hair = trial.hair
    if (next.place !== undefined && next.place !== null) next.place = next.place.map((stroke) => ({ ...stroke, hair: undefined }))
  }
  if (trial.developer !== undefined && at >= 0) next.parts = next.parts.map((part, index) => (index === at ? { ...part, ingredients: [{ product: trial.developer ?? '', share: 'all' }] } : part))
  return next
}

/** Whether anything is tried at all. */
export const isTried = (trial: Trial): boolean => Object.values(trial).some((each) => each !== undefined)
