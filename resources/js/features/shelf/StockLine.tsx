import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { FieldProblem } from '../../shared/ui/Field'
import { Press } from '../../shared/ui/Press'
import { StockMoves } from './StockMoves'
import type { StockRow } from './stockApi'

const SIGN = {
  unknown: ['?', t`not counted`],
  short: ['✕', t`less than the week takes`],
  out: ['✕', t`nothing left`],
  low: ['!', t({ message: 'low', context: 'stock' })],
  enough: ['✓', t`enough`],
} as const

export function StockLine({
  row,
  first,
  open,
  onOpen,
  count,
  problem,
  onCount,
}: {
  row: StockRow
  first: boolean
  open: boolean
  onOpen: () => void
  count: string | null
  problem: Parameters<typeof FieldProblem>[0]['problem']
  onCount: (amount: string) => void
}) {
  const [sign, words] = SIGN[row.state]
  return (
    <>
      {first ? (
        <tr className="stock-line">
          <th scope="colgroup" colSpan={6}>{row.line === '' ? t`Developers` : row.line}</th>
        </tr>
      ) : null}
      <tr className={`stock-${row.state}`}>
        <td>
          <span className="dot-swatch" style={{ background: row.swatch }} /> <strong>{row.code}</strong>{' '}
          <span className="quiet">{row.name === row.code ? '' : row.name}</span>
        </td>
        <td className="number">
          {count === null
            ? <>
              <span className="grams"><Mass of={row.there ?? '–'} /></span>
              {row.packs === null ? null : <span className="quiet"> {t` ${row.packs} packs`}</span>}
            </>
            : (
              <>
                <Form.Control
                  className="count-field"
                  aria-label={t`Counted of ${row.line} ${row.code}`}
                  placeholder={row.there ?? ''}
                  value={count}
                  onKeyDown={(event) => { if (event.key === 'Enter') next(event.currentTarget) }}
                  onChange={(event) => { onCount(event.target.value) }}
                />
                <FieldProblem problem={problem} />
              </>
            )}
        </td>
        <td className="number grams"><Mass of={row.planned ?? ''} /></td>
        <td>
          <span className="stock-state">
            <span aria-hidden="true">{sign}</span> {words}
            {row.missing === null ? '' : t`: ${masses(row.missing)} more was poured than was there; count again`}
          </span>
        </td>
        <td className="number grams">
          {row.order === null
            ? ''
            : row.order.packs === null
            ? masses(row.order.grams)
            : `${String(row.order.packs)} ${row.order.packs === 1 ? t`pack` : t`packs`}`}
        </td>
        <td>
          {count === null ? (
            <Press kind="quiet" label={t`${row.code}: what moved`} onPress={onOpen}>{open ? t`Less` : t`Move`}</Press>
          ) : null}
        </td>
      </tr>
      {open ? <tr><td colSpan={6}><StockMoves row={row} /></td></tr> : null}
    </>
  )
}

/** The next product's field. */
function next(from: HTMLElement) {
  const all = [...document.querySelectorAll<HTMLInputElement>('.count-field')]
  all[all.findIndex((each) => each === from) + 1]?.focus()
}
