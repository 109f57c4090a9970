import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson, putJson } from '../api/http'

export const KINDS = ['skin-test', 'reading', 'appointment', 'follow-up'] as const
const kind = z.enum(KINDS)
export type Kind = z.infer<typeof kind>

const message = z.object({
  key: z.string(), kind, about: z.string(), visit: z.nullable(
    z.string(),
  ), startsAt: z.nullable(z.string()), dueAt: z.nullable(z.string()),
  /** What it asks for cannot be had in time any more. */
  late: z.boolean(),
  client: z.object({
    id: z.number(),
    name: z.string(),
    phone: z.string(),
    email: z.string(),
    by: z.enum(['', 'phone', 'mail', 'message', 'none']),
    agrees: z.nullable(z.boolean()),
  }),
  subject: z.string(), words: z.string(), state: z.enum([
    'open',
    'sending',
    'sent',
    'left',
  ]), way: z.string(), reached: z.string(), trouble: z.string(),
  by: z.nullable(z.string()), at: z.nullable(z.string()), version: z.number(),
})
export type Message = z.infer<typeof message>

const rule = z.object({
  kind,
  mode: z.enum(['off', 'offer', 'send']),
  days: z.number(),
  usualDays: z.number(),
  subject: z.string(),
  words: z.string(),
  own: z.boolean(),
})
export type Rule = z.infer<typeof rule>

export const outboxShape = z.object({
  canMail: z.boolean(),
  version: z.number(),
  rules: z.array(rule),
  due: z.array(message),
  past: z.array(message),
})
export type Outbox = z.infer<typeof outboxShape>

export const messages = queryOptions({
  queryKey: ['messages'],
  queryFn: async ({ signal }) => outboxShape.parse(await getJson('messages', signal)),
  refetchInterval: 60_000,
})

/**
 * Done while somebody looks, not later from the device: a message that waits in a pocket may be wrong when it goes out.
 */
export const settle = async (of: Message, what:
  | 'keep'
  | 'said'
  | 'mail'
  | 'left'
  | 'again', text: { subject: string; words: string }, way?: string): Promise<Outbox> =>
  outboxShape.parse(
    await postJson('messages', {
      kind: of.kind,
      about: of.about,
      version: of.version,
      do: what,
      ...text,
      ...(way === undefined ? {} : { way }),
    }),
  )

export const setRules = async (version: number, rules: readonly Pick<Rule,
  | 'kind'
  | 'mode'
  | 'days'
  | 'subject'
  | 'words'>[]): Promise<Outbox> =>
  outboxShape.parse(
    await putJson('messages/rules', {
      version,
      rules: rules.map(({ kind: of, mode, days, subject, words }) => ({ kind: of, mode, days, subject, words })),
    }),
  )
