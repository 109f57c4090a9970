import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { ASKED, noteConsent, type Consent } from '../../shared/clients/consents'
import { showDay } from '../../shared/format/time'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import type { Client } from './api'

/** What of it goes when it is taken back. */
function goes(kind: Consent['kind'], file: Client): string {
  if (kind === 'photographs') return file.photos.length === 0
    ? t`No photograph is kept.`
    : t`${file.photos.length === 1 ? t`The photograph` : t`All ${String(file.photos.length)} photographs`} will be removed. That cannot be taken back.`
  if (kind === 'health') return t`The words of cautions, skin tests and notes will be removed. That something speaks against colouring stays, because forgetting it can hurt.`
  return t`Nothing is sent to them any more.`
}

/** What they agreed to, with its day: asked once, taken back whenever they like. */
export function Consents({
  file,
  formulates,
  onChanged,
}: { file: Client; formulates: boolean; onChanged: () => void }) {
  const [asks, setAsks] = useState<Consent['kind'] | null>(null)
  const note = useMutation({
    mutationFn: ({ kind, given }: { kind: Consent['kind']; given: boolean }) => noteConsent(file.id, kind, given, ''),
    onSuccess: () => {
      setAsks(null)
      onChanged()
    },
  })
  return (
    <section aria-labelledby="agreed-to">
      <h2 id="agreed-to">{t`What they agreed to`}</h2>
      <ul className="plain-rows consents">
        {file.consents.map((each) => (
          <li key={each.kind}>
            <span className={`consent-sign ${each.given === true ? 'is-yes' : ''}`} aria-hidden="true">
              {each.given === null ? '?' : each.given ? '✓' : '✕'}
            </span>
            <span className="consent-words">
              <strong>{ASKED[each.kind]}</strong>
              <span className="quiet">
                {each.given === null
                  ? t`nobody asked`
                  : t`${each.given ? t`yes` : t`no`}, ${each.at === null ? '' : showDay(each.at)}${each.words === '' ? '' : `, ${each.words}`}; noted by ${each.by}`}
              </span>
            </span>
            {each.given === true ? null : (
              <Press
                kind="quiet"
                id={`agree-${each.kind}`}
                label={t`${ASKED[each.kind]}: they agree`}
                disabled={note.isPending}
                onPress={() => { note.mutate({ kind: each.kind, given: true }) }}
              >{t`They agree`}</Press>
            )}
            {each.given === false || !formulates ? null : (
              <Press
                kind="quiet"
                label={`${ASKED[each.kind]}: ${each.given === null ? t`they do not agree` : t`taken back`}`}
                disabled={note.isPending}
                onPress={() => { setAsks(each.kind) }}
              >{each.given === null ? t`They do not` : t`Take back`}</Press>
            )}
            {asks === each.kind ? (
              <Notice
                kind="warn"
                title={t`${ASKED[each.kind]}: no.`}
                action={<span className="notice-actions">
                  <Press onPress={() => { setAsks(null) }}>{t`Leave it`}</Press>
                  <Press
                    kind="stop"
                    id={`refuse-${each.kind}`}
                    onPress={() => { note.mutate({ kind: each.kind, given: false }) }}
                  >{t`Note it`}</Press>
                </span>}
              >
                {goes(each.kind, file)}
              </Notice>
            ) : null}
          </li>
        ))}
      </ul>
      {note.error === null ? null : <ErrorNotice error={note.error} />}
    </section>
  )
}
