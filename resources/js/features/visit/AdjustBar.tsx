import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { adjust } from './api'
import type { Row, Sheet } from './shapes'

const WAYS = [
  ['level', '-1', 'a level deeper'],
  ['level', '-0.5', 'half deeper'],
  ['level', '+1', 'a level lighter'],
  ['warmer', '', 'warmer'],
  ['cooler', '', 'cooler'],
  ['amount', '+10 %', '+10 %'],
  ['amount', '-5 g', '−5 g colour'],
  ['strength', '+1', 'a strength up'],
  ['strength', '-1', 'a strength down'],
  ['minutes', '+5 min', '+5 min'],
] as const

/** Changes in the trade's words, carried out by the core on the bowl as it is typed, and shown as what they changed. */
export function AdjustBar({ visit, sheet, onAdjust }: { visit: string; sheet: Sheet; onAdjust: (sheet: Sheet) => void }) {
  const [rows, setRows] = useState<Row[]>([])
  const [before, setBefore] = useState<Sheet | null>(null)
  const [grey, setGrey] = useState('')
  const change = useMutation({
    mutationFn: (way: { kind: string; value: string }) => adjust(sheet, way, visit),
    onSuccess: (made) => {
      setBefore(sheet)
      setRows(made.rows)
      onAdjust(made.sheet)
    },
  })
  return (
    <details className="adjust">
      <summary>Adjust</summary>
      <div className="chips" role="group" aria-label="Adjust this bowl">
        {WAYS.map(([kind, value, label]) => (
          <button key={label} type="button" className="chip" disabled={change.isPending} onClick={() => { change.mutate({ kind, value }) }}>
            {label}
          </button>
        ))}
        <Form className="adjust-grey" onSubmit={(event) => { event.preventDefault(); change.mutate({ kind: 'grey', value: `${grey} %` }) }}>
          <Form.Control aria-label="Grey to cover, percent" placeholder="grey %" inputMode="numeric" value={grey} onChange={(event) => { setGrey(event.target.value) }} />
          <Press kind="quiet" submit disabled={grey.trim() === ''}>for grey</Press>
        </Form>
      </div>
      {change.error === null ? null : <ErrorNotice error={change.error} />}
      {rows.length === 0 ? null : (
        <div className="adjusted" role="status">
          {rows.map((row) => (
            <span key={row.what}>
              {row.what}: <s>{row.before === '' ? 'none' : row.before}</s> → <strong>{row.after === '' ? 'none' : row.after}</strong>
            </span>
          ))}
          {before === null ? null : <Press kind="quiet" onPress={() => { onAdjust(before); setRows([]); setBefore(null) }}>Undo</Press>}
        </div>
      )}
    </details>
  )
}
