import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { inGrams, type Batch, type BatchLine } from './api'
import type { OfflineBowl } from './offline'

function sign(line: BatchLine, current: string | null): string {
  if (line.key === current) return '▸'
  if (line.place === 'over' && !line.done) return '▲'
  return line.done ? '✓' : line.started ? '◐' : '○'
}

/** Everything that goes into the bowl, in order: what is in, what is next. */
export function LineList({
  batch,
  offline,
  colourOf,
}: { batch: Batch; offline: OfflineBowl | null; colourOf: (key: string) => string }) {
  const current = offline === null ? batch.current : offline.current
  return (
    <ol className="bench-lines" aria-label={t`Products`}>
      {batch.lines.map((line) => (
        <li
          key={line.key}
          className={`bench-line ${line.key === current ? 'is-current' : ''} ${line.done ? 'is-done' : ''}`}
          aria-current={line.key === current}
        >
          <span className="bench-sign" aria-hidden="true">
            {offline?.noted[line.key] === undefined ? sign(line, current) : '↑'}
          </span>
          <span className="shade-swatch" style={{ background: colourOf(line.key) }} />
          <span className="bench-label">
            {line.label}
            {line.short === null || line.key === current ? null : <span className="bench-short"> {t`! short`}</span>}
          </span>
          <span className="bench-grams">
            <strong>{line.started ? <Mass of={line.poured} /> : ''}</strong>
            {offline?.noted[line.key] === undefined ? null : (
              <span>{offline.noted[line.key]?.map((typed) => masses(inGrams(typed))).join(' + ')} {t`noted`} </span>
            )}
            <span className="quiet">
              {line.started ? t` of ` : ''}
              <Mass of={line.target} />
              {line.planned === null ? '' : t` (was ${masses(line.planned)})`}
            </span>
          </span>
        </li>
      ))}
    </ol>
  )
}
