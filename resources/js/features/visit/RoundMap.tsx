import { t } from '@lingui/core/macro'
import { useState } from 'react'
import { HeadMap, type Region } from '../../shared/ui/HeadMap'
import type { Picture, Visit } from './shapes'

/** The head one round at a time, or all rounds on it: four bowls on one cell can be told apart. */
export function RoundMap({
  visit,
  picture,
  chosen,
  at,
  onRegion,
}: { visit: Visit; picture: Picture; chosen?: readonly string[]; at?: number; onRegion?: (region: Region) => void }) {
  const [round, setRound] = useState<number | null>(at ?? null)
  const map = picture.maps.find((each) => each.round === round)
  return (
    <div className="round-map">
      <HeadMap
        cells={map?.cells ?? picture.cells}
        uncovered={map === undefined ? picture.uncovered : []}
        doubled={picture.doubled}
        chosen={chosen}
        onRegion={onRegion}
      />
      {picture.maps.length < 2 ? null : (
        <div className="chips" role="group" aria-label={t`Rounds on the map`}>
          <button type="button" className="chip" aria-pressed={map === undefined} onClick={() => { setRound(null) }}>
            {t`all`}
          </button>
          {picture.maps.map((each) => (
            <button
              key={each.round}
              type="button"
              className="chip"
              aria-pressed={each.round === round}
              onClick={() => { setRound(each.round) }}
            >{visit.rounds[each.round]?.name ?? t`Round ${String(each.round + 1)}`}</button>
          ))}
        </div>
      )}
    </div>
  )
}
