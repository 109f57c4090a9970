import { t } from '@lingui/core/macro'
import { named, toneNamed } from '../../shared/words/named'
import type { Visit } from './shapes'

export function CanvasTable({ visit }: { visit: Visit }) {
  const zones = visit.canvas.canvas.zones
  if (zones.length === 0) return null
  return (
    <table className="card-canvas">
      <thead>
        <tr>
          <th scope="col">{t`Zone`}</th><th scope="col">{t`Was`}</th><th scope="col">{t`Wish`}</th>
          <th scope="col">{t`Came to`}</th>
        </tr>
      </thead>
      <tbody>
        {zones.map((zone) => {
          const result = visit.results.find((each) => each.zone === zone.id && each.strand === '')
          return (
            <tr key={zone.id}>
              <td>{zone.name}</td>
              <td>
                {[
                  zone.level,
                  toneNamed(zone.tone),
                  zone.history === 'natural' ? '' : named(zone.history),
                  zone.historyWords === ''
                    ? ''
                    : `“${zone.historyWords}”${zone.confidence === 'read' ? '' : ` (${named(zone.confidence)})`}`,
                  zone.grey === null || zone.grey === 0 ? '' : t`${zone.grey} % grey`,
                  zone.regrowth === null ? '' : t`${zone.regrowth} cm grown out`,
                  zone.porosity === 'normal' ? '' : t`${named(zone.porosity)} porosity`,
                  zone.offLimits ? t`leave out` : '',
                ].filter((each) => each !== null && each !== '').join(', ')}
              </td>
              <td>
                {[
                  zone.wish.level,
                  toneNamed(zone.wish.tone),
                  zone.wish.words,
                  zone.also === null
                    ? ''
                    : `; ${zone.also.of}: ${[zone.also.level, toneNamed(zone.also.tone), zone.also.words].filter((each) => each !== null && each !== '').join(' ')}`,
                ].filter((each) => each !== null && each !== '').join(' ')}
              </td>
              <td>
                {result === undefined
                  ? ''
                  : [result.level, toneNamed(result.tone), result.words].filter((each) =>
                    each !== null && each !== '',
                  ).join(' ')}
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
