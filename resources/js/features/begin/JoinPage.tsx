import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { Refused } from '../../shared/api/http'
import { clearDevice } from '../../shared/keep/clearDevice'
import { forgetOffline } from '../../shared/keep/offlineCache'
import { greet, session } from '../../shared/session/session'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { invitation, join } from './api'

/** Where an invitation leads: a name and a password, and one is in. */
export function JoinPage({ token }: { token: string }) {
  const found = useQuery(invitation(token))
  const go = useNavigate()
  if (found.data === undefined)
    return (
      <main className="sign-in">
        <div className="sign-in-card">
          {found.error === null ? (
            <Waiting what={t`The invitation`} />
          ) : (
            <>
              <ErrorNotice error={found.error} />
              <Press onPress={() => { void go('/', { replace: true }) }}>{t`To the first page`}</Press>
            </>
          )}
        </div>
      </main>
    )
  return <Join token={token} of={found.data} />
}

function Join({ token, of }: { token: string; of: { salon: string; name: string; email: string; known: boolean } }) {
  const [name, setName] = useState(of.name)
  const [password, setPassword] = useState('')
  const queries = useQueryClient()
  const go = useNavigate()
  const enter = useMutation({
    mutationFn: () => join(token, name, password),
    onSuccess: async (member) => {
      // Whoever was at this device before leaves no draft to the one who comes in.
      clearDevice()
      await forgetOffline()
      queries.clear()
      queries.setQueryData(session.queryKey, greet(member))
      await go('/', { replace: true })
    },
  })
  const problem = (at: string) => (enter.error instanceof Refused
    ? enter.error.problems.find((each) => each.pointer === `/${at}`)
    : undefined)
  const general = enter.error !== null && !(enter.error instanceof Refused && enter.error.problems.length > 0)
    ? enter.error
    : null
  return (
    <main className="sign-in">
      <Form className="sign-in-card begin-card" onSubmit={(event) => { event.preventDefault(); enter.mutate() }}>
        <h1>{of.known ? t`A new password` : t`Welcome to ${of.salon}`}</h1>
        <p className="quiet">
          {t`${of.known ? `${of.name}, ${of.salon}.` : t`This link works once.`} You sign in as ${of.email}.`}
        </p>
        {of.known ? null : (
          <Field id="join-name" label={t`Your name`} problem={problem('name')}>
            <Form.Control
              maxLength={120}
              autoComplete="name"
              value={name}
              onChange={(event) => { setName(event.target.value) }}
            />
          </Field>
        )}
        <Field id="join-password" label={t`A password: ten letters or more`} problem={problem('password')}>
          <Form.Control
            type="password"
            autoFocus
            autoComplete="new-password"
            value={password}
            onChange={(event) => { setPassword(event.target.value) }}
          />
        </Field>
        {general === null ? null : <ErrorNotice error={general} />}
        <Press kind="main" submit disabled={enter.isPending} id="join">{t`Come in`}</Press>
      </Form>
    </main>
  )
}
