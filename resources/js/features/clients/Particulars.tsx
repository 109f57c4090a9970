import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { typedSince } from '../../shared/keep/typedSince'
import Form from 'react-bootstrap/Form'
import { useMember } from '../../shared/session/member'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { changeClient, type Client } from './api'

/** Who the client is: changed by whoever looks at the newest, refused to whoever does not. */
export function Particulars({ file, onSaved }: { file: Client; onSaved: () => void }) {
  const member = useMember()
  const [fields, setFields] = useState<
    | (Pick<Client,
      | 'version'
      | 'name'
      | 'phone'
      | 'about'
      | 'cautions'
      | 'bornOn'
      | 'email'
      | 'contactBy'
      | 'training'> & { preferred: number | null; reason: string })
    | null>(
    null,
  )
  const now = fields
    ?? {
      version: file.version,
      name: file.name,
      phone: file.phone,
      about: file.about,
      cautions: file.cautions,
      bornOn: file.bornOn,
      email: file.email,
      contactBy: file.contactBy,
      preferred: file.preferred?.id ?? null,
      training: file.training,
      reason: '',
    }
  const set = (change: Partial<typeof now>) => { setFields({ ...now, ...change }) }
  const vouched = now.bornOn !== file.bornOn || now.training !== file.training
  const save = useMutation({
    mutationFn: (sent: typeof now) => changeClient(file.id, sent),
    onSuccess: (saved, sent) => {
      setFields((typed) => typedSince(typed, sent, saved.version))
      onSaved()
    },
  })
  return (
    <details className="adjust">
      <summary>{t`Particulars`}</summary>
      <Form onSubmit={(event) => { event.preventDefault(); save.mutate(now) }}>
        <Field id="its-name" label={t`Name`}>
          <Form.Control
            required
            maxLength={120}
            value={now.name}
            onChange={(event) => { set({ name: event.target.value }) }}
          />
        </Field>
        <Field id="its-phone" label={t`Phone`}>
          <Form.Control maxLength={40} value={now.phone} onChange={(event) => { set({ phone: event.target.value }) }} />
        </Field>
        <Field id="its-email" label={t`Mail`}>
          <Form.Control
            type="email"
            maxLength={190}
            value={now.email}
            onChange={(event) => { set({ email: event.target.value }) }}
          />
        </Field>
        <Field id="its-way" label={t`To be reached`}>
          <Form.Select
            value={now.contactBy}
            onChange={(event) => { set({ contactBy: event.target.value as Client['contactBy'] }) }}
          >
            <option value="">{t`nobody asked`}</option>
            <option value="phone">{t`by telephone`}</option>
            <option value="mail">{t`by mail`}</option>
            <option value="message">{t`by message`}</option>
            <option value="none">{t`not at all`}</option>
          </Form.Select>
        </Field>
        <Field id="its-preferred" label={t`Likes to come to`}>
          <Form.Select
            value={now.preferred ?? ''}
            onChange={(event) => { set({ preferred: event.target.value === '' ? null : Number(event.target.value) }) }}
          >
            <option value="">{t`anybody`}</option>
            {file.colourists.map((each) => <option key={each.id} value={each.id}>{each.name}</option>)}
          </Form.Select>
        </Field>
        <Field id="its-born" label={t`Born on`}>
          <Form.Control
            type="date"
            value={now.bornOn ?? ''}
            onChange={(event) => { set({ bornOn: event.target.value === '' ? null : event.target.value }) }}
          />
        </Field>
        <Field id="its-about" label={t`About`}>
          <Form.Control
            maxLength={500}
            value={now.about}
            onChange={(event) => { set({ about: event.target.value }) }}
          />
        </Field>
        <Field id="its-cautions" label={t`Cautions`}>
          <Form.Control
            maxLength={500}
            value={now.cautions}
            onChange={(event) => { set({ cautions: event.target.value }) }}
          />
        </Field>
        <label className="tick">
          <input
            type="checkbox"
            checked={now.training}
            onChange={(event) => { set({ training: event.target.checked }) }}
          />{' '}
          {t`a practice head`}
        </label>
        {vouched ? (
          <Field id="its-reason" label={t`Why`}>
            <Form.Control
              maxLength={300}
              placeholder={t`read off her passport; the dummy in the window`}
              value={now.reason}
              disabled={!member.vouches}
              onChange={(event) => { set({ reason: event.target.value }) }}
            />
            <p className="quiet">
              {member.vouches
                ? t`A birthday and a practice head decide whether the skin-test gate asks. It stands in the record with your name.`
                : t`A birthday or a practice head is changed by the owner or a licensed person.`}
            </p>
          </Field>
        ) : null}
        {save.error === null ? null : <ErrorNotice error={save.error} />}
        <Press
          submit
          kind="main"
          disabled={fields === null
            || save.isPending
            || (vouched && (!member.vouches || now.reason.trim().length < 10))}
        >{t`Save particulars`}</Press>
      </Form>
    </details>
  )
}
