import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { judgement, type Judgement } from './api'

const BY = {
  table: t`by the table alone`,
  house: t`with the house’s visits`,
  client: t`with the client’s own`,
} as const

/** How far off the outlook has been: each closed visit, foretold from what was known before it. */
export function JudgementChart() {
  const loaded = useQuery(judgement)
  const rows = loaded.data?.by ?? []
  const zones = rows[0]?.count ?? 0
  return (
    <section aria-labelledby="house-judgement">
      <h2 id="house-judgement">{t`How far off the outlook has been`}</h2>
      {zones === 0 ? <p className="quiet">{t`No closed visit has said yet what a zone came to.`}</p> : (
        <>
          <p className="quiet">
            {t`${zones} zones of closed visits, each foretold from what was known before it. Shorter is nearer.`}
          </p>
          <ul className="miss-chart">
            {rows.map((row) => <Row key={row.by} row={row} most={Math.max(...rows.map((each) => each.levels))} />)}
          </ul>
        </>
      )}
    </section>
  )
}

function Row({ row, most }: { row: Judgement['by'][number]; most: number }) {
  return (
    <li>
      <span>{BY[row.by]}</span>
      <span className="miss-bar" aria-hidden="true">
        <i style={{ width: `${String(most === 0 ? 0 : (100 * row.levels) / most)}%` }} />
      </span>
      <strong>{t`${row.levels} levels`}</strong>
      <span className="quiet">{row.seen === null ? '' : t`ΔE ${String(row.seen)}`}</span>
    </li>
  )
}
