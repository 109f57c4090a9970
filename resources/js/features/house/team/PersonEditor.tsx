import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../../shared/api/http'
import { Field } from '../../../shared/ui/Field'
import { ErrorNotice } from '../../../shared/ui/Notice'
import { OneOf } from '../../../shared/ui/OneOf'
import { Press } from '../../../shared/ui/Press'
import { changePerson, type Person, type Team } from './api'
import { asRole, ROLES } from './Invite'
import { Trail } from '../../../shared/trail/Trail'

/** What the owner changes of a person; ending somebody closes every door of theirs and keeps their name. */
export function PersonEditor({
  person,
  onDone,
  onLink,
}: { person: Person; onDone: (team: Team) => void; onLink: () => void }) {
  const [said, setSaid] = useState({
    name: person.name,
    initials: person.initials,
    role: person.role,
    licence: person.licence,
  })
  const save = useMutation({
    mutationFn: (ended: boolean) => changePerson(person, { ...said, ended }),
    onSuccess: onDone,
  })
  const set = (next: Partial<typeof said>) => { save.reset(); setSaid({ ...said, ...next }) }
  const problem = (at: string) => (save.error instanceof Refused
    ? save.error.problems.find((each) => each.pointer === `/${at}`)
    : undefined)
  return (
    <Form
      className="inline-editor"
      onSubmit={(event) => { event.preventDefault(); save.mutate(person.ended !== null) }}
    >
      {save.error !== null && !(save.error instanceof Refused && save.error.problems.length > 0) ? (
        <ErrorNotice error={save.error} />
      ) : null}
      <div className="field-row">
        <Field id="person-name" label={t`Name`} problem={problem('name')}>
          <Form.Control maxLength={120} value={said.name} onChange={(event) => { set({ name: event.target.value }) }} />
        </Field>
        <Field id="person-initials" label={t`Initials`} className="narrow" problem={problem('initials')}>
          <Form.Control
            maxLength={3}
            value={said.initials}
            onChange={(event) => { set({ initials: event.target.value }) }}
          />
        </Field>
        <Field id="person-licence" label={t`Licence`} problem={problem('licence')}>
          <Form.Control
            maxLength={60}
            value={said.licence}
            onChange={(event) => { set({ licence: event.target.value }) }}
          />
        </Field>
      </div>
      <OneOf label={t`Role`} all={ROLES} on={said.role} onChange={(on) => { set({ role: asRole(on) }) }} />
      <p className="quiet">{person.email === '' ? '' : t`Signs in as ${person.email}.`}</p>
      <Trail of={`team/${String(person.id)}`} />
      <div className="notice-actions">
        <Press submit kind="main" id="save-person" disabled={save.isPending}>{t`Save`}</Press>
        {person.ended === null ? <Press kind="quiet" onPress={onLink}>{t`Link for a new password`}</Press> : null}
        <Press
          kind={person.ended === null ? 'stop' : 'plain'}
          id="end-person"
          onPress={() => { save.mutate(person.ended === null) }}
        >{person.ended === null ? t`No longer works here` : t`Works here again`}</Press>
      </div>
    </Form>
  )
}
