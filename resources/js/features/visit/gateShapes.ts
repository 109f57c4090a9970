import * as z from 'zod/mini'
import { safetyState } from '../../shared/safety/safety'
import { caution } from './sheet'

export const proposal = z.object({
  id: z.string(),
  source: z.enum(['review', 'repeat', 'adjust']),
  state: z.enum(['open', 'applied', 'dismissed', 'said']),
  kind: z.string(),
  letter: z.string(),
  bowl: z.nullable(z.string()),
  bowlVersion: z.nullable(z.number()),
  words: z.string(),
  reason: z.string(),
  before: z.string(),
  after: z.string(),
  canApply: z.boolean(),
  /** What is tried on the bowl before it is applied; null where it is no change of one bowl. */
  change: z.nullable(z.object({ kind: z.string(), value: z.string(), from: z.string(), to: z.string() })),
  /** When it holds, and what of the words was not understood; both as said. */
  condition: z.string(),
  rest: z.string(),
  canTakeBack: z.boolean(),
  from: z.object({ id: z.string(), on: z.string() }),
  by: z.nullable(z.string()),
})

export type Proposal = z.infer<typeof proposal>

export const gate = z.object({
  ahead: z.boolean(),
  open: z.boolean(),
  reasons: z.array(caution),
  waivable: z.boolean(),
  waived: z.string(),
  waivers: z.array(z.object({ by: z.string(), licence: z.string(), reason: z.string(), at: z.string() })),
  /** Of each planned line, by its id. */
  states: z.record(z.string(), z.object({ line: z.string(), state: safetyState, words: z.string() })),
})

export type Gate = z.infer<typeof gate>
