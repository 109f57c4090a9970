import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../api/http'
import { FieldProblem } from './Field'

export interface Rung {
  level: number
  words: string
  swatch: string
}

/** A level picked from a ladder of swatches, each with its number and word; halves and tenths are typed beside it. */
export function LevelField({
  id,
  label,
  ladder,
  value,
  problem,
  onChange,
}: {
  id: string
  label: string
  ladder: Rung[]
  value: string | null
  problem: Problem | undefined
  onChange: (value: string | null) => void
}) {
  const at = Number((value ?? '').replace(',', '.'))
  // Between two rungs, both are marked as its neighbours.
  const near = (level: number) => value !== null && value !== '' && Math.abs(at - level) < 1
  const word = ladder.find((rung) => rung.level === Math.round(at))?.words
  return (
    <Form.Group controlId={id} className="field level-field">
      <Form.Label>
        {label} {value === null || value === '' || word === undefined ? null : <span className="quiet">· {word}</span>}
      </Form.Label>
      <div className="ladder-row">
        <Form.Control
          className="level-typed"
          aria-label={label}
          value={value ?? ''}
          inputMode="decimal"
          placeholder="–"
          maxLength={5}
          onChange={(event) => { onChange(event.target.value.trim() === '' ? null : event.target.value) }}
        />
        <div className="ladder" role="group" aria-label={t`${label}, from the ladder`}>
          {ladder.map((rung) => (
            <button
              key={rung.level}
              type="button"
              className={`rung ${near(rung.level) && at !== rung.level ? 'rung-near' : ''}`}
              aria-pressed={at === rung.level}
              aria-label={`${rung.level}, ${rung.words}`}
              title={rung.words}
              onClick={() => { onChange(String(rung.level)) }}
            >
              <span className="rung-swatch" style={{ background: rung.swatch }} />
              <span className="rung-number">{rung.level}</span>
            </button>
          ))}
        </div>
      </div>
      <FieldProblem problem={problem} />
    </Form.Group>
  )
}
