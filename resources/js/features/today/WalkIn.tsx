import { t } from '@lingui/core/macro'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { findClients, walkIn } from './api'

/** Somebody comes in from the street: name, press, in the chair. */
export function WalkIn() {
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const go = useNavigate()
  const queries = useQueryClient()
  const found = useQuery({ ...findClients(name), enabled: open, placeholderData: keepPreviousData })
  const sit = useMutation({
    mutationFn: walkIn,
    onSuccess: async ({ id }) => {
      await queries.invalidateQueries({ queryKey: ['today'] })
      void go(`/visits/${id}`)
    },
  })
  if (!open) return <Press kind="main" id="walk-in" onPress={() => { setOpen(true) }}>{t`Walk-in`}</Press>
  return (
    <section aria-label={t`Walk-in`} className="walk-in">
      <Form.Control
        autoFocus
        size="lg"
        aria-label={t`Who sits down`}
        placeholder={t`Name`}
        maxLength={120}
        value={name}
        onChange={(event) => { setName(event.target.value) }}
      />
      <ul>
        {found.data?.slice(0, 6).map((client) => (
          <li key={client.id}>
            <Press disabled={sit.isPending} onPress={() => { sit.mutate({ client: client.id }) }}>
              {client.name}
            </Press>{' '}
            <span className="quiet">{client.about}</span>
          </li>
        ))}
        {name.trim() === '' ? null : (
          <li>
            <Press kind="main" disabled={sit.isPending} onPress={() => { sit.mutate({ name: name.trim() }) }}>
              {t`New: ${name.trim()}`}
            </Press>
          </li>
        )}
      </ul>
      <Press kind="quiet" onPress={() => { setOpen(false) }}>{t`Not now`}</Press>
      {sit.error === null ? null : <ErrorNotice error={sit.error} />}
    </section>
  )
}
