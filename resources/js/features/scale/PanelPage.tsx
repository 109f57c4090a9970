import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'

const shape = z.object({
  state: z.object({
    bowl: z.number(),
    content: z.number(),
    lifted: z.boolean(),
    flowing: z.boolean(),
    reading: z.number(),
    still: z.boolean(),
    connected: z.boolean(),
  }),
})

/** The simulated scale's pour panel: pour, lift, and everything that goes wrong with a real one. */
export function PanelPage() {
  const queries = useQueryClient()
  const [scale, setScale] = useState(1)
  const panel = useQuery({
    queryKey: ['panel', scale],
    queryFn: async ({ signal }) => shape.parse(await getJson(`scale/panel?scale=${scale}`, signal)),
    refetchInterval: 400,
  })
  const send = useMutation({
    mutationFn: (command: string) => postJson('scale/panel', { command, scale }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['panel'] }),
  })
  const [grams, setGrams] = useState('20')
  const holding = useRef(false)
  const state = panel.data?.state
  const hold = (rate: number) => {
    holding.current = true
    send.mutate(`flow ${rate}`)
  }
  const release = () => {
    if (holding.current) send.mutate('flow 0')
    holding.current = false
  }
  const error = send.error ?? panel.error
  return (
    <div className="page panel">
      <header className="page-head">
        <h1>{t`Pour panel`}</h1>
        <p className="quiet">{t`The simulated scales: for trying the bench without a real one.`}</p>
        <OneOf
          label={t`Which scale`}
          all={[['1', t`The bench scale`], ['2', t`Bench scale 2`]]}
          on={String(scale)}
          onChange={(chosen) => { setScale(Number(chosen ?? '1')) }}
        />
      </header>
      {error === null ? null : <ErrorNotice error={error} />}
      <div className="panel-body">
        <section className="card-paper">
          <h2>{t`On the pan`}</h2>
          <p className="grams-big">
            {state === undefined
              ? '–'
              : state.lifted
              ? t`bowl lifted`
              : state.bowl === 0 ? t`nothing` : t`bowl ${state.bowl} g, in it ${state.content} g`}
          </p>
          <div className="panel-row">
            <Press size="bench" onPress={() => { send.mutate('bowl 210') }} id="panel-bowl">
              {t`Put an empty bowl`}
            </Press>
            <Press size="bench" onPress={() => { send.mutate(state?.lifted === true ? 'return' : 'lift') }}>
              {state?.lifted === true ? t`Put it back` : t`Lift the bowl`}
            </Press>
          </div>
        </section>
        <section className="card-paper">
          <h2>{t`Pour`}</h2>
          <div className="panel-row">
            {[1, 4, 12].map((rate) => (
              <button
                key={rate}
                type="button"
                className="btn btn-outline-primary press press-bench"
                onPointerDown={() => { hold(rate) }}
                onPointerUp={release}
                onPointerLeave={release}
              >
                {rate === 1 ? t`Drip` : rate === 4 ? t`Pour` : t`Gush`} <span className="quiet">{t`while held`}</span>
              </button>
            ))}
          </div>
          <Form
            className="panel-row"
            onSubmit={(event) => {
              event.preventDefault()
              send.mutate(`pour ${grams}`)
            }}
          >
            <Form.Control
              aria-label={t`Grams to pour`}
              inputMode="decimal"
              value={grams}
              onChange={(event) => { setGrams(event.target.value.replace(',', '.')) }}
              id="panel-grams"
            />
            <Press kind="main" size="bench" submit id="panel-pour">{t`Pour ${grams} g`}</Press>
          </Form>
        </section>
        <section className="card-paper">
          <h2>{t`What goes wrong`}</h2>
          <div className="panel-row">
            <Press onPress={() => { send.mutate('drop 8') }} id="panel-drop">{t`Cable out for 8 s`}</Press>
            <Press onPress={() => { send.mutate('garbage 40') }} id="panel-garbage">{t`Garbage for 4 s`}</Press>
            <Press onPress={() => { send.mutate('bowl 3200') }}>{t`Overload`}</Press>
            <Press onPress={() => { send.mutate('drift 0.05') }}>{t`Drift`}</Press>
            <Press onPress={() => { send.mutate('tare') }}>{t`Its own zero key`}</Press>
            <Press onPress={() => { send.mutate('unit oz') }}>{t`Shows ounces`}</Press>
            <Press onPress={() => { send.mutate('unit g') }}>{t`Shows grams`}</Press>
            <Press onPress={() => { send.mutate('slow 900') }}>{t`Slow cable`}</Press>
            <Press onPress={() => { send.mutate('freeze 8') }}>{t`Stuck for 8 s`}</Press>
            <Press kind="quiet" onPress={() => { send.mutate('reset') }}>{t`Reset`}</Press>
          </div>
        </section>
      </div>
    </div>
  )
}
