import { t } from '@lingui/core/macro'
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { showAgo } from '../../shared/format/time'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { addClient, clients } from './api'

export function ClientsPage({ formulates }: { formulates: boolean }) {
  const [params, setParams] = useSearchParams()
  // The field keeps its own text: the address follows it, too slowly for quick fingers to be read back from.
  const [search, setSearch] = useState(params.get('search') ?? '')
  const found = useQuery({ ...clients(search), placeholderData: keepPreviousData })
  return (
    <div className="page">
      <header className="page-head">
        <h1>{t`Clients`}</h1>
      </header>
      <div className="clients">
        <section aria-label={t`Find a client`}>
          <Form.Control
            type="search"
            size="lg"
            autoFocus
            placeholder={t`Name, phone, shade, line or technique`}
            aria-label={t`Name, phone, shade, line or technique`}
            value={search}
            onChange={(event) => {
              setSearch(event.target.value)
              setParams(event.target.value === '' ? {} : { search: event.target.value }, { replace: true })
            }}
          />
          {found.error === null ? null : <ErrorNotice error={found.error} />}
          {found.data?.length === 0 ? (
            <p className="quiet">{t`Nobody by that. A new client can be added beside.`}</p>
          ) : null}
          <ul className="client-list">
            {found.data?.map((client) => (
              <li key={client.id}>
                <Link to={`/clients/${client.id}`}>
                  <strong>{client.name}</strong>
                  <span className="quiet">
                    {client.by.length === 0 ? client.about : <span className="found-by">{client.by.join(', ')}</span>}
                  </span>
                  <span className="client-last">
                    {client.lastVisit === null ? t`new` : showAgo(client.lastVisit, new Date())}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
        {formulates ? <NewClient /> : null}
      </div>
    </div>
  )
}

function NewClient() {
  const [fields, setFields] = useState({ name: '', phone: '', about: '', cautions: '' })
  const go = useNavigate()
  const add = useMutation({
    mutationFn: () => addClient(fields),
    onSuccess: (made) => go(
      made === null ? `/clients?search=${encodeURIComponent(fields.name)}` : `/clients/${made.id}`,
    ),
  })
  const set = (name: keyof typeof fields) => (event: { target: { value: string } }) => {
    setFields({ ...fields, [name]: event.target.value })
  }
  return (
    <Form
      className="card-paper new-client"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate()
      }}
    >
      <h2>{t`New client`}</h2>
      <Field id="new-name" label={t`Name`}>
        <Form.Control required maxLength={120} value={fields.name} onChange={set('name')} />
      </Field>
      <Field id="new-phone" label={t`Phone`}>
        <Form.Control maxLength={40} value={fields.phone} onChange={set('phone')} />
      </Field>
      <Field id="new-about" label={t`About`}>
        <Form.Control maxLength={500} value={fields.about} onChange={set('about')} />
      </Field>
      <Field id="new-cautions" label={t`Cautions`}>
        <Form.Control maxLength={500} value={fields.cautions} onChange={set('cautions')} />
      </Field>
      {add.error === null ? null : <ErrorNotice error={add.error} />}
      <Press kind="main" submit disabled={add.isPending}>
        {t`Add client`}
      </Press>
    </Form>
  )
}
