import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { showClock, showDay } from '../../shared/format/time'
import { useKept } from '../../shared/keep/useKept'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { messages, type Message } from '../../shared/messages/messages'
import { MessageRules } from './MessageRules'
import { Done } from './MessageDone'
import { KIND, WAY, useSettle } from './settle'

/** What clients are to be told: looked at, put in one's own words, sent or said, or left. */
export function MessagesPage({ formulates, owns }: { formulates: boolean; owns: boolean }) {
  const loaded = useQuery(messages)
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`the messages`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  const { due, past, canMail, rules, version } = loaded.data
  const open = due.filter((each) => each.state === 'open' || each.state === 'sending')
  const done = [...due.filter((each) => each.state === 'sent' || each.state === 'left'), ...past]
  return (
    <div className="page messages">
      <header className="page-head"><h1>{t`Messages`}</h1></header>
      <p className="lead-line">
        {t`Nothing goes out by itself`}
        {rules.some((rule) => rule.mode === 'send')
          ? t`, but what the owner lets go: ${rules.filter((rule) => rule.mode === 'send').map((rule) => KIND[rule.kind].toLowerCase()).join(', ')}`
          : ''}.{' '}
        {canMail ? '' : t`No mail server is set: say it by telephone or message, and note that you did.`}
      </p>
      {open.length === 0 ? <Notice kind="good" title={t`Nobody waits for a message.`} /> : null}
      <ol className="message-list">
        {open.map((each) => <OneMessage key={each.key} message={each} canMail={canMail} formulates={formulates} />)}
      </ol>
      {done.length === 0 ? null : (
        <section aria-labelledby="messages-done">
          <h2 id="messages-done">{t`Sent, said and left`}</h2>
          <ul className="plain-rows">
            {done.map((each) => <Done key={each.key} message={each} formulates={formulates} />)}
          </ul>
        </section>
      )}
      <MessageRules key={version} rules={rules} version={version} owns={owns} />
    </div>
  )
}

function OneMessage({ message, canMail, formulates }: { message: Message; canMail: boolean; formulates: boolean }) {
  const [typed, setTyped] = useKept(`message.${message.key}`)
  const [copied, setCopied] = useState(false)
  const words = typed === '' ? message.words : typed
  const text = { subject: message.subject, words }
  const act = useSettle(message, () => { setTyped('') })
  const { client } = message
  const unwanted = client.by === 'none' || client.agrees === false
  const busy = act.isPending || message.state === 'sending'
  const copy = () => {
    void navigator.clipboard.writeText(words).then(() => { setCopied(true) }, () => { setCopied(false) })
  }
  return (
    <li className="message card-paper">
      <header>
        <span className={`message-kind kind-${message.kind}`}>{KIND[message.kind]}</span>
        <strong><Link to={`/clients/${client.id}`}>{client.name}</Link></strong>
        {message.startsAt === null || message.visit === null ? null : (
          <Link to={`/visits/${message.visit}`}>
            {message.kind === 'follow-up' ? t`was here` : t`comes`} {showDay(message.startsAt)}{' '}
            {showClock(message.startsAt)}
          </Link>
        )}
        <span className="quiet">
          {[client.phone, client.email].filter((each) => each !== '').join(', ') || t`no number, no address`}
          {client.by === '' || client.by === 'none' ? '' : t`; likes ${WAY[client.by].replace('by ', '')}`}
        </span>
      </header>
      {message.late ? (
        <p className="message-late">
          {t`! Less than 48 hours are left: a test placed now cannot be read before the visit. Offer another day.`}
        </p>
      ) : null}
      {message.trouble === '' ? null : <p className="message-late">! {message.trouble}</p>}
      {message.state === 'sending' ? (
        <p className="message-late">{t`… It is being handed to the mail server.`}</p>
      ) : null}
      {unwanted
        ? <p className="message-late">
          ! {client.by === 'none' ? t`They do not want to be reached.` : t`They have not agreed to be written to.`}
        </p>
        : client.agrees === null ? (
          <p className="quiet">{t`Nobody has asked whether they agree to messages.`}</p>
        ) : null}
      <Form.Control
        as="textarea"
        rows={2}
        maxLength={2000}
        aria-label={t`Words to ${client.name}`}
        value={words}
        disabled={!formulates}
        onChange={(event) => { setTyped(event.target.value) }}
      />
      {act.error === null ? null : <ErrorNotice error={act.error} />}
      {!formulates ? null : (
        <span className="notice-actions">
          {canMail && client.email !== '' && !unwanted ? (
            <Press
              kind={client.by === 'mail' || client.by === '' ? 'main' : 'plain'}
              disabled={busy}
              onPress={() => { act.mutate({ what: 'mail', text }) }}
            >{t`Send by mail`}</Press>
          ) : null}
          <Press
            kind={client.by === 'phone' ? 'main' : 'plain'}
            disabled={act.isPending}
            onPress={() => { act.mutate({ what: 'said', text, way: 'phone' }) }}
          >{t`Told by telephone`}</Press>
          <Press
            kind={client.by === 'message' ? 'main' : 'plain'}
            disabled={act.isPending}
            onPress={() => { act.mutate({ what: 'said', text, way: 'message' }) }}
          >{t`Sent as a message`}</Press>
          <Press kind="quiet" onPress={copy}>{copied ? t`✓ Copied` : t`Copy`}</Press>
          {typed === '' || typed === message.words ? null : (
            <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate({ what: 'keep', text }) }}>
              {t`Keep these words`}
            </Press>
          )}
          <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate({ what: 'left', text }) }}>
            {t`Leave it`}
          </Press>
        </span>
      )}
    </li>
  )
}
