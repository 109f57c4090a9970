import { t } from '@lingui/core/macro'
import { lazy, Suspense, useState } from 'react'
import { useMember } from '../session/member'
import { useOutbox } from './kept'

/** Fetched with the pages once the first one stands: the network may be gone when it is opened. */
const OutboxPanel = lazy(async () => ({ default: (await import('./OutboxPanel')).OutboxPanel }))

/**
 * What this device keeps for the server: how much in one glance, each with its words behind it. Nothing where nothing
 * waits.
 */
export function OutboxNote() {
  const { entries, waitingFor } = useOutbox()
  const member = useMember()
  const [open, setOpen] = useState(false)
  const refused = entries.filter((entry) => entry.refused !== null && entry.author.id === member.id)
  const waiting = entries.filter((entry) => entry.refused === null && entry.author.id === member.id)
  const others = entries.filter((entry) => entry.author.id !== member.id)
  // What is on its way for a moment is no news.
  const shown = refused.length > 0 || others.length > 0 || (waiting.length > 0 && waitingFor !== 'nothing')
  if (!shown && !open) return null
  const words = refused.length > 0
    ? t`✕ ${String(refused.length)} refused`
    : waiting.length > 0 ? t`↑ ${String(waiting.length)} not sent yet` : t`${String(others.length)} of somebody else’s`
  return (
    <>
      <button
        type="button"
        id="outbox"
        className={`outbox-note ${refused.length > 0 ? 'outbox-refused' : ''}`}
        onClick={() => { setOpen(true) }}
      >
        {words}
      </button>
      {open ? <Suspense><OutboxPanel onClose={() => { setOpen(false) }} /></Suspense> : null}
    </>
  )
}
