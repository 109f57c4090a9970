import { t } from '@lingui/core/macro'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { showClock, showDate, showDay } from '../../shared/format/time'
import { left } from '../../shared/time/left'
import { useServerNow } from '../../shared/time/useServerNow'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import type { VisitLine } from '../../shared/visits/visitLine'
import { day as dayQuery, type Day, type DayVisit } from './api'
import { DayHours } from './DayHours'
import { dayAfter, weekOf } from './dayWalk'
import { VisitCard } from './VisitCard'
import { WaitingMessages } from './WaitingMessages'
import { WalkIn } from './WalkIn'

const SECTIONS: readonly { status: VisitLine['status']; title: string; empty: string }[] = [
  { status: 'in-chair', title: t`In the chair`, empty: t`Nobody is in the chair.` },
  { status: 'expected', title: t`Expected`, empty: t`Nobody else is expected today.` },
  { status: 'closed', title: t`Gone home`, empty: t`Nobody has left yet.` },
  { status: 'ended', title: t`Did not take place`, empty: '' },
]
const NOTE = {
  test: t`Skin test of`,
  reading: t`Read the skin test of`,
  'follow-up': t`Ask how it wears:`,
  due: t`Wanted to come again:`,
} as const

/** The salon's day: whose hands are needed next by the minute, and any other day or week beside it. */
export function TodayPage({ formulates }: { formulates: boolean }) {
  const [params, setParams] = useSearchParams()
  const week = params.get('week') === 'yes'
  const loaded = useQuery({ ...dayQuery(params.get('day'), week ? 7 : 1), placeholderData: keepPreviousData })
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`today`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  const data = loaded.data
  const isToday = data.days === 1 && data.day === data.today
  const go = (day: string, seven: boolean) => {
    setParams(day === data.today && !seven ? {} : { day, ...(seven ? { week: 'yes' } : {}) })
  }
  const step = week ? 7 : 1
  return (
    <div className="page">
      <header className="page-head today-head">
        <h1>{isToday ? t`Today` : week ? t`Week` : showDate(data.day)}</h1>
        <p className="quiet">{isToday ? showDay(data.now) : week ? t`from ${showDate(data.day)}` : ''}</p>
        <nav aria-label={t`Day`} className="day-walk">
          <button
            type="button"
            className="chip"
            aria-label={week ? t`The week before` : t`The day before`}
            onClick={() => { go(dayAfter(data.day, -step), week) }}
          >‹</button>
          <button type="button" className="chip" aria-pressed={isToday} onClick={() => { go(data.today, false) }}>
            {t`Today`}
          </button>
          <button
            type="button"
            className="chip"
            aria-label={week ? t`The next week` : t`The next day`}
            onClick={() => { go(dayAfter(data.day, step), week) }}
          >›</button>
          <button type="button" className="chip" aria-pressed={week} onClick={() => { go(data.day, !week) }}>
            {t`Week`}
          </button>
          <Link className="chip" to="/wall">{t`Wall`}</Link>
          {isToday ? <WaitingMessages /> : null}
        </nav>
        {formulates ? <WalkIn /> : null}
        {loaded.error === null ? null : <ErrorNotice error={loaded.error} />}
      </header>
      {week ? weekOf(data.day).map((each) => (
        <section key={each} aria-label={showDate(each)} className="week-day">
          <h2>
            <button type="button" className="linky" onClick={() => { go(each, false) }}>{showDate(each)}</button>{' '}
            <span className="count">
              {data.visits.filter((visit) => visit.day === each && visit.status !== 'ended').length}
            </span>
          </h2>
          <div className="day-scroll"><DayHours day={data} of={each} moves={formulates} /></div>
          <Notes day={data} of={each} />
        </section>
      )) : (
        <>
          {isToday ? <HandsAndCards day={data} /> : null}
          <section aria-label={t`Hours`} className="week-day">
            <h2>{t`Hours`}</h2>
            <div className="day-scroll"><DayHours day={data} of={data.day} moves={formulates} /></div>
            <Notes day={data} of={data.day} />
          </section>
          {isToday ? null : <Columns visits={data.visits} />}
        </>
      )}
    </div>
  )
}

function Notes({ day, of }: { day: Day; of: string }) {
  const notes = day.notes.filter((note) => note.day === of)
  if (notes.length === 0) return null
  return (
    <ul className="day-notes">
      {notes.map((note) => <li key={`${note.kind}${note.client}${note.at}`}>
        {note.kind === 'reading' || note.kind === 'test' ? <strong>{showClock(note.at)} </strong> : null}
        {NOTE[note.kind]} <Link to={`/clients/${note.client}`}>{note.words}</Link>
      </li>)}
    </ul>
  )
}

/** Whoever has colour on, or sits in the chair, by the minute at which a hand is needed. */
function HandsAndCards({ day: { visits, now: told } }: { day: Day }) {
  const now = useServerNow(told)
  const hands = visits.filter((visit) =>
    visit.status === 'in-chair' || (visit.status === 'expected' && visit.next.at !== null && visit.next.do === 'run'),
  )
    .sort((one, other) => (one.next.at ?? '9').localeCompare(other.next.at ?? '9'))
  return (
    <div className="today">
      <section aria-labelledby="next-hand" className="next-hands">
        <h2 id="next-hand">{t`Needs a hand next`}</h2>
        {hands.length === 0 ? <p className="quiet">{t`Nothing is waiting. Open somebody who is expected.`}</p> : null}
        <ol>
          {hands.map((visit) => (
            <li key={visit.id}>
              <Link
                to={visit.next.bowl === null
                  ? `/visits/${visit.id}${visit.next.do === 'run' ? '?at=run' : ''}`
                  : `/bench/${visit.next.bowl}`}
                className={`next-hand next-${visit.next.do}`}
              >
                <strong>{visit.next.what}</strong>
                <span>
                  {visit.client.name} <span className="quiet">
                    {visit.next.at === null ? t`since ${showClock(visit.startsAt)}` : left(visit.next.at, now)}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ol>
      </section>
      <Columns visits={visits} />
    </div>
  )
}

function Columns({ visits }: { visits: DayVisit[] }) {
  return (
    <div className="today-columns">
      {SECTIONS.filter((section) =>
        section.empty !== '' || visits.some((visit) => visit.status === section.status),
      ).map((section) => {
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
  )
}
