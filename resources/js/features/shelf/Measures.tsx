import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { FromScale } from '../../shared/scale/FromScale'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { dropMeasure, measures as measuresQuery, saveMeasure } from './api'

const USUAL = ['scoop', 'cap', 'pump', 'strip']

/** Scoops, caps, pumps and strips: weighed once, from then on they are grams wherever they are typed. */
export function Measures({ writes }: { writes: boolean }) {
  const queries = useQueryClient()
  const { data = [] } = useQuery(measuresQuery)
  const shelf = useQuery(shelfQuery).data
  const [said, setSaid] = useState({ name: '', grams: '', product: '' })
  const keep = (all: typeof data) => { queries.setQueryData(measuresQuery.queryKey, all) }
  const save = useMutation({
    mutationFn: () => saveMeasure(said),
    onSuccess: (all) => { keep(all); setSaid({ name: '', grams: '', product: '' }) },
  })
  const drop = useMutation({ mutationFn: dropMeasure, onSuccess: keep })
  const set = (next: Partial<typeof said>) => { save.reset(); setSaid({ ...said, ...next }) }
  const problem = (at: string) => (save.error instanceof Refused
    ? save.error.problems.find((each) => each.pointer === `/measure/${at}`)
    : undefined)
  const products = (shelf?.lines ?? []).flatMap((line) =>
    line.products.map((product) => ({ id: product.id, words: `${line.name} ${product.code}` })),
  )
  const named = (id: string) => (id === ''
    ? t`of anything`
    : `of ${products.find((each) => each.id === id)?.words ?? shelf?.developers.find((each) => each.id === id)?.label ?? id}`)
  return (
    <section aria-labelledby="measures-title">
      <h1 id="measures-title">{t`Measures`}</h1>
      <p className="lead-line">
        {t`Fill it as you do at the bench, weigh what it holds once, and “2 scoops” is grams from then on.`}
      </p>
      <ul className="plain-rows">
        {data.map((each) => (
          <li key={each.id}>
            <strong>
              1 {each.name}
            </strong> <span className="quiet">
              {named(each.product)}
            </span> <span className="grams"><Mass of={each.grams} /></span>
            {writes ? (
              <Press
                kind="quiet"
                label={t`Take away: ${each.name} ${named(each.product)}`}
                onPress={() => { drop.mutate(each.id) }}
              >{t`Take away`}</Press>
            ) : null}
          </li>
        ))}
        {data.length === 0 ? <li className="quiet">{t`None weighed yet.`}</li> : null}
      </ul>
      {drop.error === null ? null : <ErrorNotice error={drop.error} />}
      {writes ? (
        <Form className="inline-editor" onSubmit={(event) => { event.preventDefault(); save.mutate() }}>
          <div className="chips">
            {USUAL.map((name) => <button
              key={name}
              type="button"
              className="chip"
              aria-pressed={said.name === name}
              onClick={() => { set({ name }) }}
            >{name}</button>)}
          </div>
          {save.error !== null && !(save.error instanceof Refused && save.error.problems.length > 0) ? (
            <ErrorNotice error={save.error} />
          ) : null}
          <div className="field-row">
            <Field id="measure-name" label={t`What it is called`} problem={problem('name')}>
              <Form.Control
                value={said.name}
                maxLength={40}
                onChange={(event) => { set({ name: event.target.value }) }}
              />
            </Field>
            <Field id="measure-grams" label={t`It holds, in grams`} problem={problem('grams')}>
              <Form.Control
                inputMode="decimal"
                value={said.grams}
                onChange={(event) => { set({ grams: event.target.value }) }}
              />
            </Field>
            <Field id="measure-product" label={t`Filled with`} problem={problem('product')}>
              <Form.Select value={said.product} onChange={(event) => { set({ product: event.target.value }) }}>
                <option value="">{t`anything`}</option>
                {products.map((each) => <option key={each.id} value={each.id}>{each.words}</option>)}
              </Form.Select>
            </Field>
          </div>
          <p className="quiet">
            {t`Set the scale to zero with a dish on it, and empty one level ${said.name === '' ? t`scoop` : said.name} into the dish.`}
          </p>
          <div className="notice-actions"><FromScale onTake={(grams) => { set({ grams }) }} /></div>
          <Press submit kind="main" id="save-measure" disabled={save.isPending}>{t`Keep it`}</Press>
        </Form>
      ) : null}
    </section>
  )
}
