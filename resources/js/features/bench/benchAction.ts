import type { Batch } from './api'
import type { ScaleState } from './useScale'

/** The one thing the big button (and the space bar) does now. */
export type BenchAction =
  | { kind: 'start'; words: string; withScale: boolean }
  | { kind: 'record'; words: string; grams: string; still: boolean }
  | { kind: 'carry-on'; words: string; reading: number }
  | { kind: 'retare'; words: string }
  | { kind: 'type'; words: string }
  | { kind: 'finish'; words: string }
  | { kind: 'again'; words: string; withScale: boolean }
  | { kind: 'none'; words: string }

/** @param knowsScale the scale has kept its zero since this bowl was put on it */
export function benchAction(batch: Batch | null, scale: ScaleState, knowsScale: boolean): BenchAction {
  const withScale = scale.state === 'reading'
  if (batch === null) return { kind: 'start', words: withScale ? 'Tare and start' : 'Start without the scale', withScale }
  switch (batch.status) {
    case 'over':
      return { kind: 'none', words: 'Choose above' }
    case 'complete':
      return { kind: 'finish', words: 'Finish the bowl' }
    case 'finished':
    case 'discarded':
      return { kind: 'again', words: 'Mix another batch', withScale }
    case 'weighing':
      break
    default:
      return batch.status satisfies never
  }
  if (scale.state === 'reading' && !knowsScale) return { kind: 'retare', words: 'Set to zero, go on' }
  if (scale.state !== 'reading' || scale.pour === null) return { kind: 'type', words: 'Type the grams' }
  switch (scale.pour.place) {
    case 'bowl-missing':
      return { kind: 'carry-on', words: 'Carry on from what the scale shows', reading: scale.reading }
    case 'waiting':
      return { kind: 'none', words: 'Pour' }
    case 'under':
    case 'inside':
    case 'over':
      return { kind: 'record', words: scale.pour.place === 'under' ? `Record ${scale.pour.net} so far` : `Record ${scale.pour.net}`, grams: scale.pour.net, still: scale.still }
    default:
      return scale.pour.place satisfies never
  }
}
