import { t } from '@lingui/core/macro'
import { Link } from 'react-router'
import { showAgo, showDay } from '../../shared/format/time'
import { StrandRibbon } from '../../shared/ui/StrandRibbon'
import { BowlRow } from '../../shared/visits/BowlRow'
import type { VisitLine } from '../../shared/visits/visitLine'

const VERDICT = { good: t`✓ good`, mixed: t`~ mixed`, poor: t`✕ poor` } as const
const STATUS = {
  expected: t`expected`,
  'in-chair': t`in the chair`,
  closed: t`closed`,
  ended: t`did not take place`,
} as const

/** The client's visits as a line, newest first: what was done, what came of it, what to change. */
export function VisitLineage({ visits }: { visits: VisitLine[] }) {
  return (
    <ol className="lineage">
      {visits.map((visit) => (
        <li key={visit.id} className={`lineage-visit ${visit.from === null ? '' : 'lineage-from'}`}>
          <div className="lineage-mark" aria-hidden="true" />
          <div className="lineage-card">
            <header>
              <Link to={`/visits/${visit.id}`}>
                <strong>{showDay(visit.startsAt)}</strong>
              </Link>
              <span className="quiet">
                {visit.status === 'closed' ? showAgo(visit.startsAt, new Date()) : STATUS[visit.status]}
              </span>
              <span>{visit.service}</span>
              <span className="quiet">{visit.colourist.name}</span>
              {visit.verdict === null ? null : (
                <span className={`verdict verdict-${visit.verdict}`}>{VERDICT[visit.verdict]}</span>
              )}
              {visit.from === null ? null : <Link to={`/compare/${visit.from.id}/${visit.id}`}>{t`compare`}</Link>}
              <Link to={`/visits/${visit.id}/card`}>{t`card`}</Link>
            </header>
            <div className="lineage-body">
              <div>
                {visit.bowls.map((bowl) => (
                  <BowlRow key={bowl.id} bowl={bowl} showState={visit.status !== 'closed'} />
                ))}
              </div>
              <StrandRibbon bowls={visit.bowls} compact />
            </div>
            {visit.changes.length === 0 ? null : (
              <ul className="lineage-changes">
                {visit.changes.map((change) => <li key={change}>{change}</li>)}
              </ul>
            )}
            {visit.outcome === '' ? null : (
              <p className="lineage-words">
                {visit.outcome}
                {visit.keep === '' ? null : <span className="keep">{t`Keep: ${visit.keep}`}</span>}
                {visit.change === '' ? null : <span className="change">{t`Change: ${visit.change}`}</span>}
              </p>
            )}
          </div>
        </li>
      ))}
    </ol>
  )
}
