import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { showDate } from '../../shared/format/time'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { eraseDue, retention, setRetention, type Retention as Answer } from './api'

/** How long the house keeps somebody after their last visit. Whom a rule would take out is seen before there is one. */
export function Retention() {
  const queries = useQueryClient()
  const [typed, setTyped] = useState<string | null>(null)
  const rule = useQuery(retention(null))
  const years = typed === null ? rule.data?.rule ?? null : Number(typed)
  const asked = typed !== null && typed !== '' && Number.isInteger(years) && (years ?? 0) >= 1 && (years ?? 0) <= 100
  const tried = useQuery({ ...retention(years), enabled: asked })
  const shown = asked ? tried.data : rule.data
  const keep = (answer: Answer) => {
    setTyped(null)
    queries.setQueryData(retention(null).queryKey, answer)
    void queries.invalidateQueries({ queryKey: ['retention'] })
    void queries.invalidateQueries({ queryKey: ['house'] })
  }
  const set = useMutation({ mutationFn: (wanted: number | null) => setRetention(wanted, rule.data?.version ?? 0), onSuccess: keep, onError: () => { void rule.refetch() } })
  // Its heading is there at once: an address may lead to it.
  if (rule.data === undefined) return <section><h2 id="house-keeps">How long clients are kept</h2></section>
  const changed = typed !== null && (typed === '' ? null : years) !== rule.data.rule
  return (
    <section aria-labelledby="house-keeps">
      <h2 id="house-keeps">How long clients are kept</h2>
      <p className="quiet">{rule.data.rule === null ? 'Nobody is taken out: there is no rule.' : `Whoever was not here for ${String(rule.data.rule)} years is due to be taken out of the record. It is done by you, never by itself.`} What was mixed stays, of nobody.</p>
      <Field id="keep-years" label="Years after the last visit">
        <Form.Control type="number" min={1} max={100} placeholder="no rule" value={typed ?? rule.data.rule ?? ''} onChange={(event) => { setTyped(event.target.value) }} />
      </Field>
      {shown === undefined || shown.years === null ? null : (
        <>
          <p role="status"><strong>{shown.count === 0 ? 'Nobody' : shown.count === 1 ? 'One client' : `${String(shown.count)} clients`}</strong> {asked && changed ? 'would be due' : shown.count === 1 ? 'is due' : 'are due'} after {shown.years} {shown.years === 1 ? 'year' : 'years'}{shown.count > shown.clients.length ? `; the ${String(shown.clients.length)} who were away longest:` : shown.count === 0 ? '.' : ':'}</p>
          {shown.clients.length === 0 ? null : <ul className="plain-rows">{shown.clients.map((each) => <li key={each.id}><Link to={`/clients/${each.id}`}>{each.name}</Link> <span className="quiet">{each.lastVisit === null ? 'never had a visit' : `last here ${showDate(each.lastVisit.slice(0, 10))}`}</span></li>)}</ul>}
        </>
      )}
      {set.error === null ? null : <ErrorNotice error={set.error} />}
      {changed ? (
        <span className="notice-actions">
          <Press kind="main" id="save-keeps" disabled={set.isPending || (typed !== '' && !asked)} onPress={() => { set.mutate(typed === '' ? null : years) }}>{typed === '' ? 'Have no rule' : 'Make it the rule'}</Press>
          <Press kind="quiet" onPress={() => { setTyped(null); set.reset() }}>Leave it</Press>
        </span>
      ) : rule.data.count > 0 ? <EraseDue answer={rule.data} onDone={keep} /> : null}
    </section>
  )
}

function EraseDue({ answer, onDone }: { answer: Answer; onDone: (next: Answer) => void }) {
  const [said, setSaid] = useState({ reason: '', password: '' })
  const erase = useMutation({ mutationFn: () => eraseDue(answer.clients.map((each) => each.id), said.reason.trim(), said.password), onSuccess: onDone })
  const many = answer.clients.length === 1 ? 'this client' : `these ${String(answer.clients.length)}`
  return (
    <details className="adjust">
      <summary>Take {many} out of the record</summary>
      <Form onSubmit={(event) => { event.preventDefault(); erase.mutate() }}>
        <p>Names, contact, health, photographs and words go for good; grams and formulas stay, of nobody. It cannot be taken back.</p>
        <Field id="due-reason" label="Why"><Form.Control maxLength={300} placeholder="the rule, looked through in January" value={said.reason} onChange={(event) => { setSaid({ ...said, reason: event.target.value }) }} /></Field>
        <Field id="due-password" label="Your password"><Form.Control type="password" autoComplete="current-password" value={said.password} onChange={(event) => { setSaid({ ...said, password: event.target.value }) }} /></Field>
        {erase.error === null ? null : <ErrorNotice error={erase.error} />}
        <Press kind="stop" submit id="erase-due" disabled={said.reason.trim().length < 10 || said.password === '' || erase.isPending}>Take {many} out for good</Press>
      </Form>
    </details>
  )
}
