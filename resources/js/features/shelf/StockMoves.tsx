import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { showClock, showDay } from '../../shared/format/time'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { ledger, moveStock, setMark, stock as stockQuery, type Kind, type StockRow } from './stockApi'

const KINDS = [
  ['delivered', t`came in`],
  ['counted', t`counted`],
  ['thrown', t`thrown away`],
  ['opened', t`a pack opened`],
  ['corrected', t`put right`],
] as const
const WORDS: Record<string, string> = {
  poured: t`poured`,
  undone: t`pour taken back`,
  delivered: t`came in`,
  counted: t`counted`,
  corrected: t`put right`,
  opened: t`a pack opened`,
  thrown: t`thrown away`,
}

/** One product's ledger, and what a hand writes into it. */
export function StockMoves({ row }: { row: StockRow }) {
  const queries = useQueryClient()
  const { data = [] } = useQuery(ledger(row.id))
  const [said, setSaid] = useState({ kind: 'delivered' as Kind, amount: '', note: '', out: true })
  const [mark, setNextMark] = useState(row.mark ?? '')
  const kept = (next: Parameters<typeof queries.setQueryData>[1]) => {
    queries.setQueryData(stockQuery.queryKey, next as never)
    void queries.invalidateQueries({ queryKey: ['stock', row.id] })
  }
  const move = useMutation({
    mutationFn: () => moveStock([{ product: row.id, ...said }], `${row.code}: ${WORDS[said.kind] ?? ''}`),
    onSuccess: (next) => { kept(next); setSaid({ ...said, amount: '', note: '' }) },
  })
  const low = useMutation({ mutationFn: () => setMark(row.id, mark), onSuccess: kept })
  const set = (next: Partial<typeof said>) => { move.reset(); setSaid({ ...said, ...next }) }
  const problem = (at: string) => (move.error instanceof Refused
    ? move.error.problems.find((each) => each.pointer === `/moves/0/${at}`)
    : undefined)
  const markProblem = low.error instanceof Refused
    ? low.error.problems.find((each) => each.pointer === '/mark')
    : undefined
  return (
    <div className="inline-editor stock-moves">
      <Form onSubmit={(event) => { event.preventDefault(); move.mutate() }}>
        <OneOf
          label={t`What moved`}
          all={KINDS}
          on={said.kind}
          onChange={(kind) => { set({ kind: KINDS.find(([each]) => each === kind)?.[0] ?? 'delivered' }) }}
        />
        {move.error !== null && !(move.error instanceof Refused && move.error.problems.length > 0) ? (
          <ErrorNotice error={move.error} />
        ) : null}
        <div className="field-row">
          {said.kind === 'opened' ? null : (
            <Field
              id="move-amount"
              label={said.kind === 'counted' ? t`There is` : t`How much`}
              problem={problem('amount')}
            ><Form.Control
              autoFocus
              placeholder={row.pack === null ? t`such as 60 g` : t`such as 2 tubes, or 60 g`}
              value={said.amount}
              onChange={(event) => { set({ amount: event.target.value }) }}
            /></Field>
          )}
          {said.kind === 'corrected' ? (
            <OneOf
              label={t`Which way`}
              all={[['out', t`less`], ['in', t`more`]]}
              on={said.out ? 'out' : 'in'}
              onChange={(on) => { set({ out: on !== 'in' }) }}
            />
          ) : null}
          <Field
            id="move-note"
            label={said.kind === 'thrown' || said.kind === 'corrected' ? t`Why` : t`Note`}
            problem={problem('note')}
          ><Form.Control
            maxLength={200}
            value={said.note}
            onChange={(event) => { set({ note: event.target.value }) }}
          /></Field>
          <Press submit kind="main" id="keep-move" disabled={move.isPending}>{t`Keep it`}</Press>
        </div>
      </Form>
      <Form className="field-row" onSubmit={(event) => { event.preventDefault(); low.mutate() }}>
        <Field id="move-mark" label={t`Low from (empty: half a pack)`} problem={markProblem}>
          <Form.Control value={mark} onChange={(event) => { low.reset(); setNextMark(event.target.value) }} />
        </Field>
        <Press submit disabled={low.isPending || mark === (row.mark ?? '')}>{t`Set`}</Press>
      </Form>
      <ul className="ledger">
        {data.slice(0, 30).map((each) => (
          <li key={each.id}>
            <span className="quiet">{showDay(each.at)} {showClock(each.at)}</span>{' '}
            <span>{WORDS[each.kind] ?? each.kind}</span>{' '}
            <span className="grams">
              {each.kind === 'opened' ? '' : masses(`${each.out ? '−' : '+'}${each.grams}`)}
            </span>{' '}
            <span className="quiet">{[each.by, each.note].filter((words) => words !== '').join(': ')}</span>
          </li>
        ))}
        {data.length === 0 ? <li className="quiet">{t`Nothing has moved yet.`}</li> : null}
      </ul>
    </div>
  )
}
