import { z } from 'zod'

/** Where a bowl’s clock stands, as its marks left it. */
export const clock = z.object({
  state: z.enum(['waiting', 'applying', 'processing', 'due', 'over', 'rinsed', 'set-aside']),
  /** Minutes since it was mixed, where that is too long for oxidative colour. */
  stale: z.number().nullable(),
  from: z.string().nullable(),
  due: z.string().nullable(),
  over: z.string().nullable(),
  applied: z.number().nullable(),
  processed: z.number().nullable(),
  longest: z.number().nullable(),
  checks: z.number(),
  stamps: z.array(z.object({ kind: z.string(), at: z.string(), words: z.string(), by: z.string(), minutes: z.number().default(0) })),
})
export type Clock = z.infer<typeof clock>
