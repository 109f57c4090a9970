import { t } from '@lingui/core/macro'
import { Refused } from '../api/http'

/** What becomes of a write that was answered so: it waits, for whom or for what, or is refused for good. */
export function verdictOf(status: number): 'sign-in' | 'renew' | 'later' | 'failed' | 'refused' {
  if ([401, 412, 423].includes(status)) return 'sign-in'
  if (status === 419) return 'renew'
  if ([408, 425, 429].includes(status)) return 'later'
  return status >= 500 ? 'failed' : 'refused'
}

export const signedOut = () => new Refused(401, t`You are signed out.`, t`Sign in again.`, [], undefined)

export const unreadable = () =>
  new Refused(500, t`The answer could not be read.`, t`Look whether it is there, then send it again.`, [], undefined)
