import * as z from 'zod/mini'

/** Something to be done by a moment: mix, begin, look, heat off, rinse. */
export const act = z.object({
  kind: z.enum([
    'mix',
    'begin',
    'complete',
    'again',
    'heat-on',
    'heat-off',
    'look',
    'through',
    'emulsify',
    'stale',
    'rinse',
  ]),
  words: z.string(),
  letters: z.array(z.string()),
  bowls: z.array(z.object({ bowl: z.string(), batch: z.nullable(z.string()), side: z.nullable(z.string()) })),
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
  batch: z.nullable(z.string()),
  /** Where the sides of a head are timed apart. */
  side: z.nullable(z.string()),
  round: z.number(),
  /** What starts so many minutes into its round counts from here. */
  roundFrom: z.string(),
  mix: z.nullable(z.string()),
  begin: z.string(),
  complete: z.string(),
  clock: z.string(),
  due: z.nullable(z.string()),
  least: z.nullable(z.string()),
  most: z.nullable(z.string()),
  looks: z.array(z.string()),
  through: z.nullable(z.string()),
  heat: z.array(z.object({ on: z.string(), off: z.string() })),
  emulsify: z.nullable(z.string()),
  again: z.nullable(z.string()),
  rinse: z.string(),
  firstStrand: z.number(),
  lastStrand: z.number(),
  counts: z.boolean(),
  /** A rinse before it is asked about. */
  early: z.nullable(z.string()),
  begun: z.boolean(),
  completed: z.boolean(),
  rinsed: z.boolean(),
  /** Who has it in hand, where more than one person is at work. */
  by: z.array(z.string()),
  /** Its minutes to apply are those it took this client the last time. */
  asBefore: z.boolean(),
  /**
   * What was meant, on the clock on which it happened; null before the first touch. Minutes, less than none where it
   * was early.
   */
  meant: z.nullable(z.object({
    begin: z.string(),
    complete: z.string(),
    rinse: z.string(),
    firstStrand: z.number(),
    lastStrand: z.number(),
    begunLate: z.nullable(z.number()),
    appliedLonger: z.nullable(z.number()),
    rinsedLate: z.nullable(z.number()),
  })),
})
export type BowlTimes = z.infer<typeof bowlTimes>

/** One plan of a visit’s times, in moments of the server’s clock. */
export const times = z.object({
  now: z.string(),
  hands: z.number(),
  ends: z.nullable(z.string()),
  endsLatest: z.nullable(z.string()),
  proven: z.boolean(),
  bowls: z.array(bowlTimes),
  breaks: z.array(z.object({ letter: z.string(), words: z.string() })),
  /** Each has been planned, and holds; with one press where it is one change. */
  mends: z.array(
    z.object({
      words: z.string(),
      bowl: z.nullable(z.string()),
      set: z.nullable(z.record(z.string(), z.unknown())),
      hands: z.nullable(z.number()),
    }),
  ),
  faults: z.array(z.object({ words: z.string(), mend: z.string() })),
  acts: z.array(act),
})
export type Times = z.infer<typeof times>
