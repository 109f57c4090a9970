import { t } from '@lingui/core/macro'
import { Link } from 'react-router'
import { Mass } from '../../shared/ui/Mass'
import type { BowlFacts } from './facts'

/** The bowl's batches, each to be weighed back by itself. */
export function Batches({ facts, shown, bowl }: { facts: BowlFacts; shown: string; bowl: string }) {
  return (
    <nav aria-label={t`Batches of this bowl`} className="bench-choices">
      {facts.batches.map((each) => <Link
        key={each.id}
        className="chip chip-link"
        aria-current={each.id === shown}
        to={`/bench/${bowl}?batch=${each.id}`}
      >{t`batch ${each.number}`}</Link>)}
    </nav>
  )
}

export function Plan({ facts }: { facts: BowlFacts }) {
  return (
    <ol className="bench-lines" aria-label={t`Products`}>
      {facts.lines.map((line) => (
        <li key={line.key} className="bench-line">
          <span className="bench-sign">○</span>
          <span className="shade-swatch" style={{ background: facts.colours[line.key] }} />
          <span className="bench-label">{line.label}</span>
          <span className="bench-grams quiet"><Mass of={line.grams} /></span>
        </li>
      ))}
    </ol>
  )
}
