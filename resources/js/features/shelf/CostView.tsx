import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Waiting } from '../../shared/ui/Waiting'
import { costs, costsQuery, type Costs, type CostsAsked } from './costApi'

const BY = [
  ['month', t`month`],
  ['line', t`line`],
  ['product', t`product`],
  ['client', t`client`],
  ['visit', t`visit`],
  ['bowl', t`bowl`],
  ['person', t`person`],
] as const
const CostChart = lazy(async () => ({ default: (await import('./CostChart')).CostChart }))

/** What the bowls cost and what of it was wasted, drawn and in a table. */
export function CostView() {
  const [asked, ask] = useState<CostsAsked>({ by: 'month', from: null, to: null })
  const { data: answer, error } = useQuery({ ...costs(asked), placeholderData: keepPreviousData })
  // What is refused is mended where it was asked: the days stay, without sums that are of others.
  const [last, keep] = useState<Costs>()
  if (answer !== undefined && answer !== last) keep(answer)
  const data = answer ?? last
  if (data === undefined) return error === null ? <Waiting what={t`Cost and waste`} /> : <ErrorNotice error={error} />
  return (
    <section aria-labelledby="cost-title" className="costs">
      <div className="page-head">
        <h1 id="cost-title">{t`Cost and waste`}</h1>
        <span className="notice-actions stock-presses">
          {answer === undefined ? null : (
            <a
              className="btn btn-link press"
              href={`/api/costs/table?${costsQuery({ by: answer.by, from: answer.from, to: answer.to })}`}
              download
            >{t`As a table (CSV)`}</a>
          )}
        </span>
      </div>
      <div className="cost-asked">
        <OneOf label={t`Told by`} all={BY} on={asked.by} onChange={(by) => { ask({ ...asked, by: by ?? 'month' }) }} />
        <Field id="cost-from" label={t`From`} className="narrow-ratio">
          <Form.Control
            type="date"
            value={asked.from ?? data.from}
            onChange={(event) => { ask({ ...asked, from: event.target.value }) }}
          />
        </Field>
        <Field id="cost-to" label={t`To`} className="narrow-ratio">
          <Form.Control
            type="date"
            value={asked.to ?? data.to}
            onChange={(event) => { ask({ ...asked, to: event.target.value }) }}
          />
        </Field>
      </div>
      {error === null ? null : <ErrorNotice error={error} />}
      {answer === undefined ? null : <CostSums data={answer} />}
    </section>
  )
}

function CostSums({ data }: { data: Costs }) {
  const shown = data.rows.slice(0, 200)
  const addOns = data.total.addOns !== null
  return (
    <>
      <p className="cost-total">
        <span><Trans><strong className="grams-big">{data.total.cost}</strong> poured</Trans></span>
        <span>
          <Trans>
            <strong className="grams-big cost-waste">{data.total.wastedCost}</strong> of it never came onto a head:{' '}
            {masses(data.total.wasted)} of {masses(data.total.poured)}
          </Trans>
        </span>
        {data.total.thrown === null ? null : (
          <span>
            <Trans>
              <strong>{data.total.thrown.cost}</strong> of that in bowls thrown away whole,{' '}
              {masses(data.total.thrown.grams)}
            </Trans>
          </span>
        )}
        {data.total.over === null ? null : (
          <span>
            <Trans>
              <strong>{data.total.over.cost}</strong> went in beyond the plan, {masses(data.total.over.grams)}
            </Trans>
          </span>
        )}
        {data.total.addOns === null ? null : (
          <span><Trans><strong>{data.total.addOns}</strong> of treatments done beside</Trans></span>
        )}
        {data.total.unpriced === null ? null : (
          <span className="quiet">{t`${masses(data.total.unpriced)} have no price, and are not counted as free`}</span>
        )}
      </p>
      {shown.length === 0 ? <p className="quiet">{t`Nothing was poured in these days.`}</p> : (
        <Suspense fallback={<Waiting what={t`the drawing`} />}><CostChart rows={shown.slice(0, 24)} /></Suspense>
      )}
      <div className="table-scroll" tabIndex={0} role="region" aria-label={t`What it cost, row by row`}>
        <table className="stock-table">
          <thead>
            <tr>
              <th scope="col">{BY.find(([key]) => key === data.by)?.[1]}</th>
              <th scope="col" className="number">{t`Poured`}</th>
              <th scope="col" className="number">{t`Cost`}</th>
              <th scope="col" className="number">{t`Not used`}</th>
              <th scope="col" className="number">{t`its cost`}</th>
              <th scope="col" className="number">{t`thrown away`}</th>
              <th scope="col" className="number">{t`beyond the plan`}</th>
              {addOns ? <th scope="col" className="number">{t`add-ons`}</th> : null}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.key}>
                <td>{row.name}</td><td className="number grams"><Mass of={row.poured} /></td>
                <td className="number grams">
                  {row.cost}
                  {row.unpriced === null ? '' : <span className="quiet"> {t`+ ${masses(row.unpriced)} unpriced`}</span>}
                </td>
                <td className="number"><Mass of={row.wasted} /></td>
                <td className="number">{row.wastedCost}</td>
                <td className="number">{row.thrown?.cost ?? ''}</td>
                <td className="number">{row.over?.cost ?? ''}</td>
                {addOns ? <td className="number">{row.addOns ?? ''}</td> : null}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {shown.length < data.rows.length ? (
        <p className="quiet">{t`and ${data.rows.length - shown.length} more; the table (CSV) has all of them.`}</p>
      ) : null}
    </>
  )
}
