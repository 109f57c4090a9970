import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { removeService, renameService, services, type Service } from './blendsApi'

/** What the house does again and again: rounds, bowls, amounts, minutes; each begins a visit from the client's file. */
export function Services({ writes }: { writes: boolean }) {
  const { data, error } = useQuery(services)
  if (data === undefined) return error === null ? <Waiting what={t`The services`} /> : <ErrorNotice error={error} />
  return (
    <section aria-labelledby="services-title">
      <h1 id="services-title">{t`Services`}</h1>
      <p className="lead-line">
        {t`A visit’s rounds and bowls under a name, kept in the visit with “Keep as a service”. From a client’s file each begins a visit; in a visit it can be planned with one press. Kept under the same name again, the newer stands.`}
      </p>
      <ul className="plain-rows services">
        {data.map((service) => <OneService key={service.id} service={service} writes={writes} />)}
        {data.length === 0 ? <li className="quiet">{t`None yet.`}</li> : null}
      </ul>
    </section>
  )
}

function OneService({ service, writes }: { service: Service; writes: boolean }) {
  const queries = useQueryClient()
  const [name, setName] = useState<string | null>(null)
  const [asks, setAsks] = useState(false)
  const done = () => {
    setName(null)
    void queries.invalidateQueries({ queryKey: services.queryKey })
  }
  const rename = useMutation({ mutationFn: () => renameService(service.id, (name ?? '').trim()), onSuccess: done })
  const remove = useMutation({ mutationFn: () => removeService(service.id), onSuccess: done })
  const error = rename.error ?? remove.error
  return (
    <li>
      {name === null ? <strong>{service.name}</strong> : (
        <Form className="notice-actions" onSubmit={(event) => { event.preventDefault(); rename.mutate() }}>
          <Form.Control
            aria-label={t`Name of ${service.name}`}
            autoFocus
            maxLength={80}
            value={name}
            onChange={(event) => { setName(event.target.value) }}
          />
          <Press kind="main" submit disabled={name.trim() === '' || rename.isPending}>{t`Rename`}</Press>
          <Press kind="quiet" onPress={() => { setName(null) }}>{t`Leave it`}</Press>
        </Form>
      )}
      <span className="quiet">
        {service.visits === 0
          ? t`no visit yet`
          : service.visits === 1 ? t`one visit` : t`${String(service.visits)} visits`}
        {service.since === null ? '' : t`, as of ${showDay(service.since)}`}
      </span>
      {writes && name === null ? (
        <Press kind="quiet" label={t`Rename ${service.name}`} onPress={() => { setName(service.name) }}>
          {t`Rename`}
        </Press>
      ) : null}
      {writes && name === null
        ? (asks ? (
          <Press kind="stop" label={t`Take ${service.name} off the list for good`} onPress={() => { remove.mutate() }}>
            {t`Visits keep their bowls: take it off`}
          </Press>
        ) : (
          <Press kind="quiet" label={t`Take ${service.name} off the list`} onPress={() => { setAsks(true) }}>
            {t`Take off`}
          </Press>
        ))
        : null}
      <ul className="blend-versions">
        {service.rounds.map((round, at) => (
          <li key={at}>
            <span>{round.name}</span>{' '}
            <span>
              {round.bowls.map((bowl) => `${bowl.letter} ${bowl.job}${bowl.amount === '' ? '' : `, ${bowl.amount}`}${bowl.minutes === '' ? '' : t`, ${bowl.minutes} min`}`).join('; ')}
            </span>
          </li>
        ))}
      </ul>
      {error === null ? null : <ErrorNotice error={error} />}
    </li>
  )
}
