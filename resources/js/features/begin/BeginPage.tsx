import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { Refused } from '../../shared/api/http'
import { greet, session } from '../../shared/session/session'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { beginSalon, mayBegin } from './api'

/** The first page of a salon that has never seen Tinta: what it is called, where its clock hangs, and who owns it. */
export function BeginPage({ onBack }: { onBack?: () => void }) {
  const [said, setSaid] = useState(() => ({
    salon: '',
    timezone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    name: '',
    email: '',
    password: '',
  }))
  const queries = useQueryClient()
  const go = useNavigate()
  const begin = useMutation({
    mutationFn: () => beginSalon(said),
    onSuccess: async (member) => {
      await go('/', { replace: true })
      queries.setQueryData(session.queryKey, greet(member))
      void queries.invalidateQueries({ queryKey: mayBegin.queryKey })
    },
  })
  const set = (next: Partial<typeof said>) => { begin.reset(); setSaid({ ...said, ...next }) }
  const problem = (at: string) => (begin.error instanceof Refused
    ? begin.error.problems.find((each) => each.pointer === `/${at}`)
    : undefined)
  const general = begin.error !== null && !(begin.error instanceof Refused && begin.error.problems.length > 0)
    ? begin.error
    : null
  const zones = [...new Set([said.timezone, 'UTC', ...Intl.supportedValuesOf('timeZone')])]
  return (
    <main className="sign-in">
      <Form className="sign-in-card begin-card" onSubmit={(event) => { event.preventDefault(); begin.mutate() }}>
        <h1>{t`Begin a salon`}</h1>
        <p className="quiet">{t`Lines, people and rules come after; each of them can wait.`}</p>
        <Field id="salon" label={t`The salon is called`} problem={problem('salon')}>
          <Form.Control
            autoFocus
            maxLength={120}
            value={said.salon}
            onChange={(event) => { set({ salon: event.target.value }) }}
          />
        </Field>
        <Field id="salon-zone" label={t`The clock on its wall`} problem={problem('timezone')}>
          <Form.Select value={said.timezone} onChange={(event) => { set({ timezone: event.target.value }) }}>
            {zones.map((zone) => <option key={zone} value={zone}>{zone.replaceAll('_', ' ')}</option>)}
          </Form.Select>
        </Field>
        <Field id="owner-name" label={t`Your name, as its owner`} problem={problem('name')}>
          <Form.Control
            maxLength={120}
            autoComplete="name"
            value={said.name}
            onChange={(event) => { set({ name: event.target.value }) }}
          />
        </Field>
        <Field id="email" label={t`Your mail address, to sign in with`} problem={problem('email')}>
          <Form.Control
            inputMode="email"
            autoCapitalize="none"
            autoComplete="username"
            value={said.email}
            onChange={(event) => { set({ email: event.target.value }) }}
          />
        </Field>
        <Field id="password" label={t`A password: ten letters or more`} problem={problem('password')}>
          <Form.Control
            type="password"
            autoComplete="new-password"
            value={said.password}
            onChange={(event) => { set({ password: event.target.value }) }}
          />
        </Field>
        {general === null ? null : <ErrorNotice error={general} />}
        <Press kind="main" submit disabled={begin.isPending} id="begin">
          {begin.isPending ? t`Beginning…` : t`Begin`}
        </Press>
        {onBack === undefined ? null : <Press kind="quiet" onPress={onBack}>{t`I have a salon here: sign in`}</Press>}
      </Form>
    </main>
  )
}
