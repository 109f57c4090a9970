import { t } from '@lingui/core/macro'
import { can, type Batch } from './api'
import type { ScaleState } from './useScale'

/** The one thing the big button (and the space bar) does now. */
export type BenchAction =
  | { kind: 'start'; words: string; withScale: boolean }
  | { kind: 'stands'; words: string; stands: 'empty' | 'same'; still: boolean }
  | { kind: 'record'; words: string; grams: string; still: boolean }
  | { kind: 'type'; words: string }
  | { kind: 'finish'; words: string }
  | { kind: 'leave'; words: string }
  | { kind: 'none'; words: string }

/** Whether the scale is known to stand under this bowl: nothing it shows is a pour before. */
export const standsHere = (batch:
  | Batch
  | null, scale: ScaleState): boolean => scale.state === 'reading'
    && batch?.zero !== null
    && batch?.zero === scale.since

export function benchAction(batch: Batch | null, scale: ScaleState): BenchAction {
  const withScale = scale.state === 'reading'
  if (batch === null
    || batch.status === 'withdrawn') return {
      kind: 'start',
      words: withScale ? t`The empty bowl is on: begin` : t`Begin without the scale`,
      withScale,
    }
  switch (batch.status) {
    case 'over':
      return { kind: 'none', words: t`Choose above` }
    case 'complete':
      // What goes in once everything is in is said before the bowl is finished.
      if (scale.state === 'reading'
        && standsHere(batch, scale)
        && scale.pour?.place === 'over') return {
          kind: 'stands',
          words: t`${scale.pour.net} more went in: say what`,
          stands: 'same',
          still: scale.still,
        }
      return { kind: 'finish', words: t`Finish the bowl` }
    case 'finished':
    case 'discarded':
      return { kind: 'leave', words: t`Back to the visit` }
    case 'weighing':
      break
    default:
      return batch.status satisfies never
  }
  if (scale.state === 'reading' && !standsHere(batch, scale))
    return scale.since.endsWith('~') ? { kind: 'none', words: t`Waiting until it is still…` } : !can(batch, 'same-bowl')
      ? { kind: 'stands', words: t`It is the empty bowl`, stands: 'empty', still: scale.still }
      : { kind: 'stands', words: t`It is this bowl`, stands: 'same', still: scale.still }
  if (scale.state !== 'reading' || scale.pour === null) return { kind: 'type', words: t`Type the grams` }
  switch (scale.pour.place) {
    case 'bowl-missing':
      return { kind: 'none', words: t`Put the bowl back` }
    case 'waiting':
      return { kind: 'none', words: t`Pour` }
    case 'under':
    case 'inside':
    case 'over':
      return {
        kind: 'record',
        words: scale.pour.place === 'under' ? t`Record ${scale.pour.net} so far` : t`Record ${scale.pour.net}`,
        grams: scale.pour.net,
        still: scale.still,
      }
    default:
      return scale.pour.place satisfies never
  }
}
