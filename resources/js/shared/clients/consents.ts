import { t } from '@lingui/core/macro'
import * as z from 'zod/mini'
import { newId } from '../api/newId'
import { keptPost } from '../outbox/kept'

export const consentShape = z.object({
  kind: z.enum(['photographs', 'health', 'messages']),
  given: z.nullable(z.boolean()),
  words: z.string(),
  at: z.nullable(z.string()),
  by: z.string(),
})
export type Consent = z.infer<typeof consentShape>

/** What is asked, in the words of the sheet they sign. */
export const ASKED: Record<Consent['kind'], string> = {
  photographs: t`Photographs are taken and kept`,
  health: t`Notes about health are kept`,
  messages: t`They are written to`,
}

export const noteConsent = async (client: number, kind: Consent['kind'], given: boolean, words: string): Promise<void> => {
  await keptPost(
    `clients/${client}/consents`,
    { id: newId(), kind, given, words },
    { stream: `client:${client}`, about: `${ASKED[kind]}: ${given ? t`yes` : t`no`}`, at: `/clients/${client}` },
  )
}
