import { t } from '@lingui/core/macro'
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { showClock } from '../../shared/format/time'
import { inkOf } from '../../shared/ui/ink'
import type { BowlTimes, Times } from '../../shared/visits/times'
import { meantWords } from './MeantWas'
import { axisOf, draggedMinutes, type Axis } from './timeAxis'

type Props = {
  times: Times
  now: number | null
  /** Job of a bowl, by its id. */
  jobs: Record<string, string>
  chosen: string | null
  onChoose?: ((bowl: string | null) => void) | undefined
  /** A start is moved by so many minutes: by drag, or by the arrow keys. */
  onMove?: ((bowl: BowlTimes, minutes: number) => void) | undefined
  /** The length of the clock, where two are read side by side. */
  length?: number | undefined
}

/**
 * The round against a clock: mixing, first touch to last, the window, looks, take-through, heat, the common rinse, now.
 */
export function TimeLanes({ times, now, jobs, chosen, onChoose, onMove, length }: Props) {
  const axis = axisOf(times, now, length)
  if (axis === null) return null
  const rinses = [...new Set(times.bowls.map((bowl) => bowl.rinse))]
  return (
    <div className="time-lanes" role="group" aria-label={t`Times`}>
      <div className="time-axis" aria-hidden="true">
        {axis.ticks.map((tick) => <span key={tick.moment} style={{ left: `${tick.at}%` }}>
          {showClock(tick.moment)}
        </span>)}
      </div>
      <div className="time-rows">
        <div className="time-lines" aria-hidden="true">
          {axis.ticks.map((tick) => <i key={tick.moment} className="time-tick" style={{ left: `${tick.at}%` }} />)}
          {rinses.map((rinse, at) => <i key={rinse} className="time-rinse" style={{ left: `${axis.at(rinse)}%` }}>
            {rinses.slice(at + 1).some((later) => Math.abs(axis.at(later) - axis.at(rinse)) < 14) ? null : (
              <b>≈ {showClock(rinse)}</b>
            )}
          </i>)}
          {now === null ? null : (
            <i className="time-now" style={{ left: `${axis.at(new Date(now).toISOString())}%` }} />
          )}
        </div>
        {times.bowls.map((bowl) => (
          <TimeLane
            key={bowl.letter}
            bowl={bowl}
            axis={axis}
            job={jobs[bowl.bowl] ?? ''}
            broken={times.breaks.some((each) => each.letter === bowl.letter)}
            chosen={chosen === bowl.bowl}
            onChoose={onChoose}
            onMove={onMove}
          />
        ))}
      </div>
    </div>
  )
}

function TimeLane({
  bowl,
  axis,
  job,
  broken,
  chosen,
  onChoose,
  onMove,
}: {
  bowl: BowlTimes
  axis: Axis
  job: string
  broken: boolean
  chosen: boolean
  onChoose: Props['onChoose']
  onMove: Props['onMove']
}) {
  const drag = useRef<{ x: number; width: number } | null>(null)
  const [shift, setShift] = useState(0)
  const movable = onMove !== undefined && !bowl.begun && bowl.batch === null
  const span = (from: string, to: string) => ({
    left: `${axis.at(from)}%`,
    width: `${Math.max(0, axis.at(to) - axis.at(from))}%`,
  })
  const words = t`Bowl ${bowl.letter}${job === '' ? '' : `, ${job}`}: ${bowl.begun ? t`on since` : t`begin`} ${showClock(bowl.begin)}, complete ${showClock(bowl.complete)}, rinse ${showClock(bowl.rinse)}; first strand ${bowl.firstStrand} min, last ${bowl.lastStrand}${broken ? t`; does not hold` : ''}${bowl.by.length === 0 ? '' : `; ${bowl.by.join(', ')}`}${bowl.meant === null ? '' : `; ${meantWords(bowl.meant)}`}`
  const key = (event: KeyboardEvent) => {
    const step = (event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0) * (event.shiftKey ? 5 : 1)
    if (step !== 0 && movable) {
      event.preventDefault()
      onMove(bowl, step)
    }
  }
  const start = (event: PointerEvent<HTMLButtonElement>) => {
    if (!movable) return
    drag.current = { x: event.clientX, width: event.currentTarget.parentElement?.clientWidth ?? 0 }
    event.currentTarget.setPointerCapture(event.pointerId)
  }
  const go = (event: PointerEvent) => { if (drag.current !== null) setShift(event.clientX - drag.current.x) }
  const drop = () => {
    const was = drag.current
    drag.current = null
    setShift(0)
    const minutes = was === null ? 0 : draggedMinutes(axis, shift, was.width)
    if (minutes !== 0) onMove?.(bowl, minutes)
  }
  return (
    <div className={`time-lane ink-${inkOf(bowl.letter).name} ${broken ? 'time-broken' : ''} ${bowl.rinsed ? 'time-done' : ''}`}>
      <span className={`brush ink-${inkOf(bowl.letter).name}`}>{bowl.letter}</span>
      <div className="time-track">
        {bowl.least !== null && bowl.most !== null && bowl.counts && !bowl.rinsed ? (
          <i className="time-window" style={span(bowl.least, bowl.most)} />
        ) : null}
        {bowl.meant === null ? null : <i className="time-meant" style={span(bowl.meant.begin, bowl.meant.rinse)} />}
        {bowl.meant === null ? null : (
          <i className="time-meant-complete" style={{ left: `${axis.at(bowl.meant.complete)}%` }} />
        )}
        <i className="time-works" style={span(bowl.complete, bowl.rinse)} />
        {bowl.heat.map((phase) => <i key={phase.on} className="time-heat" style={span(phase.on, phase.off)} />)}
        {bowl.mix !== null && !bowl.begun && bowl.mix < bowl.begin ? (
          <i className="time-mix" style={span(bowl.mix, bowl.begin)} />
        ) : null}
        <button
          type="button"
          className="time-apply"
          style={{ ...span(bowl.begin, bowl.complete), transform: shift === 0 ? undefined : `translateX(${shift}px)` }}
          aria-label={words}
          aria-pressed={chosen}
          onClick={() => { onChoose?.(chosen ? null : bowl.bowl) }}
          onKeyDown={key}
          onPointerDown={start}
          onPointerMove={go}
          onPointerUp={drop}
          onPointerCancel={drop}
        />
        {bowl.by.length === 0 || bowl.completed ? null : (
          <i className="time-by" style={{ left: `${axis.at(bowl.begin)}%` }}>{bowl.by.join(', ')}</i>
        )}
        {bowl.due === null || !bowl.counts ? null : (
          <i className="time-due" style={{ left: `${axis.at(bowl.due)}%` }} />
        )}
        {bowl.rinsed
          ? null
          : bowl.looks.filter((look) =>
            look <= bowl.rinse,
          ).map((look) => <i key={look} className="time-mark" style={{ left: `${axis.at(look)}%` }}>◇</i>)}
        {bowl.through === null ? null : <i className="time-mark" style={{ left: `${axis.at(bowl.through)}%` }}>⇣</i>}
        {bowl.emulsify === null ? null : <i className="time-mark" style={{ left: `${axis.at(bowl.emulsify)}%` }}>∿</i>}
      </div>
    </div>
  )
}
