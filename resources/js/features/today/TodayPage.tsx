import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { showClock, showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import type { VisitLine } from '../../shared/visits/visitLine'
import { today } from './api'
import { VisitCard } from './VisitCard'

const SECTIONS: readonly { status: VisitLine['status']; title: string; empty: string }[] = [
  { status: 'in-chair', title: 'In the chair', empty: 'Nobody is in the chair.' },
  { status: 'expected', title: 'Expected', empty: 'Nobody else is expected today.' },
  { status: 'closed', title: 'Gone home', empty: 'Nobody has left yet.' },
  { status: 'ended', title: 'Did not take place', empty: '' },
]

export function TodayPage() {
  const loaded = useQuery(today)
  if (loaded.data === undefined) return loaded.error === null ? <Waiting what="today" /> : <ErrorNotice error={loaded.error} />
  const { visits, now } = loaded.data
  const hands = visits.filter((visit) => visit.status === 'in-chair')
  return (
    <div className="page">
      <header className="page-head">
        <h1>Today</h1>
        <p className="quiet">{showDay(now)}</p>
        {loaded.error === null ? null : <ErrorNotice error={loaded.error} />}
      </header>
      <div className="today">
        <section aria-labelledby="next-hand" className="next-hands">
          <h2 id="next-hand">Needs a hand next</h2>
          {hands.length === 0 ? <p className="quiet">Nothing is waiting. Open somebody who is expected.</p> : null}
          <ol>
            {hands.map((visit) => (
              <li key={visit.id}>
                <Link to={visit.next.bowl === null ? `/visits/${visit.id}${visit.next.do === 'run' ? '?at=run' : ''}` : `/bench/${visit.next.bowl}`} className={`next-hand next-${visit.next.do}`}>
                  <strong>{visit.next.words}</strong>
                  <span>
                    {visit.client.name} <span className="quiet">since {showClock(visit.startsAt)}</span>
                  </span>
                </Link>
              </li>
            ))}
          </ol>
        </section>
        <div className="today-columns">
          {SECTIONS.filter((section) => section.empty !== '' || visits.some((visit) => visit.status === section.status)).map((section) => {
            const here = visits.filter((visit) => visit.status === section.status)
            return (
              <section key={section.status} aria-label={section.title}>
                <h2>
                  {section.title} <span className="count">{here.length}</span>
                </h2>
                {here.length === 0 ? <p className="quiet">{section.empty}</p> : null}
                {here.map((visit) => (
                  <VisitCard key={visit.id} visit={visit} />
                ))}
              </section>
            )
          })}
        </div>
      </div>
    </div>
  )
}
