import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
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
  const set = useMutation({
    mutationFn: (wanted: number | null) => setRetention(wanted, rule.data?.version ?? 0),
    onSuccess: keep,
    onError: () => { void rule.refetch() },
  })
  // Its heading is there at once: an address may lead to it.
  if (rule.data === undefined) return <section><h2 id="house-keeps">{t`How long clients are kept`}</h2></section>
  const changed = typed !== null && (typed === '' ? null : years) !== rule.data.rule
  return (
    <section aria-labelledby="house-keeps">
      <h2 id="house-keeps">{t`How long clients are kept`}</h2>
      <p className="quiet">
        {t`${rule.data.rule === null ? t`Nobody is taken out: there is no rule.` : t`Whoever was not here for ${String(rule.data.rule)} years is due to be taken out of the record. It is done by you, never by itself.`} What was mixed stays, of nobody.`}
      </p>
      <Field id="keep-years" label={t`Years after the last visit`}>
        <Form.Control
          type="number"
          min={1}
          max={100}
          placeholder={t`no rule`}
          value={typed ?? rule.data.rule ?? ''}
          onChange={(event) => { setTyped(event.target.value) }}
        />
      </Field>
      {shown === undefined || shown.years === null ? null : (
        <>
          <p role="status">
            <Trans>
              <strong>
                {shown.count === 0 ? t`Nobody` : shown.count === 1 ? t`One client` : t`${String(shown.count)} clients`}
              </strong>{' '}
              {asked && changed ? t`would be due` : shown.count === 1 ? t`is due` : t`are due`} after {shown.years}{' '}
              {shown.years === 1 ? t`year` : t`years`}
              {shown.count > shown.clients.length
                ? t`; the ${String(shown.clients.length)} who were away longest:`
                : shown.count === 0 ? '.' : ':'}
            </Trans>
          </p>
          {shown.clients.length === 0 ? null : (
            <ul className="plain-rows">
              {shown.clients.map((each) => <li key={each.id}>
                <Link to={`/clients/${each.id}`}>{each.name}</Link>{' '}
                <span className="quiet">
                  {each.lastVisit === null
                    ? t`never had a visit`
                    : t`last here ${showDate(each.lastVisit.slice(0, 10))}`}
                </span>
              </li>)}
            </ul>
          )}
        </>
      )}
      {set.error === null ? null : <ErrorNotice error={set.error} />}
      {changed ? (
        <span className="notice-actions">
          <Press
            kind="main"
            id="save-keeps"
            disabled={set.isPending || (typed !== '' && !asked)}
            onPress={() => { set.mutate(typed === '' ? null : years) }}
          >{typed === '' ? t`Have no rule` : t`Make it the rule`}</Press>
          <Press kind="quiet" onPress={() => { setTyped(null); set.reset() }}>{t`Leave it`}</Press>
        </span>
      ) : rule.data.count > 0 ? <EraseDue answer={rule.data} onDone={keep} /> : null}
    </section>
  )
}

function EraseDue({ answer, onDone }: { answer: Answer; onDone: (next: Answer) => void }) {
  const [said, setSaid] = useState({ reason: '', password: '' })
  const erase = useMutation({
    mutationFn: () => eraseDue(answer.clients.map((each) => each.id), said.reason.trim(), said.password),
    onSuccess: onDone,
  })
  const many = answer.clients.length === 1 ? t`this client` : t`these ${String(answer.clients.length)}`
  return (
    <details className="adjust">
      <summary>{t`Take ${many} out of the record`}</summary>
      <Form onSubmit={(event) => { event.preventDefault(); erase.mutate() }}>
        <p>
          {t`Names, contact, health, photographs and words go for good; grams and formulas stay, of nobody. It cannot be taken back.`}
        </p>
        <Field id="due-reason" label={t`Why`}>
          <Form.Control
            maxLength={300}
            placeholder={t`the rule, looked through in January`}
            value={said.reason}
            onChange={(event) => { setSaid({ ...said, reason: event.target.value }) }}
          />
        </Field>
        <Field id="due-password" label={t`Your password`}>
          <Form.Control
            type="password"
            autoComplete="current-password"
            value={said.password}
            onChange={(event) => { setSaid({ ...said, password: event.target.value }) }}
          />
        </Field>
        {erase.error === null ? null : <ErrorNotice error={erase.error} />}
        <Press
          kind="stop"
          submit
          id="erase-due"
          disabled={said.reason.trim().length < 10 || said.password === '' || erase.isPending}
        >{t`Take ${many} out for good`}</Press>
      </Form>
    </details>
  )
}
