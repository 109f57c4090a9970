import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { messages } from '../../shared/messages/messages'

/** How many clients are to be told something; asked now and then, not with every tick of the day. */
export function WaitingMessages() {
  const { data } = useQuery({ ...messages, refetchInterval: 300_000, staleTime: 120_000 })
  const open = data?.due.filter((each) => each.state === 'open').length ?? 0
  return open === 0 ? null : (
    <Link className="chip" to="/messages">{open === 1 ? t`1 message waits` : t`${String(open)} messages wait`}</Link>
  )
}
