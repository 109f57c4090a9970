import * as z from 'zod/mini'

/** What is next: in words with its minutes, and without them where the page counts by itself. */
/** What is next: in words with its minutes, and without them where the page counts by itself. */
export const nextStep = z.object({
  do: z.enum(['read', 'weigh', 'plan', 'receive', 'close', 'run']),
  words: z.string(),
  what: z._default(z.string(), ''),
  bowl: z.nullable(z.string()),
  at: z._default(z.nullable(z.string()), null),
})
export const person = z.object({ name: z.string(), initials: z.string() })
export const bowlState = z.enum(['planned', 'weighing', 'mixed'])
export const visitStatus = z.enum(['expected', 'in-chair', 'closed', 'ended'])
/** Nothing is done in it any more: closed, or it did not take place. */
export const isOver = (visit: {
  status: z.infer<typeof visitStatus>
}): boolean => visit.status === 'closed' || visit.status === 'ended'
export const verdict = z.enum(['good', 'mixed', 'poor'])
export type Verdict = z.infer<typeof verdict>
export const origin = z.nullable(z.object({ id: z.string(), on: z.string() }))

/** One visit as an entry in a list. */
export const visitLine = z.object({
  id: z.string(),
  client: z.object({ id: z.number(), name: z.string(), cautions: z.string() }),
  colourist: person,
  service: z.string(),
  status: visitStatus,
  startsAt: z.string(),
  verdict: z.nullable(verdict),
  outcome: z.string(),
  keep: z.string(),
  change: z.string(),
  from: origin,
  changes: z.array(z.string()),
  nextOn: z.nullable(z.string()),
  bowls: z.array(
    z.object({
      id: z.string(),
      letter: z.string(),
      job: z.string(),
      line: z.string(),
      colour: z.string(),
      developer: z.string(),
      /** What went in, in grams; empty where nothing was mixed. */
      poured: z.string(),
      spans: z.array(z.string()),
      swatches: z.array(z.string()),
      used: z.nullable(z.string()),
      state: bowlState,
    }),
  ),
  next: nextStep,
})
export type VisitLine = z.infer<typeof visitLine>
