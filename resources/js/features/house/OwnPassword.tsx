import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { changePassword } from '../../shared/session/session'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'

/** One's own password. A new one ends every other session of the same person. */
export function OwnPassword() {
  const [old, setOld] = useState('')
  const [next, setNext] = useState('')
  const change = useMutation({
    mutationFn: () => changePassword(old, next),
    onSettled: () => {
      setOld('')
      setNext('')
    },
  })
  const problem = change.error instanceof Refused
    ? change.error.problems.find((each) => each.pointer === '/new')
    : undefined
  return (
    <details className="adjust own-password">
      <summary>{t`Change my password`}</summary>
      <Form onSubmit={(event) => { event.preventDefault(); change.mutate() }}>
        <Field id="old-password" label={t`The one you have`}>
          <Form.Control
            type="password"
            autoComplete="current-password"
            value={old}
            onChange={(event) => { setOld(event.target.value) }}
          />
        </Field>
        <Field id="new-password" label={t`The new one: ten letters or more`} problem={problem}>
          <Form.Control
            type="password"
            autoComplete="new-password"
            value={next}
            onChange={(event) => { setNext(event.target.value) }}
          />
        </Field>
        {change.error === null || problem !== undefined ? null : <ErrorNotice error={change.error} />}
        {change.isSuccess ? <p role="status">{t`Changed. Your other devices ask for the new one.`}</p> : null}
        <Press submit kind="main" disabled={old === '' || next === '' || change.isPending}>{t`Change it`}</Press>
      </Form>
    </details>
  )
}
