import { t } from '@lingui/core/macro'
import { Link } from 'react-router'
import { showClock, showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import type { Message } from '../../shared/messages/messages'
import { KIND, WAY, useSettle } from './settle'

export function Done({ message, formulates }: { message: Message; formulates: boolean }) {
  const act = useSettle(message, () => undefined)
  return (
    <li>
      <span aria-hidden="true">{message.state === 'sent' ? '✓' : '–'}</span>
      <strong><Link to={`/clients/${message.client.id}`}>{message.client.name}</Link></strong>
      <span>{KIND[message.kind].toLowerCase()}</span>
      <span className="quiet">
        {message.state === 'sent'
          ? (message.way === '' ? t`sent` : WAY[message.way as keyof typeof WAY])
          : message.state === 'left' ? t`left` : message.state}
        {message.at === null
          ? ''
          : `, ${showDay(message.at)} ${showClock(message.at)}`}, {message.by ?? t`by the owner’s rule`}
      </span>
      {formulates && message.state === 'left' && message.dueAt !== null ? (
        <Press
          kind="quiet"
          label={t`Take the message to ${message.client.name} up again`}
          onPress={() => { act.mutate({ what: 'again', text: { subject: message.subject, words: message.words } }) }}
        >{t`Take up again`}</Press>
      ) : null}
      {act.error === null ? null : <ErrorNotice error={act.error} />}
    </li>
  )
}
