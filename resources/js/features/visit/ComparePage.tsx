import { t } from '@lingui/core/macro'
import { named } from '../../shared/words/named'
import { masses } from '../../shared/format/mass'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { compareVisits } from './formulaApi'
import { MeantWas } from './MeantWas'
import { axisOf } from './timeAxis'
import { TimeLanes } from './TimeLanes'

/** Two visits side by side, bowl by bowl: what differs stands out, what is the same can be folded away. */
export function ComparePage() {
  const { one = '', other = '' } = useParams()
  const found = useQuery(compareVisits(one, other))
  const [all, setAll] = useState(false)
  if (found.data === undefined) return found.error === null ? (
    <Waiting what={t`the comparison`} />
  ) : (
    <ErrorNotice error={found.error} />
  )
  const { before, after, pairs } = found.data
  // Both on clocks of one length, so that what took longer is longer.
  const length = Math.max(0, ...[before, after].map((side) => axisOf(side.times, null)?.length ?? 0))
  return (
    <div className="page compare">
      <header className="page-head">
        <h1>{before.client === after.client ? before.client : t`${before.client} and ${after.client}`}</h1>
        <button type="button" className="chip" aria-pressed={all} onClick={() => { setAll(!all) }}>
          {t`show what is the same`}
        </button>
      </header>
      <div className="compare-heads">
        {[before, after].map((side) => (
          <div key={side.id}>
            <Link to={`/visits/${side.id}`}>
              <strong>{showDay(side.on)}</strong>
            </Link> {side.service} {side.verdict === null ? null : (
              <span className={`verdict verdict-${side.verdict}`}>{named(side.verdict)}</span>
            )}
            <p>
              {side.outcome}{side.change === '' ? null : <span className="change">{t`Change: ${side.change}`}</span>}
            </p>
          </div>
        ))}
      </div>
      {[before, after].every((side) => side.times.bowls.length === 0) ? null : (
        <section className="card-paper compare-times" aria-label={t`Times`}>
          <h2>{t`Times`}</h2>
          {[before, after].map((side) => (
            <div key={side.id}>
              <strong>{showDay(side.on)}</strong>
              {side.times.bowls.length === 0 ? <span className="quiet"> {t`nothing was timed`}</span> : null}
              <TimeLanes times={side.times} now={null} jobs={{}} chosen={null} length={length} />
              <MeantWas times={side.times} />
            </div>
          ))}
        </section>
      )}
      {pairs.map((pair) => {
        const rows = pair.rows.filter((row) => all || row.differs)
        return (
          <section key={`${pair.before ?? ''}${pair.after ?? ''}`} className="card-paper compare-pair">
            <h2>
              {pair.before === pair.after
                ? t`Bowl ${pair.after ?? ''}`
                : pair.before === null
                ? t`Bowl ${pair.after ?? ''}, new`
                : pair.after === null ? t`Bowl ${pair.before}, gone` : t`Bowl ${pair.before}, now ${pair.after}`}{' '}
              <span className="quiet">{pair.job}</span>
            </h2>
            {rows.length === 0 ? <p className="quiet">{t`The same in everything.`}</p> : (
              <table className="readout">
                <thead>
                  <tr>
                    <th scope="col">{t`What`}</th><th scope="col">{showDay(before.on)}</th>
                    <th scope="col">{showDay(after.on)}</th><th scope="col" className="number">{t`Difference`}</th>
                  </tr>
                </thead>
                <tbody>
                  {rows.map((row) => (
                    <tr key={row.what} className={row.differs ? 'differs' : ''}>
                      <th scope="row">
                        {row.what}
                      </th><td>
                        {row.before === '' ? '–' : masses(row.before)}
                      </td><td>
                        {row.after === '' ? '–' : masses(row.after)}
                      </td><td className="number grams">{masses(row.difference)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </section>
        )
      })}
    </div>
  )
}
