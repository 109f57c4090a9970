import type { Bowl, Clock } from './shapes'

const STEPS: Partial<Record<Bowl['clock']['state'], readonly [string, string][]>> = {
  waiting: [['began', 'First touch']],
  applying: [['completed', 'Last touch'], ['rinsed', 'Rinsed']],
  processing: [['checked', 'Looked'], ['rinsed', 'Rinsed']],
  due: [['rinsed', 'Rinsed'], ['checked', 'Looked']],
  over: [['rinsed', 'Rinsed']],
}

/** What can be marked next on a clock of its own, a batch’s or a side’s: kind and words. The last touch is marked once. */
export const laneSteps = (clock: Clock): readonly (readonly [string, string])[] =>
  (STEPS[clock.state] ?? []).filter(([kind]) => kind !== 'completed' || !clock.stamps.some((each) => each.kind === 'completed'))
