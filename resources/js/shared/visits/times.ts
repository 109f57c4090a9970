import { z } from 'zod'

/** Something to be done by a moment: mix, begin, look, heat off, rinse. */
export const act = z.object({
  kind: z.enum(['mix', 'begin', 'complete', 'again', 'heat-on', 'heat-off', 'look', 'through', 'emulsify', 'stale', 'rinse']),
  words: z.string(),
  letters: z.array(z.string()),
  bowls: z.array(z.object({ bowl: z.string(), batch: z.string().nullable(), side: z.string().nullable() })),
  at: z.string(),
  /** Minutes since it should have been done. */
  late: z.number(),
  over: z.boolean(),
})
export type Act = z.infer<typeof act>

/** When a bowl is mixed, begun, complete and rinsed, and the window in which its rinse may lie. */
export const bowlTimes = z.object({
  letter: z.string(),
  bowl: z.string(),
  batch: z.string().nullable(),
  /** Where the sides of a head are timed apart. */
  side: z.string().nullable(),
  round: z.number(),
  /** What starts so many minutes into its round counts from here. */
  roundFrom: z.string(),
  mix: z.string().nullable(),
  begin: z.string(),
  complete: z.string(),
  clock: z.string(),
  due: z.string().nullable(),
  least: z.string().nullable(),
  most: z.string().nullable(),
  looks: z.array(z.string()),
  through: z.string().nullable(),
  heat: z.array(z.object({ on: z.string(), off: z.string() })),
  emulsify: z.string().nullable(),
  again: z.string().nullable(),
  rinse: z.string(),
  firstStrand: z.number(),
  lastStrand: z.number(),
  counts: z.boolean(),
  /** A rinse before it is asked about. */
  early: z.string().nullable(),
  begun: z.boolean(),
  completed: z.boolean(),
  rinsed: z.boolean(),
  /** Who has it in hand, where more than one person is at work. */
  by: z.array(z.string()),
  /** Its minutes to apply are those it took this client the last time. */
  asBefore: z.boolean(),
  /** What was meant, on the clock on which it happened; null before the first touch. Minutes, less than none where it was early. */
  meant: z.object({
    begin: z.string(),
    complete: z.string(),
    rinse: z.string(),
    firstStrand: z.number(),
    lastStrand: z.number(),
    begunLate: z.number().nullable(),
    appliedLonger: z.number().nullable(),
    rinsedLate: z.number().nullable(),
  }).nullable(),
})
export type BowlTimes = z.infer<typeof bowlTimes>

/** One plan of a visit’s times, in moments of the server’s clock. */
export const times = z.object({
  now: z.string(),
  hands: z.number(),
  ends: z.string().nullable(),
  endsLatest: z.string().nullable(),
  proven: z.boolean(),
  bowls: z.array(bowlTimes),
  breaks: z.array(z.object({ letter: z.string(), words: z.string() })),
  /** Each has been planned, and holds; with one press where it is one change. */
  mends: z.array(z.object({ words: z.string(), bowl: z.string().nullable(), set: z.record(z.string(), z.unknown()).nullable(), hands: z.number().nullable() })),
  faults: z.array(z.object({ words: z.string(), mend: z.string() })),
  acts: z.array(act),
})
export type Times = z.infer<typeof times>
