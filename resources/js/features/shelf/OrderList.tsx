import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { useQuery } from '@tanstack/react-query'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { stock as stockQuery } from './stockApi'

/** What to order, on one sheet: as few packs as bring each product back above low after this week. */
export function OrderList() {
  const { data, error } = useQuery(stockQuery)
  if (data === undefined) return error === null ? <Waiting what={t`The order`} /> : <ErrorNotice error={error} />
  const rows = data.rows.filter((row) => row.order !== null)
  const lines = [...new Set(rows.map((row) => row.line))]
  return (
    <section className="order-list" aria-labelledby="order-title">
      <div className="page-head">
        <h1 id="order-title">{t`To order`}</h1>
        <span className="notice-actions no-print">
          <Press onPress={() => { print() }}>{t`Print`}</Press>
          <a className="btn btn-link press" href="/api/stock/order" download>{t`As a table (CSV)`}</a>
        </span>
      </div>
      {rows.length === 0 ? (
        <p className="quiet">{t`Nothing: what was counted lasts the next ${data.days} days.`}</p>
      ) : null}
      {lines.map((line) => (
        <section key={line}>
          <h2>{line === '' ? t`Developers` : line}</h2>
          <table className="stock-table">
            <tbody>
              {rows.filter((row) => row.line === line).map((row) => (
                <tr key={row.id}>
                  <td className="order-box" aria-hidden="true">☐</td>
                  <td><strong>{row.code}</strong> <span className="quiet">{row.name}</span></td>
                  <td className="number grams">
                    {row.order?.packs == null
                      ? masses(row.order?.grams ?? '')
                      : t`${String(row.order.packs)} × ${row.pack ?? ''}`}
                  </td>
                  <td className="quiet number">
                    {t`${masses(row.there ?? '')} there${row.planned === null ? '' : t`, ${masses(row.planned)} planned`}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
      {data.uncounted === 0 ? null : (
        <p className="quiet">{t`${data.uncounted} products were never counted: nothing is said of them.`}</p>
      )}
    </section>
  )
}
