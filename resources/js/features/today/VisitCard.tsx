import { t } from '@lingui/core/macro'
import { Link } from 'react-router'
import { showClock } from '../../shared/format/time'
import { BowlGlyph } from '../../shared/ui/BowlGlyph'
import { bowlSign } from '../../shared/visits/BowlRow'
import type { VisitLine } from '../../shared/visits/visitLine'

const STATE = { planned: '○', weighing: '◐', mixed: '●' } as const
const WORDS = { planned: t`planned`, weighing: t`weighing`, mixed: t({ message: 'mixed', context: 'bowl' }) }

/** One client today: when, who, what, and how far each bowl is. */
export function VisitCard({ visit }: { visit: VisitLine }) {
  return (
    <Link to={`/visits/${visit.id}`} className={`visit-card visit-${visit.status}`}>
      <span className="visit-time">{showClock(visit.startsAt)}</span>
      <span className="visit-who">
        <strong>{visit.client.name}</strong>
        <span className="quiet">
          {visit.service} · {visit.colourist.name}
        </span>
        {visit.client.cautions === '' ? null : <span className="caution">! {visit.client.cautions}</span>}
      </span>
      <span className="visit-bowls">
        {visit.bowls.map((bowl) => (
          <span key={bowl.id} className="visit-bowl">
            <BowlGlyph
              letter={bowl.letter}
              wedges={bowlSign(bowl)}
              size={40}
              label={t`Bowl ${bowl.letter}, ${WORDS[bowl.state]}`}
            />
            <span className={`state state-${bowl.state}`} aria-hidden="true">
              {STATE[bowl.state]} {WORDS[bowl.state]}
            </span>
          </span>
        ))}
        {visit.bowls.length === 0 ? <span className="quiet">{t`no bowls yet`}</span> : null}
      </span>
    </Link>
  )
}
