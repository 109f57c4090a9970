import * as z from 'zod/mini'

/** Who changed what, the latest first. */
export const trailShape = z.array(z.object({
  id: z.number(),
  at: z.string(),
  by: z.string(),
  of: z.string(),
  event: z.string(),
  said: z.string(),
  reason: z.string(),
  changes: z.array(z.object({ name: z.string(), was: z.string(), is: z.string() })),
}))
