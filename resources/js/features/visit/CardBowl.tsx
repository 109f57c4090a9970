import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { showClock } from '../../shared/format/time'
import { inkOf } from '../../shared/ui/ink'
import type { BowlTimes } from '../../shared/visits/times'
import type { Bowl, Visit } from './shapes'

export function CardBowl({
  bowl,
  closed,
  seen,
  planned,
}: { bowl: Bowl; closed: boolean; seen: Visit['picture']['seen']; planned: BowlTimes | undefined }) {
  const worked = bowl.poured ?? bowl.worked
  // A bowl that was never mixed has no grams to read once the visit is over.
  const unmixed = closed && bowl.state !== 'mixed'
  const rows = worked === null || unmixed
    ? []
    : [...worked.parts.flatMap((part) => part.ingredients), ...worked.additives]
  const entries = bowl.sheet.parts.flatMap((part) => part.ingredients)
  return (
    <div className="card-bowl">
      <span className={`brush ink-${inkOf(bowl.letter).name}`}>{bowl.letter}</span>
      <div>
        <p className="card-job">
          <strong>
            {bowl.job}
          </strong> · {bowl.line.name} · {worked === null
            ? bowl.problem
            : unmixed
            ? t`planned, never mixed`
            : masses(`${worked.ratio}, ${worked.total}${bowl.poured === null || bowl.worked === null ? '' : t` (planned ${bowl.worked.total})`}`)}
          {worked?.strength === null || worked === null ? '' : ` · ${masses(worked.strength.developer)}`}
          {bowl.purpose === 'trial' ? t` · test strand` : ''}
        </p>
        <p className="card-formula">
          {rows.map((row) => {
            const wanted = entries.find((entry) => entry.product === row.product)
            return (
              <span key={row.product}>
                <b>
                  <Mass of={row.grams} />
                </b> {row.label}{wanted?.wanted === undefined || wanted.wanted === ''
                  ? ''
                  : t` (for ${wanted.wanted}, ${wanted.why ?? ''})`}
              </span>
            )
          })}
          {unmixed
            ? null
            : worked?.extras.map((extra) => <span key={extra.product}>
              <b><Mass of={extra.grams} /></b> {extra.label},{' '}
              {extra.counts === 'inside' ? t`inside the ratio` : extra.counts === 'on-top' ? t`on top` : t`beside`}
            </span>)}
        </p>
        <p>
          {bowl.place}
          {`${bowl.place === '' ? '' : ' · '}${bowl.minutes === '' ? bowl.ownMinutes : bowl.minutes}`}
          {bowl.clock.processed === null
            ? ''
            : t` (was on ${bowl.clock.processed}${bowl.clock.longest === null ? '' : t`, first strand ${bowl.clock.longest}`})`}
          {planned === undefined ? '' : t` · begin ${showClock(planned.begin)}, rinse ${showClock(planned.rinse)}`}
          {bowl.about.length === 0 ? '' : ` · ${bowl.about.join(' · ')}`}
        </p>
        {bowl.batches.length === 0 ? null : (
          <p>
            {masses(
              bowl.batches.map((batch) => t`batch ${batch.number}${batch.said === '' ? '' : ` (${batch.said})`}: ${batch.mixed} mixed${batch.reason === null ? '' : t`, thrown away: ${batch.reason}`}${batch.used === null ? '' : t`, ${batch.used} used`}`).join('; '),
            )}
          </p>
        )}
        {seen.length === 0 ? null : (
          <p>
            {t`Seen:`}{' '}
            {seen.map((each) => [
              showClock(each.at),
              [each.zone, each.strand].filter((name) => name !== '').join(', '),
              each.level ?? '',
              each.words,
            ].filter((said) => said !== '').join(' ')).join('; ')}
          </p>
        )}
        {worked?.uses.length === 0 || worked === null ? null : (
          <p>{t`Serves`} {worked.uses.map((use) => `${use.job} ${masses(use.grams)}`).join(', ')}</p>
        )}
        {bowl.trial === null ? null : (
          <p>{t`Strand came to level ${bowl.trial.level} ${bowl.trial.tone}. ${bowl.trial.words}`}</p>
        )}
        {bowl.note === '' ? null : <p>{bowl.note}</p>}
      </div>
    </div>
  )
}
