import { showClock } from '../../shared/format/time'
import { left } from '../../shared/time/left'
import { laneOf } from './lane'
import type { Bowl } from './shapes'

const STATE = { waiting: 'not begun', applying: 'going on', processing: 'working', due: 'time is up', over: 'beyond its time', rinsed: 'rinsed', 'set-aside': 'not used' } as const
const MARK: Record<string, string> = { began: '▏first touch', completed: '▕ last touch', checked: '◇ looked', rinsed: '≈ rinsed', through: '⇣ taken through', 'heat-on': '♨ heat on', 'heat-off': '♨ heat off', emulsified: '∿ emulsified', more: '＋' }

/** A bowl's time: what it has had, what is left, and when it must be off. */
export function ClockLane({ letter, clock, now, rinse = clock.due, stays = false }: { letter: string; clock: Bowl['clock']; now: number; rinse?: string | null; stays?: boolean }) {
  const lane = laneOf(clock, now)
  // What stays under the next is never asked to be rinsed before it.
  const on = clock.state === 'processing' || clock.state === 'due' || clock.state === 'over'
  const state = stays && on ? 'processing' : clock.state
  const words = stays && on ? 'stays under the next' : STATE[clock.state]
  return (
    <div className="clock-lane">
      <div className={`clock-face clock-${state}`}>
        <span className="clock-number">{on ? left(rinse, now) : clock.state === 'rinsed' ? `${clock.processed ?? 0} min` : '–'}</span>
        <span>{words}{rinse === null || clock.due === null || clock.state === 'rinsed' ? '' : `, rinse ${showClock(rinse)}`}</span>
      </div>
      <div className="clock-bar" role="img" aria-label={`Bowl ${letter}: ${words}${clock.longest === null ? '' : `, on for ${clock.longest} minutes`}`}>
        {lane === null ? null : (
          <>
            <span className="clock-window" style={{ left: `${lane.from}%`, width: `${lane.due - lane.from}%` }} />
            <span className="clock-had" style={{ left: '0%', width: `${lane.now}%` }} />
            <span className="clock-max" style={{ left: `${lane.over}%` }} />
          </>
        )}
      </div>
      <div className="clock-marks">
        {clock.stamps.filter((stamp) => stamp.kind !== 'undone').map((stamp) => `${MARK[stamp.kind] ?? stamp.kind} ${showClock(stamp.at)} ${stamp.by}${stamp.minutes === 0 ? '' : ` ${stamp.minutes} min more`}${stamp.words === '' ? '' : ` “${stamp.words}”`}`).join('  ')}
        {clock.longest === null ? '' : ` · first strand ${clock.longest} min${clock.applied === null ? '' : `, applied in ${clock.applied}`}`}
      </div>
    </div>
  )
}
