import { t } from '@lingui/core/macro'
import { isOver } from '../../shared/visits/visitLine'
import type { Visit } from './shapes'

export const STATIONS = ['read', 'canvas', 'formulate', 'place', 'run', 'close'] as const
export type Station = (typeof STATIONS)[number]
export const STATION_WORDS: Record<Station, string> = {
  read: t`Read`,
  canvas: t`Canvas`,
  formulate: t`Formulate`,
  place: t`Place`,
  run: t`Run`,
  close: t`Close`,
}

/** The station an address names; else the bowls. */
export function stationOf(at: string | null, visit: Visit): Station {
  return STATIONS.find((each) => each === at) ?? (isOver(visit) ? 'read' : 'formulate')
}

/** The order of work, as tabs; a sign where something waits. */
export function Stations({ now, visit, onGo }: { now: Station; visit: Visit; onGo: (to: Station) => void }) {
  const waiting: Partial<Record<Station, string>> = {}
  const open = !isOver(visit)
  if (open && visit.proposals.some((proposal) => proposal.state === 'open')) waiting.read = t`notes wait`
  if (open && visit.canvas.canvas.zones.length === 0) waiting.canvas = t`not read`
  if (open
    && (visit.picture.uncovered.length > 0 || visit.picture.doubled.length > 0)) waiting.place = t`bare or doubled`
  if (open && !visit.gate.open) waiting.run = t`gate shut`
  return (
    <div className="stations" role="tablist" aria-label={t`Order of work`}>
      {STATIONS.map((station, index) => (
        <button
          key={station}
          type="button"
          role="tab"
          id={`at-${station}`}
          aria-selected={station === now}
          className="station"
          onClick={() => { onGo(station) }}
        >
          <span className="station-number" aria-hidden="true">{index + 1}</span> {STATION_WORDS[station]}
          {waiting[station] === undefined ? null : <span className="station-waits">! {waiting[station]}</span>}
        </button>
      ))}
    </div>
  )
}
