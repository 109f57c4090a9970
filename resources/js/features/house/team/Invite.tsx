import { named } from '../../../shared/words/named'
import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../../shared/api/http'
import { Field } from '../../../shared/ui/Field'
import { ErrorNotice } from '../../../shared/ui/Notice'
import { OneOf } from '../../../shared/ui/OneOf'
import { Press } from '../../../shared/ui/Press'
import { invite, type Role, type Team } from './api'

export const ROLES = [
  ['owner', named('owner')],
  ['colourist', named('colourist')],
  ['assistant', named('assistant')],
] as const
export const asRole = (on: string | null): Role => (on === 'owner' || on === 'assistant' ? on : 'colourist')

/** Name and address; what comes of it is a link. */
export function Invite({ onDone, onLeave }: { onDone: (team: Team, name: string) => void; onLeave: () => void }) {
  const [said, setSaid] = useState({ name: '', email: '', role: 'colourist' as Role, licence: '' })
  const make = useMutation({ mutationFn: () => invite(said), onSuccess: (team) => { onDone(team, said.name) } })
  const set = (next: Partial<typeof said>) => { make.reset(); setSaid({ ...said, ...next }) }
  const problem = (at: string) => (make.error instanceof Refused
    ? make.error.problems.find((each) => each.pointer === `/${at}`)
    : undefined)
  return (
    <Form className="inline-editor" onSubmit={(event) => { event.preventDefault(); make.mutate() }}>
      {make.error !== null && !(make.error instanceof Refused && make.error.problems.length > 0) ? (
        <ErrorNotice error={make.error} />
      ) : null}
      <div className="field-row">
        <Field id="invite-name" label={t`Name`} problem={problem('name')}>
          <Form.Control
            autoFocus
            maxLength={120}
            value={said.name}
            onChange={(event) => { set({ name: event.target.value }) }}
          />
        </Field>
        <Field id="invite-email" label={t`Mail address to sign in with`} problem={problem('email')}>
          <Form.Control
            inputMode="email"
            autoCapitalize="none"
            maxLength={190}
            value={said.email}
            onChange={(event) => { set({ email: event.target.value }) }}
          />
        </Field>
        <Field id="invite-licence" label={t`Licence, if there is one`} problem={problem('licence')}>
          <Form.Control
            maxLength={60}
            value={said.licence}
            onChange={(event) => { set({ licence: event.target.value }) }}
          />
        </Field>
      </div>
      <OneOf label={t`Role`} all={ROLES} on={said.role} onChange={(on) => { set({ role: asRole(on) }) }} />
      <div className="notice-actions">
        <Press submit kind="main" id="make-link" disabled={make.isPending}>{t`Make the link`}</Press>
        <Press kind="quiet" onPress={onLeave}>{t`Leave it`}</Press>
      </div>
    </Form>
  )
}
