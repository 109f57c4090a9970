import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { showClock } from '../../shared/format/time'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { isOver } from '../../shared/visits/visitLine'
import type { BowlTimes, Times } from '../../shared/visits/times'
import { visit as visitQuery } from './api'
import { retimeBowl, setHands, triedTimes } from './timesApi'
import type { Bowl, Visit } from './shapes'
import { MeantWas } from './MeantWas'
import { moved } from './timeAxis'
import { TimeLanes } from './TimeLanes'
import { usePaused } from './usePaused'

type Tried = { bowl: string; set: Record<string, unknown> } | null

/** The plan of the visit’s times: lanes that can be moved, who applies, what does not hold and what would mend it. */
export function TimePlan({ visit, now }: { visit: Visit; now: number }) {
  const queries = useQueryClient()
  const [chosen, setChosen] = useState<string | null>(null)
  const [tried, setTried] = useState<Tried>(null)
  const asked = usePaused(tried, 120)
  const trial = useQuery({ ...triedTimes(visit.id, visit.version, asked), enabled: asked !== null })
  const kept = (changed: Visit) => {
    setTried(null)
    queries.setQueryData(visitQuery(visit.id).queryKey, changed)
  }
  const bowls = visit.rounds.flatMap((round) => round.bowls)
  const retime = useMutation({
    mutationFn: ({
      bowl,
      set,
    }: { bowl: Bowl; set: Record<string, unknown> }) => retimeBowl(visit.id, bowl.id, bowl.version, set, bowl.letter),
    onSuccess: kept,
  })
  const hands = useMutation({
    mutationFn: (count: number) => setHands(visit.id, visit.version, count),
    onSuccess: kept,
  })
  const times: Times = tried === null ? visit.times : (trial.data ?? visit.times)
  const open = !isOver(visit)
  if (visit.times.bowls.length === 0 && visit.times.faults.length === 0) return null
  const bowl = bowls.find((each) => each.id === chosen)
  const planned = times.bowls.find((each) => each.bowl === chosen && each.batch === null)
  const move = (of: BowlTimes, minutes: number) => {
    const sheet = { ...bowls.find((each) => each.id === of.bowl)?.sheet, ...(tried?.bowl === of.bowl ? tried.set : {}) }
    setChosen(of.bowl)
    setTried({
      bowl: of.bowl,
      set: {
        ...(tried?.bowl === of.bowl ? tried.set : {}),
        ...moved(
          sheet,
          minutes,
          Math.round((new Date(of.begin).getTime() - new Date(of.roundFrom).getTime()) / 60_000),
        ),
      },
    })
  }
  const tryBowl = bowls.find((each) => each.id === tried?.bowl)
  const busy = retime.isPending || hands.isPending
  return (
    <section aria-label={t`Plan of times`} className="time-plan">
      <header>
        <h2>{t`Times`}</h2>
        {times.ends === null ? null : (
          <p className="quiet">
            {t`done by ${showClock(times.ends)}${times.endsLatest === null ? '' : t` to ${showClock(times.endsLatest)}`}${times.proven ? '' : t`, the best that was found`}`}
          </p>
        )}
        {open ? (
          <div className="time-hands">
            <span className="quiet">{t`hands`}</span>
            <Press
              label={t`Fewer hands`}
              disabled={busy || visit.hands <= 1}
              onPress={() => { hands.mutate(visit.hands - 1) }}
            >−</Press>
            <strong aria-live="polite">{times.hands}</strong>
            <Press
              label={t`More hands`}
              disabled={busy || visit.hands >= 8}
              onPress={() => { hands.mutate(times.hands + 1) }}
            >+</Press>
          </div>
        ) : null}
      </header>
      <TimeLanes
        times={times}
        now={visit.status === 'in-chair' || visit.times.bowls.some((each) => each.begun) ? (open ? now : null) : null}
        jobs={Object.fromEntries(bowls.map((each) => [each.id, each.job]))}
        chosen={chosen}
        onChoose={open ? setChosen : undefined}
        onMove={open ? move : undefined}
      />
      <MeantWas times={times} />
      {bowl !== undefined && planned !== undefined && !planned.begun ? (
        <div className="time-nudge" role="group" aria-label={t`Times of bowl ${bowl.letter}`}>
          <strong>{t`${bowl.letter} begins ${showClock(planned.begin)}`}</strong>
          {[
            -5,
            -1,
            1,
            5,
          ].map((minutes) => <Press
            key={minutes}
            label={t`Begin ${Math.abs(minutes)} min ${minutes < 0 ? t`earlier` : t`later`}`}
            onPress={() => { move(planned, minutes) }}
          >{minutes > 0 ? `+${minutes}` : `−${-minutes}`}</Press>)}
          <span className="quiet">
            {t`applied in ${Math.round((new Date(planned.complete).getTime() - new Date(planned.begin).getTime()) / 60_000)} min${planned.asBefore ? t`, as it took the last time` : ''}`}
          </span>
          {[
            -5,
            5,
          ].map((minutes) => <Press
            key={minutes}
            label={t`Apply ${Math.abs(minutes)} min ${minutes < 0 ? t`faster` : t`slower`}`}
            onPress={() => {
              setTried({
                bowl: bowl.id,
                set: {
                  ...(tried?.bowl === bowl.id ? tried.set : {}),
                  applying: Math.max(
                    1,
                    Math.round((new Date(planned.complete).getTime() - new Date(planned.begin).getTime()) / 60_000)
                      + minutes,
                  ),
                },
              })
            }}
          >{minutes > 0 ? `+${minutes}` : `−${-minutes}`}</Press>)}
          {bowl.sheet.starts === undefined ? null : (
            <Press kind="quiet" disabled={busy} onPress={() => { retime.mutate({ bowl, set: { starts: null } }) }}>
              {t`Let the plan choose`}
            </Press>
          )}
        </div>
      ) : null}
      {tried !== null && tryBowl !== undefined ? (
        <div className="time-keep">
          <Press
            kind="main"
            disabled={busy || trial.isFetching}
            onPress={() => { retime.mutate({ bowl: tryBowl, set: tried.set }) }}
          >{t`Keep these times`}</Press>
          <Press kind="quiet" onPress={() => { setTried(null) }}>{t`Back`}</Press>
          <span className="quiet" aria-live="polite">
            {trial.isFetching
              ? t`Planning…`
              : times.breaks.length === 0
              ? t`Everything holds.`
              : `${times.breaks.length} ${times.breaks.length === 1 ? t`window breaks` : t`windows break`}.`}
          </span>
        </div>
      ) : null}
      {times.breaks.length === 0 ? null : (
        <Notice kind="warn" title={times.breaks.map((each) => each.words).join('. ') + '.'}>
          {times.mends.length === 0 ? t`No one or two changes would mend it.` : (
            <ul className="time-mends">
              {times.mends.map((mend) => {
                const of = bowls.find((each) => each.id === mend.bowl)
                return (
                  <li key={mend.words}>
                    {open
                      && mend.hands !== null ? <Press disabled={busy} onPress={() => { hands.mutate(mend.hands ?? 1) }}>
                        {mend.words}
                      </Press>
                      : open && of !== undefined && mend.set !== null ? (
                        <Press disabled={busy} onPress={() => { retime.mutate({ bowl: of, set: mend.set ?? {} }) }}>
                          {mend.words}
                        </Press>
                      ) : mend.words}
                  </li>
                )
              })}
            </ul>
          )}
        </Notice>
      )}
      {times.faults.map((fault) => <Notice key={fault.words} kind="warn" title={fault.words}>{fault.mend}</Notice>)}
      {[
        retime.error,
        hands.error,
        trial.error,
      ].map((error, at) => (error === null ? null : <ErrorNotice key={at} error={error} />))}
    </section>
  )
}
