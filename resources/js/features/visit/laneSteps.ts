import { t } from '@lingui/core/macro'
import type { Bowl, Clock } from './shapes'

const STEPS: Partial<Record<Bowl['clock']['state'], readonly [string, string][]>> = {
  waiting: [['began', t`First touch`]],
  applying: [['completed', t`Last touch`], ['rinsed', t`Rinsed`]],
  processing: [['checked', t`Looked`], ['rinsed', t`Rinsed`]],
  due: [['rinsed', t`Rinsed`], ['checked', t`Looked`]],
  over: [['rinsed', t`Rinsed`]],
}

/**
 * What can be marked next on a clock of its own, a batch’s or a side’s: kind and words. The last touch is marked once.
 */
export const laneSteps = (clock: Clock): readonly (readonly [string, string])[] =>
  (STEPS[clock.state] ?? []).filter(([kind]) =>
    kind !== 'completed' || !clock.stamps.some((each) => each.kind === 'completed'),
  )
