import * as z from 'zod/mini'

/** Where a bowl’s clock stands, as its marks left it. */
export const clock = z.object({
  state: z.enum(['waiting', 'applying', 'processing', 'due', 'over', 'rinsed', 'set-aside']),
  /** Minutes since it was mixed, where that is too long for oxidative colour. */
  stale: z.nullable(z.number()),
  from: z.nullable(z.string()),
  due: z.nullable(z.string()),
  over: z.nullable(z.string()),
  applied: z.nullable(z.number()),
  processed: z.nullable(z.number()),
  longest: z.nullable(z.number()),
  checks: z.number(),
  stamps: z.array(
    z.object({
      kind: z.string(),
      at: z.string(),
      words: z.string(),
      by: z.string(),
      minutes: z._default(z.number(), 0),
    }),
  ),
})
export type Clock = z.infer<typeof clock>
