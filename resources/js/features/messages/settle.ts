import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused } from '../../shared/api/http'
import { messages, settle, type Message, type Outbox } from '../../shared/messages/messages'

export const KIND = {
  'skin-test': t`Skin test`,
  reading: t`Skin test to read`,
  appointment: t`Appointment`,
  'follow-up': t`How it wears`,
} as const

export const WAY = { phone: t`by telephone`, message: t`by message`, mail: t`by mail` } as const

export function useSettle(message: Message, done: () => void) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({
      what,
      text,
      way,
    }: {
      what: Parameters<typeof settle>[1]
      text: { subject: string; words: string }
      way?: string
    }) => settle(message, what, text, way),
    onSuccess: (outbox: Outbox) => {
      queries.setQueryData(messages.queryKey, outbox)
      done()
      // Whether the mail server took it is known a moment later.
      if (outbox.due.some((each) =>
        each.state === 'sending',
      )) setTimeout(() => { void queries.invalidateQueries({ queryKey: messages.queryKey }) }, 1200)
    },
    onError: (error) => {
      if (error instanceof Refused
        && error.status === 409) void queries.invalidateQueries({ queryKey: messages.queryKey })
    },
  })
}
