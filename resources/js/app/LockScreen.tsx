import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Field } from '../shared/ui/Field'
import { ErrorNotice } from '../shared/ui/Notice'
import { Press } from '../shared/ui/Press'
import { session, unlock, type Session } from '../shared/session/session'
import { touch } from '../shared/session/touch'
import { TakeDevice } from './TakeDevice'

/**
 * Nobody has touched this device for a while: the page behind stays as it is, and shows nothing until its person is
 * back.
 */
export function LockScreen({ member, onSomebodyElse }: { member: Session; onSomebodyElse: () => void }) {
  const [password, setPassword] = useState('')
  const queries = useQueryClient()
  const open = useMutation({
    mutationFn: () => unlock(password),
    onSuccess: (back) => {
      touch()
      queries.setQueryData(session.queryKey, back)
      void queries.invalidateQueries()
    },
  })
  // No key of the page behind does anything meanwhile.
  useEffect(() => {
    document.documentElement.dataset['locked'] = 'yes'
    return () => { delete document.documentElement.dataset['locked'] }
  }, [])
  return (
    <main className="lock-screen" aria-label={t`Locked`}>
      <Form className="sign-in-card" onSubmit={(event) => { event.preventDefault(); open.mutate() }}>
        <span className="initials lock-initials" aria-hidden="true">{member.initials}</span>
        <h1>{t`Locked`}</h1>
        <p className="quiet">{t`${member.name}, ${member.salon}. What you typed is kept.`}</p>
        <Field id="unlock-password" label={t`Password`}>
          <Form.Control
            type="password"
            autoComplete="current-password"
            autoFocus
            value={password}
            onChange={(event) => { setPassword(event.target.value) }}
          />
        </Field>
        {open.error === null ? null : <ErrorNotice error={open.error} />}
        <Press kind="main" submit disabled={password === '' || open.isPending} id="unlock">{t`Go on`}</Press>
        <Press kind="quiet" onPress={onSomebodyElse} id="somebody-else">{t`Somebody else`}</Press>
      </Form>
      <div className="sign-in-card"><TakeDevice member={member} /></div>
    </main>
  )
}
