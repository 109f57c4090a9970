import { t } from '@lingui/core/macro'
import type { BowlTimes, Times } from '../../shared/visits/times'

type Meant = NonNullable<BowlTimes['meant']>

const late = (minutes: number, early: string, after: string, even: string) => (minutes === 0
  ? even
  : minutes < 0 ? early : after)

/** What was meant, and by how many minutes it was otherwise. */
export function meantWords(meant: Meant): string {
  const said: string[] = []
  const { begunLate: begun, appliedLonger: applied, rinsedLate: rinsed } = meant
  if (begun !== null) said.push(
    late(begun, t`begun ${-begun} min early`, t`begun ${begun} min late`, t`begun as planned`),
  )
  if (applied !== null) said.push(
    late(applied, t`applied ${-applied} min faster`, t`applied ${applied} min slower`, t`applied as planned`),
  )
  if (rinsed !== null) said.push(
    late(rinsed, t`rinsed ${-rinsed} min early`, t`rinsed ${rinsed} min late`, t`rinsed as planned`),
  )
  return said.length === 0 ? t`not begun` : said.join(', ')
}

/** Bowl by bowl: what was meant for the strands, what they had, and where the minutes went. */
export function MeantWas({ times }: { times: Times }) {
  const bowls = times.bowls.flatMap((bowl) => (bowl.meant === null || !bowl.begun
    ? []
    : [{ ...bowl, meant: bowl.meant }]))
  if (bowls.length === 0) return null
  return (
    <ul className="meant-was" aria-label={t`Planned and done`}>
      {bowls.map(({ letter, meant, rinsed, firstStrand, lastStrand }) => (
        <li key={letter}>
          <strong>{letter}</strong>
          <span>
            {meantWords(meant)}
            {rinsed && (firstStrand !== meant.firstStrand || lastStrand !== meant.lastStrand)
              ? t`; strands had ${lastStrand} to ${firstStrand} min, planned ${meant.lastStrand} to ${meant.firstStrand}`
              : ''}
          </span>
        </li>
      ))}
    </ul>
  )
}
