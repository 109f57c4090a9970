import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { beSure } from '../../shared/session/session'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { eraseClient, type Client } from './api'

/** All that is held, to be given to them; and, by the owner, the person taken out of the record. */
export function TakeOut({ file, owns, onErased }: { file: Client; owns: boolean; onErased: () => void }) {
  // A download is no question that could be asked again: who may have it is asked before.
  const take = useMutation({
    mutationFn: async (as: 'page' | 'all') => { await beSure(); return as },
    onSuccess: (as) => { download(`/api/clients/${String(file.id)}/${as}`) },
  })
  return (
    <section aria-labelledby="held-on-them">
      <h2 id="held-on-them">{t`What is held on them`}</h2>
      <p className="notice-actions">
        <Press disabled={take.isPending} onPress={() => { take.mutate('page') }} id="held-page">
          {t`As a page to read`}
        </Press>
        <Press kind="quiet" disabled={take.isPending} onPress={() => { take.mutate('all') }} id="held-file">
          {t`As a file for programs`}
        </Press>
      </p>
      {take.error === null ? null : <ErrorNotice error={take.error} />}
      {owns ? <Erase file={file} onErased={onErased} /> : null}
    </section>
  )
}

function download(address: string): void {
  const link = document.createElement('a')
  link.href = address
  link.download = ''
  link.click()
}

function Erase({ file, onErased }: { file: Client; onErased: () => void }) {
  const [said, setSaid] = useState({ name: '', reason: '', password: '' })
  const set = (change: Partial<typeof said>) => { setSaid({ ...said, ...change }) }
  const erase = useMutation({ mutationFn: () => eraseClient(file.id, said), onSuccess: onErased })
  return (
    <details className="adjust">
      <summary>{t`Take this person out of the record`}</summary>
      <Form onSubmit={(event) => { event.preventDefault(); erase.mutate() }}>
        <p>
          <Trans>
            <strong>Goes:</strong> name, contact, birthday, health, skin tests,{' '}
            {file.photos.length === 0
              ? ''
              : `${file.photos.length === 1 ? t`the photograph` : t`${String(file.photos.length)} photographs`}, `}agreements,
            messages, and every word that was written about them, in the log too.
          </Trans>
        </p>
        <p>
          <Trans>
            <strong>Stays, of nobody:</strong>{' '}
            {file.visits.length === 0
              ? t`no visit`
              : file.visits.length === 1
              ? t`one visit with its formula`
              : t`${String(file.visits.length)} visits with their formulas`},
            grams, how the hair was read and came out, stock, who of the team did it.
          </Trans>
        </p>
        <p className="quiet">
          {t`It cannot be taken back. Backups hold them until they are replaced, daily ones for a week.`}
        </p>
        <Field id="erase-name" label={t`Type their name: ${file.name}`}>
          <Form.Control
            autoComplete="off"
            value={said.name}
            onChange={(event) => { set({ name: event.target.value }) }}
          />
        </Field>
        <Field id="erase-reason" label={t`Why`}>
          <Form.Control
            maxLength={300}
            placeholder={t`asked for it by letter of 3 May`}
            value={said.reason}
            onChange={(event) => { set({ reason: event.target.value }) }}
          />
        </Field>
        <Field id="erase-password" label={t`Your password`}>
          <Form.Control
            type="password"
            autoComplete="current-password"
            value={said.password}
            onChange={(event) => { set({ password: event.target.value }) }}
          />
        </Field>
        {erase.error === null ? null : <ErrorNotice error={erase.error} />}
        <Press
          kind="stop"
          submit
          id="erase"
          disabled={said.name.trim() !== file.name
            || said.reason.trim().length < 10
            || said.password === ''
            || erase.isPending}
        >{t`Take them out for good`}</Press>
      </Form>
    </details>
  )
}
