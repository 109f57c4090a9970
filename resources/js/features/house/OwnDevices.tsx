import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { showClock, showDay } from '../../shared/format/time'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { devices, endDevices } from './api'

/** Where one is signed in; a tablet that was left somewhere is signed out from here. */
export function OwnDevices() {
  const queries = useQueryClient()
  const [open, setOpen] = useState(false)
  const [password, setPassword] = useState('')
  const { data, error } = useQuery({ ...devices, enabled: open })
  const end = useMutation({
    mutationFn: (device: string | null) => endDevices(password, device),
    onSuccess: (left) => { queries.setQueryData(devices.queryKey, left) },
    onSettled: () => { setPassword('') },
  })
  const others = (data ?? []).filter((each) => !each.here)
  return (
    <details className="adjust own-password" onToggle={(event) => { setOpen(event.currentTarget.open) }}>
      <summary>{t`Where I am signed in`}</summary>
      {error === null ? null : <ErrorNotice error={error} />}
      <ul className="plain-rows">
        {(data ?? []).map((each) => (
          <li key={each.id}>
            <strong>
              {each.device}
            </strong> <span className="quiet">
              {each.here
                ? t`this device`
                : `${showDay(each.at)} ${showClock(each.at)}, ${each.address}${each.locked ? t`, locked` : ''}`}
            </span>
            {each.here ? null : (
              <Press
                kind="quiet"
                label={t`Sign out of ${each.device}`}
                disabled={password === '' || end.isPending}
                onPress={() => { end.mutate(each.id) }}
              >{t`Sign out`}</Press>
            )}
          </li>
        ))}
      </ul>
      {others.length === 0 ? <p className="quiet">{t`Nowhere else.`}</p> : (
        <Form onSubmit={(event) => { event.preventDefault(); end.mutate(null) }}>
          <Field id="devices-password" label={t`Your password`}>
            <Form.Control
              type="password"
              autoComplete="current-password"
              value={password}
              onChange={(event) => { setPassword(event.target.value) }}
            />
          </Field>
          <Press submit kind="stop" id="end-devices" disabled={password === '' || end.isPending}>
            {t`Sign out everywhere else`}
          </Press>
        </Form>
      )}
      {end.error === null ? null : <ErrorNotice error={end.error} />}
    </details>
  )
}
