import { t } from '@lingui/core/macro'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { Link } from 'react-router'
import { showClock, showDay } from '../format/time'
import { useMember } from '../session/member'
import { Notice } from '../ui/Notice'
import { Press } from '../ui/Press'
import { outbox, useOutbox } from './kept'
import type { Entry } from './entry'

const WAITING = {
  nothing: t`Being sent…`,
  connection: t`No connection. Tried again by itself.`,
  'sign-in': t`Sign in again, then it goes out.`,
} as const

/** Each thing that waits, with its words; what was refused, with what mends it. */
export function OutboxPanel({ onClose }: { onClose: () => void }) {
  const { entries, waitingFor } = useOutbox()
  const member = useMember()
  const refused = entries.filter((entry) => entry.refused !== null && entry.author.id === member.id)
  const waiting = entries.filter((entry) => entry.refused === null && entry.author.id === member.id)
  const others = entries.filter((entry) => entry.author.id !== member.id)
  return (
    <Offcanvas show onHide={onClose} placement="end" aria-labelledby="outbox-title">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title id="outbox-title">{t`Not sent yet`}</Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        {entries.length === 0 ? (
          <p>{t`Everything is with the server.`}</p>
        ) : (
          <p className="quiet">{t`Kept on this device, in order, until the server has it.`}</p>
        )}
        {refused.map((entry) => <RefusedOne key={entry.id} entry={entry} onLeave={onClose} />)}
        {waiting.length === 0 ? null : (
          <>
            <h3>{WAITING[waitingFor]}</h3>
            <ul className="outbox-list">
              {waiting.map((entry) => <li key={entry.id}>
                {entry.about} <span className="quiet">{when(entry)}</span>
              </li>)}
            </ul>
            <Press onPress={() => { outbox.kick() }} id="send-now">{t`Try now`}</Press>
          </>
        )}
        {others.length === 0 ? null : (
          <p className="outbox-others">
            {[...new Set(others.map((entry) => entry.author.name))].map((name) =>
              t`${String(others.filter((entry) => entry.author.name === name).length)} of ${name}`,
            ).join(', ')}
            {t`: sent when they sign in here.`}
          </p>
        )}
      </Offcanvas.Body>
    </Offcanvas>
  )
}

const when = (entry: Entry) => {
  const at = new Date(entry.madeAt).toISOString()
  return `${showDay(at)} ${showClock(at)}`
}

function RefusedOne({ entry, onLeave }: { entry: Entry; onLeave: () => void }) {
  const { refused } = entry
  if (refused === null) return null
  return (
    <Notice kind="stop" title={`${entry.about}, ${when(entry)}`}>
      <p>{refused.message} {refused.mend} {refused.problems.map((problem) => problem.message).join(' ')}</p>
      {entry.pour === null ? null : (
        <p><strong>{t`${entry.pour.grams} of ${entry.pour.label} are in the bowl and not on the record.`}</strong></p>
      )}
      <span className="notice-actions">
        {entry.at === '' ? null : (
          <Link className="press btn btn-outline-primary" to={entry.at} onClick={onLeave}>{t`Look`}</Link>
        )}
        <Press onPress={() => { outbox.again(entry.id) }}>{t`Send again`}</Press>
        <Press kind="stop" onPress={() => { outbox.drop(entry.id) }}>{t`It is dealt with`}</Press>
      </span>
    </Notice>
  )
}
