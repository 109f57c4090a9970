import { t } from '@lingui/core/macro'
import type { Batch } from './api'
import type { ScaleState } from './useScale'

/**
 * Where somebody is with their first bowl: which of the steps, what to do, and what the simulated scale can do for
 * them.
 */
export interface FirstStep {
  at: number
  words: string
  /** What is pressed next, as the button says it. */
  press?: string
  hand?: { words: string; command: string }
}

export const STEPS = 6

/** Empty, a scale shows next to nothing; the lightest bowl weighs more. In hundredths of a gram. */
const A_BOWL = 2_000

export function firstStep(batch: Batch | null, scale: ScaleState, asked: boolean, standsHere: boolean): FirstStep {
  const reading = scale.state === 'reading' ? scale : null
  if (batch?.status === 'finished') return {
    at: STEPS,
    words: t`That was a bowl, and it is on the record: what was planned, what went in, when, and by whom. Weigh back what is left of it, or leave the bench: in the visit it goes on.`,
  }
  if (batch?.status === 'complete') return {
    at: 5,
    words: t`Everything is in. Finish the bowl: from then on it is mixed, and its clock can begin.`,
    press: 'space',
  }
  if (batch?.status === 'discarded') return {
    at: STEPS,
    words: t`Thrown away, with its reason, and nothing of it counts. Begin another batch, or leave the bench.`,
  }
  if (batch?.status === 'over') return {
    at: 4,
    words: t`Too much is in. Each way says what it costs before you take it: keep the proportion and it becomes a larger bowl of the same colour.`,
    press: '1',
  }
  if (asked) return {
    at: 2,
    words: t`The scale saw something that may be no pour, and asks rather than guess. Say what it is.`,
  }
  if (batch === null || batch.status === 'withdrawn' || !standsHere) {
    const there = reading !== null && reading.reading >= A_BOWL
    return there
      ? {
        at: 2,
        words: t`The bowl is on. Say that it is empty: only then does a gram count, and the bowl’s own weight never does.`,
        press: 'space',
      }
      : { at: 1, words: t`Put an empty bowl on the scale.`, hand: { words: t`Put it on`, command: 'bowl 210' } }
  }
  const line = batch.lines.find((each) => each.key === batch.current)
  const pour = reading?.pour ?? null
  if (line === undefined) return { at: 3, words: t`Pour what stands there large.` }
  if (pour === null) return { at: 3, words: t`The scale is not heard. Type the grams of ${line.label}: press a digit.` }
  if (pour.place === 'inside') return {
    at: 3,
    words: t`On target: within what a hand may miss. Record it; it goes on to the next.`,
    press: 'space',
  }
  if (pour.place === 'over') return {
    at: 4,
    words: t`That is too much. Record it as it is: what is in the bowl is in the bowl, and you are asked what becomes of it.`,
    press: 'space',
  }
  return {
    at: 3,
    words: t`Pour ${line.label}: the large number is what is still to go. Too much, on purpose, is worth a try as well.`,
    hand: { words: t`Pour it`, command: `pour ${Number.parseFloat(pour.left).toString()}` },
  }
}
