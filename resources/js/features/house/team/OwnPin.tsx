import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../../shared/api/http'
import { Field } from '../../../shared/ui/Field'
import { ErrorNotice } from '../../../shared/ui/Notice'
import { Press } from '../../../shared/ui/Press'
import { setPin } from './api'

/** One's own PIN, by which a shared device changes hands without a password. */
export function OwnPin() {
  const [password, setPassword] = useState('')
  const [pin, setNext] = useState('')
  const change = useMutation({
    mutationFn: () => setPin(password, pin),
    onSettled: () => { setPassword('') },
    onSuccess: () => { setNext('') },
  })
  const problem = change.error instanceof Refused
    ? change.error.problems.find((each) => each.pointer === '/pin')
    : undefined
  return (
    <details className="adjust own-password">
      <summary>{t`My PIN for shared devices`}</summary>
      <Form onSubmit={(event) => { event.preventDefault(); change.mutate() }}>
        <p className="quiet">
          {t`With it you take a device over from a colleague, where you have signed in before. Left empty, it is taken away.`}
        </p>
        <Field id="pin-new" label={t`Four to eight digits`} problem={problem}>
          <Form.Control
            type="password"
            inputMode="numeric"
            autoComplete="off"
            maxLength={8}
            value={pin}
            onChange={(event) => { setNext(event.target.value) }}
          />
        </Field>
        <Field id="pin-password" label={t`Your password`}>
          <Form.Control
            type="password"
            autoComplete="current-password"
            value={password}
            onChange={(event) => { setPassword(event.target.value) }}
          />
        </Field>
        {change.error === null || problem !== undefined ? null : <ErrorNotice error={change.error} />}
        {change.isSuccess ? <p role="status">{t`Kept.`}</p> : null}
        <Press submit kind="main" id="keep-pin" disabled={password === '' || change.isPending}>{t`Keep it`}</Press>
      </Form>
    </details>
  )
}
