import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { Link } from 'react-router'
import { fieldTime, showClock } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { moveVisit, type Day, type DayVisit } from './api'

const HOUR_PX = 72

/**
 * The day against a clock: when each visit needs whose hands. An expected visit is moved by drag, or by the arrow keys.
 */
export function DayHours({ day, of, moves }: { day: Day; of: string; moves: boolean }) {
  const queries = useQueryClient()
  const move = useMutation({
    mutationFn: ({
      visit,
      startsAt,
      version,
    }: {
      visit: DayVisit
      startsAt: string
      version: number
    }) => moveVisit(visit.id, version, startsAt, visit.client.name),
    onSettled: () => queries.invalidateQueries({ queryKey: ['today'] }),
  })
  const visits = day.visits.filter((visit) => visit.day === of && visit.status !== 'ended')
  const moments = visits.flatMap((visit) => [visit.startsAt, ...visit.busy.map((busy) => busy.to)]).map((moment) =>
    new Date(moment).getTime(),
  )
  if (moments.length === 0) return <p className="quiet">{t`Nobody is planned.`}</p>
  const hour = 3_600_000
  const from = Math.floor(Math.min(...moments) / hour) * hour
  const to = Math.ceil((Math.max(...moments) + hour / 2) / hour) * hour
  const at = (moment: string) => ((new Date(moment).getTime() - from) / hour) * HOUR_PX
  const hours = Array.from(
    { length: Math.round((to - from) / hour) + 1 },
    (_, each) => new Date(from + each * hour).toISOString(),
  )
  const shift = (visit: DayVisit, minutes: number) => {
    const moment = new Date(new Date(visit.startsAt).getTime() + minutes * 60_000).toISOString()
    move.mutate({ visit, startsAt: fieldTime(moment), version: visit.version })
  }
  return (
    <>
      <div className="day-hours" style={{ minWidth: `${((to - from) / hour) * HOUR_PX + 180}px` }}>
        <div className="day-axis" aria-hidden="true">
          {hours.map((each) => <span key={each} style={{ left: `${at(each) + 168}px` }}>{showClock(each)}</span>)}
        </div>
        {visits.map((visit) => (
          <div
            key={visit.id}
            className={`day-row ${day.clashes.some((clash) => clash.visits.includes(visit.id)) ? 'day-clash' : ''}`}
          >
            <Link to={`/visits/${visit.id}`}>
              <strong>{visit.client.name}</strong>
              <span className="quiet">{visit.service} · {visit.colourist.initials}</span>
            </Link>
            <div className="day-track">
              {hours.map((each) => <i key={each} className="day-tick" style={{ left: `${at(each)}px` }} />)}
              <Start
                visit={visit}
                left={at(visit.startsAt)}
                moves={moves && visit.status === 'expected' && !move.isPending}
                onShift={(minutes) => { shift(visit, minutes) }}
              />
              {visit.busy.map((busy) => <i
                key={`${busy.from}${busy.kind}${busy.letters}`}
                className={`day-busy day-${busy.kind}`}
                style={{ left: `${at(busy.from)}px`, width: `${Math.max(6, at(busy.to) - at(busy.from))}px` }}
                title={`${busy.person}: ${busy.kind === 'rinse' ? t`rinse` : t`bowl`} ${busy.letters}`}
              >{busy.kind === 'rinse' ? '≈' : busy.letters}</i>)}
            </div>
          </div>
        ))}
      </div>
      {day.clashes.filter((clash) =>
        clash.visits.some((id) => visits.some((visit) => visit.id === id)),
      ).map((clash) => {
        const moved = visits.find((visit) => visit.id === clash.move?.visit)
        return (
          <p key={`${clash.at}${clash.visits.join()}`} className="day-note">
            <strong>{showClock(clash.at)}</strong> {clash.words}.{' '}
            {clash.move !== null && moved !== undefined && moves ? (
              <Press
                disabled={move.isPending}
                onPress={() => {
                  move.mutate({
                    visit: moved,
                    startsAt: clash.move?.startsAt ?? '',
                    version: clash.move?.version ?? moved.version,
                  })
                }}
              >{clash.mend}</Press>
            ) : clash.mend}
          </p>
        )
      })}
      {move.error === null ? null : <ErrorNotice error={move.error} />}
    </>
  )
}

function Start({
  visit,
  left,
  moves,
  onShift,
}: { visit: DayVisit; left: number; moves: boolean; onShift: (minutes: number) => void }) {
  const from = useRef<number | null>(null)
  const [by, setBy] = useState(0)
  const minutes = Math.round(((by / HOUR_PX) * 60) / 5) * 5
  const key = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowLeft' ? -5 : event.key === 'ArrowRight' ? 5 : 0
    if (step !== 0 && moves) {
      event.preventDefault()
      onShift(step * (event.shiftKey ? 3 : 1))
    }
  }
  const grab = (event: PointerEvent<HTMLButtonElement>) => {
    if (!moves) return
    from.current = event.clientX
    event.currentTarget.setPointerCapture(event.pointerId)
  }
  const drop = () => {
    if (from.current !== null && minutes !== 0) onShift(minutes)
    from.current = null
    setBy(0)
  }
  return (
    <button
      type="button"
      className={`day-start day-${visit.status}`}
      disabled={!moves}
      style={{ left: `${left + by}px` }}
      aria-label={t`${visit.client.name} at ${showClock(visit.startsAt)}${moves ? t`: arrow keys move it` : ''}`}
      onKeyDown={key}
      onPointerDown={grab}
      onPointerMove={(event) => { if (from.current !== null) setBy(event.clientX - from.current) }}
      onPointerUp={drop}
      onPointerCancel={drop}
    >{showClock(new Date(new Date(visit.startsAt).getTime() + minutes * 60_000).toISOString())}</button>
  )
}
