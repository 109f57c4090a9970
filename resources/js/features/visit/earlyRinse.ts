import { t } from '@lingui/core/macro'
import { showClock } from '../../shared/format/time'
import type { BowlTimes } from '../../shared/visits/times'

/**
 * Asked before a rinse that is far before its window: which bowl, and since when its window opens; null where none is.
 */
export function earlyOf(
  bowls: readonly Pick<BowlTimes, 'letter' | 'begun' | 'rinsed' | 'early' | 'least'>[],
  now: number,
): string | null {
  const bowl = bowls.find((each) =>
    each.begun && !each.rinsed && each.early !== null && now < new Date(each.early).getTime(),
  )
  return bowl === undefined
    ? null
    : t`Bowl ${bowl.letter} has not had half of its least time: that ends at ${showClock(bowl.least ?? bowl.early ?? '')}.`
}
