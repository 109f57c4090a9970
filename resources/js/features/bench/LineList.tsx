import type { Batch, BatchLine } from './api'

function sign(line: BatchLine, current: string | null): string {
  if (line.key === current) return '▸'
  if (line.place === 'over' && !line.done) return '▲'
  return line.done ? '✓' : line.started ? '◐' : '○'
}

/** Everything that goes into the bowl, in order: what is in, what is next. */
export function LineList({ batch, colourOf }: { batch: Batch; colourOf: (key: string) => string }) {
  return (
    <ol className="bench-lines" aria-label="Products">
      {batch.lines.map((line) => (
        <li key={line.key} className={`bench-line ${line.key === batch.current ? 'is-current' : ''} ${line.done ? 'is-done' : ''}`} aria-current={line.key === batch.current}>
          <span className="bench-sign" aria-hidden="true">
            {sign(line, batch.current)}
          </span>
          <span className="shade-swatch" style={{ background: colourOf(line.key) }} />
          <span className="bench-label">{line.label}</span>
          <span className="bench-grams">
            <strong>{line.started ? line.poured : ''}</strong>
            <span className="quiet">
              {line.started ? ' of ' : ''}
              {line.target}
              {line.planned === null ? '' : ` (was ${line.planned})`}
            </span>
          </span>
        </li>
      ))}
    </ol>
  )
}
