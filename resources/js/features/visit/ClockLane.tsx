import { t } from '@lingui/core/macro'
import { showClock } from '../../shared/format/time'
import { left } from '../../shared/time/left'
import { laneOf } from './lane'
import type { Bowl } from './shapes'

const STATE = {
  waiting: t`not begun`,
  applying: t`going on`,
  processing: t`working`,
  due: t`time is up`,
  over: t`beyond its time`,
  rinsed: t`rinsed`,
  'set-aside': t`not used`,
} as const
const MARK: Record<string, string> = {
  began: t`▏first touch`,
  completed: t`▕ last touch`,
  checked: t`◇ looked`,
  rinsed: t`≈ rinsed`,
  through: t`⇣ taken through`,
  'heat-on': t`♨ heat on`,
  'heat-off': t`♨ heat off`,
  emulsified: t`∿ emulsified`,
  more: '＋',
}

/** A bowl's time: what it has had, what is left, and when it must be off. */
export function ClockLane({
  letter,
  clock,
  now,
  rinse = clock.due,
  stays = false,
}: { letter: string; clock: Bowl['clock']; now: number; rinse?: string | null; stays?: boolean }) {
  const lane = laneOf(clock, now)
  // What stays under the next is never asked to be rinsed before it.
  const on = clock.state === 'processing' || clock.state === 'due' || clock.state === 'over'
  const state = stays && on ? 'processing' : clock.state
  const words = stays && on ? t`stays under the next` : STATE[clock.state]
  return (
    <div className="clock-lane">
      <div className={`clock-face clock-${state}`}>
        <span className="clock-number">
          {on ? left(rinse, now) : clock.state === 'rinsed' ? t`${clock.processed ?? 0} min` : '–'}
        </span>
        <span>
          {words}
          {rinse === null || clock.due === null || clock.state === 'rinsed' ? '' : t`, rinse ${showClock(rinse)}`}
        </span>
      </div>
      <div
        className="clock-bar"
        role="img"
        aria-label={t`Bowl ${letter}: ${words}${clock.longest === null ? '' : t`, on for ${clock.longest} minutes`}`}
      >
        {lane === null ? null : (
          <>
            <span className="clock-window" style={{ left: `${lane.from}%`, width: `${lane.due - lane.from}%` }} />
            <span className="clock-had" style={{ left: '0%', width: `${lane.now}%` }} />
            <span className="clock-max" style={{ left: `${lane.over}%` }} />
          </>
        )}
      </div>
      <div className="clock-marks">
        {clock.stamps
          .filter((stamp) => stamp.kind !== 'undone')
          .map((stamp) => `${MARK[stamp.kind] ?? stamp.kind} ${showClock(stamp.at)} ${stamp.by}${stamp.minutes === 0 ? '' : t` ${stamp.minutes} min more`}${stamp.words === '' ? '' : ` “${stamp.words}”`}`)
          .join('  ')}
        {clock.longest === null
          ? ''
          : t` · first strand ${clock.longest} min${clock.applied === null ? '' : t`, applied in ${clock.applied}`}`}
      </div>
    </div>
  )
}
