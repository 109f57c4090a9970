import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '../../shared/api/http'
import { deviceKeep } from '../../shared/keep/keep'
import { showClock, showDay } from '../../shared/format/time'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { countedSince, isOld, keepCount, readCount, type Count } from './countDraft'
import { moveStock, stock as stockQuery, type StockRow } from './stockApi'
import { StockLine } from './StockLine'

type Shown = 'all' | 'wanting' | 'unknown'

/** The shelf by its ledger: what is there, what the week takes of it, what to order; counted in one go. */
export function StockView() {
  const queries = useQueryClient()
  const loaded = useQuery(stockQuery)
  const [shown, setShown] = useState<Shown>('all')
  const [open, setOpen] = useState<string | null>(null)
  const [count, setAll] = useState(() => readCount(deviceKeep))
  // As it was when the page was opened: nobody is asked in the middle of counting.
  const [old, setOld] = useState(() => count !== null && isOld(count, Date.now()))
  const setCount = (next: Count | null) => { setAll(keepCount(deviceKeep, next)); if (next === null) setOld(false) }
  const counts = count?.counts ?? null
  const typed = Object.entries(counts ?? {}).filter(([, amount]) => amount.trim() !== '')
  const save = useMutation({
    mutationFn: (sent: typeof typed) => moveStock(
      sent.map(([product, amount]) => ({ product, kind: 'counted' as const, amount, out: false, note: '' })),
      t`A count of ${String(sent.length)} products`,
    ),
    onSuccess: (next, sent) => {
      queries.setQueryData(stockQuery.queryKey, next)
      void queries.invalidateQueries({ queryKey: ['stock'] })
      setAll((now) => keepCount(deviceKeep, countedSince(now, Object.fromEntries(sent))))
      setOld(false)
    },
  })
  const data = loaded.data
  if (data === undefined) return loaded.error === null ? (
    <Waiting what={t`The stock`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  const wanting = (row: StockRow) => row.state === 'low' || row.state === 'short' || row.state === 'out'
  const rows = data.rows.filter((row) =>
    shown === 'all' || (shown === 'wanting' ? wanting(row) : row.state === 'unknown'),
  )
  const problems = save.error instanceof Refused ? save.error.problems : []
  return (
    <section aria-labelledby="stock-title" className="stock">
      <div className="page-head">
        <h1 id="stock-title">{t`Stock`}</h1>
        <OneOf
          label={t`Which are shown`}
          all={[
            ['all', t`all ${String(data.rows.length)}`],
            ['wanting', t`low or short ${String(data.low + data.short)}`],
            ['unknown', t`not counted ${String(data.uncounted)}`],
          ]}
          on={shown}
          onChange={(on) => { setShown(on === 'wanting' || on === 'unknown' ? on : 'all') }}
        />
        <span className="notice-actions stock-presses">
          {counts === null
            ? <Press id="count" kind="main" onPress={() => { setCount({ begun: new Date().toISOString(), counts: {} }); setOpen(null) }}>{t`Count`}</Press>
            : (
              <>
                <Press kind="quiet" onPress={() => { setCount(null); save.reset() }}>{t`Leave the count`}</Press>
                <Press
                  id="save-count"
                  kind="main"
                  disabled={typed.length === 0 || save.isPending}
                  onPress={() => { save.mutate(typed) }}
                >{t`Keep ${String(typed.length)} counted`}</Press>
              </>
            )}
          <a className="btn btn-outline-primary press" href="/shelf/order">{t`Order list`}</a>
        </span>
      </div>
      {count !== null && old ? (
        <Notice kind="warn" title={t`This count was begun on ${showDay(count.begun)} at ${showClock(count.begun)}.`}>
          {t`What was poured since is not in what was typed then: look again, or leave the count.`}
        </Notice>
      ) : null}
      {counts === null ? null : (
        <Notice kind="note" title={t`Type what you find: grams, or packs such as 3 tubes.`}>
          {t`What you leave empty stays as it is. Enter goes to the next.`}
        </Notice>
      )}
      {save.error !== null && problems.length === 0 ? <ErrorNotice error={save.error} /> : null}
      <table className="stock-table">
        <thead>
          <tr>
            <th scope="col">{t`Product`}</th><th scope="col" className="number">{t`On the shelf`}</th>
            <th scope="col" className="number">{t`This week takes`}</th><th scope="col">{t`State`}</th>
            <th scope="col" className="number">{t`Order`}</th><th scope="col" />
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <StockLine
              key={row.id}
              row={row}
              first={rows[at - 1]?.line !== row.line}
              open={open === row.id}
              onOpen={() => { setOpen(open === row.id ? null : row.id) }}
              count={counts === null ? null : (counts[row.id] ?? '')}
              problem={problems.find((each) =>
                each.pointer === `/moves/${String(typed.findIndex(([id]) => id === row.id))}/amount`,
              )}
              onCount={(amount) => {
                save.reset()
                if (count !== null) setCount({ ...count, counts: { ...count.counts, [row.id]: amount } })
              }}
            />
          ))}
        </tbody>
      </table>
      {rows.length === 0 ? (
        <p className="quiet">
          {shown === 'wanting'
            ? t`Nothing is low, and the week’s plans are covered, as far as it was counted.`
            : t`Nothing here.`}
        </p>
      ) : null}
    </section>
  )
}
