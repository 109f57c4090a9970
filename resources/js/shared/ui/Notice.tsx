import { t } from '@lingui/core/macro'
import type { ReactNode } from 'react'
import { Refused, Unreachable } from '../api/http'

type Kind = 'good' | 'note' | 'warn' | 'stop'
const SIGN: Record<Kind, string> = { good: '✓', note: '›', warn: '!', stop: '✕' }

/** A line that says what is so, and what to do; sign, word and colour together. */
export function Notice({
  kind,
  title,
  children,
  action,
}: { kind: Kind; title: string; children?: ReactNode; action?: ReactNode }) {
  return (
    <div className={`notice notice-${kind}`} role={kind === 'stop' || kind === 'warn' ? 'alert' : 'status'}>
      <span className="notice-sign" aria-hidden="true">
        {SIGN[kind]}
      </span>
      <div className="notice-words">
        <strong>{title}</strong>
        {children === undefined ? null : <div>{children}</div>}
      </div>
      {action}
    </div>
  )
}

/** What an error means for the person in front of it. */
export function ErrorNotice({ error, action }: { error: Error; action?: ReactNode }) {
  if (error instanceof Refused)
    return (
      <Notice kind="stop" title={error.message} action={action}>
        {error.mend}
      </Notice>
    )
  if (error instanceof Unreachable)
    return (
      <Notice kind="warn" title={t`No connection`} action={action}>
        {t`Nothing was lost: what has not reached the server stands under “not sent yet”. Try again when the connection is back.`}
      </Notice>
    )
  return (
    <Notice kind="stop" title={t`This page met something it does not know.`} action={action}>
      {t`Reload it. If it happens again, tell the owner.`}
    </Notice>
  )
}
