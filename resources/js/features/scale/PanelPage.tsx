import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { z } from 'zod'
import { getJson, postJson } from '../../shared/api/http'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'

const shape = z.object({
  state: z.object({ bowl: z.number(), content: z.number(), lifted: z.boolean(), flowing: z.boolean(), reading: z.number(), still: z.boolean(), connected: z.boolean() }),
})

/** The simulated scale's pour panel: pour, lift, and everything that goes wrong with a real one. */
export function PanelPage() {
  const queries = useQueryClient()
  const [scale, setScale] = useState(1)
  const panel = useQuery({ queryKey: ['panel', scale], queryFn: async ({ signal }) => shape.parse(await getJson(`scale/panel?scale=${scale}`, signal)), refetchInterval: 400 })
  const send = useMutation({ mutationFn: (command: string) => postJson('scale/panel', { command, scale }), onSettled: () => queries.invalidateQueries({ queryKey: ['panel'] }) })
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
        <h1>Pour panel</h1>
        <p className="quiet">The simulated scales: for trying the bench without a real one.</p>
        <OneOf label="Which scale" all={[['1', 'The bench scale'], ['2', 'Bench scale 2']]} on={String(scale)} onChange={(chosen) => { setScale(Number(chosen ?? '1')) }} />
      </header>
      {error === null ? null : <ErrorNotice error={error} />}
      <div className="panel-body">
        <section className="card-paper">
          <h2>On the pan</h2>
          <p className="grams-big">{state === undefined ? '–' : state.lifted ? 'bowl lifted' : state.bowl === 0 ? 'nothing' : `bowl ${state.bowl} g, in it ${state.content} g`}</p>
          <div className="panel-row">
            <Press size="bench" onPress={() => { send.mutate('bowl 210') }} id="panel-bowl">Put an empty bowl</Press>
            <Press size="bench" onPress={() => { send.mutate(state?.lifted === true ? 'return' : 'lift') }}>{state?.lifted === true ? 'Put it back' : 'Lift the bowl'}</Press>
          </div>
        </section>
        <section className="card-paper">
          <h2>Pour</h2>
          <div className="panel-row">
            {[1, 4, 12].map((rate) => (
              <button key={rate} type="button" className="btn btn-outline-primary press press-bench" onPointerDown={() => { hold(rate) }} onPointerUp={release} onPointerLeave={release}>
                {rate === 1 ? 'Drip' : rate === 4 ? 'Pour' : 'Gush'} <span className="quiet">while held</span>
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
            <Form.Control aria-label="Grams to pour" inputMode="decimal" value={grams} onChange={(event) => { setGrams(event.target.value.replace(',', '.')) }} id="panel-grams" />
            <Press kind="main" size="bench" submit id="panel-pour">Pour {grams} g</Press>
          </Form>
        </section>
        <section className="card-paper">
          <h2>What goes wrong</h2>
          <div className="panel-row">
            <Press onPress={() => { send.mutate('drop 8') }} id="panel-drop">Cable out for 8 s</Press>
            <Press onPress={() => { send.mutate('garbage 40') }} id="panel-garbage">Garbage for 4 s</Press>
            <Press onPress={() => { send.mutate('bowl 3200') }}>Overload</Press>
            <Press onPress={() => { send.mutate('drift 0.05') }}>Drift</Press>
            <Press onPress={() => { send.mutate('tare') }}>Its own zero key</Press>
            <Press onPress={() => { send.mutate('unit oz') }}>Shows ounces</Press>
            <Press onPress={() => { send.mutate('unit g') }}>Shows grams</Press>
            <Press onPress={() => { send.mutate('slow 900') }}>Slow cable</Press>
            <Press onPress={() => { send.mutate('freeze 8') }}>Stuck for 8 s</Press>
            <Press kind="quiet" onPress={() => { send.mutate('reset') }}>Reset</Press>
          </div>
        </section>
      </div>
    </div>
  )
}
