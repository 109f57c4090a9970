import * as z from 'zod/mini'
import { safetyState } from '../../shared/safety/safety'
import { times } from '../../shared/visits/times'
import { bowlState, nextStep, origin, person, verdict, visitStatus } from '../../shared/visits/visitLine'
import { canvasRecord } from './canvas'
import { clock } from './clock'
import { picture } from './picture'
import { caution, sheet, workedBowl } from './sheet'

export * from './canvas'
export * from './clock'
export * from './picture'
export * from './sheet'

const trial = z.object({ level: z.string(), tone: z.string(), minutes: z.nullable(z.number()), elasticity: z.nullable(z.string()), words: z.string(), by: z.string(), at: z.string() })

export const bowl = z.object({
  id: z.string(),
  version: z.number(),
  letter: z.string(),
  job: z.string(),
  line: z.object({ id: z.string(), name: z.string() }),
  sheet,
  worked: z.nullable(workedBowl),
  problem: z.nullable(z.string()),
  place: z.string(),
  about: z.array(z.string()),
  purpose: z.string(),
  trial: z.nullable(trial),
  clock,
  /** Where the sides of a head are timed apart, each with its own clock. */
  sides: z.array(z.object({ side: z.string(), clock })),
  poured: z.nullable(workedBowl),
  /** As they are planned: 35 min, 25 to 35 min; empty for the line’s own. */
  minutes: z.string(),
  /** The line’s own window, which holds where nothing is planned. */
  ownMinutes: z.string(),
  note: z.string(),
  /** In one line, as it is written on a card. */
  written: z.string(),
  state: bowlState,
  from: z.nullable(z.object({ id: z.string(), letter: z.string(), visit: z.string(), on: z.string() })),
  /** Each after the first has a clock of its own. */
  batches: z.array(z.object({ id: z.string(), number: z.number(), said: z.string(), at: z.string(), status: z.string(), mixed: z.string(), used: z.nullable(z.string()), leftover: z.nullable(z.string()), reason: z.nullable(z.string()), clock: z.nullable(clock) })),
})
export type Bowl = z.infer<typeof bowl>

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

const result = z.object({
  zone: z.string(),
  level: z.nullable(z.string()),
  tone: z.array(z.string()),
  even: z.nullable(z.boolean()),
  covered: z.nullable(z.boolean()),
  elasticity: z.nullable(z.string()),
  words: z.string(),
  /** Kind of its strands; empty for those that carry its wish. */
  strand: z._default(z.string(), ''),
})
export type Result = z.infer<typeof result>

const careStep = z.object({ id: z.string(), kind: z.string(), words: z.string(), minutes: z.nullable(z.union([z.number(), z.string()])), price: z.string(), done: z.boolean(), round: z._default(z.nullable(z.number()), null) })
export type CareStep = z.infer<typeof careStep>

export const amendment = z.object({ at: z.string(), by: z.string(), why: z.string(), what: z.array(z.object({ field: z.string(), was: z.string(), is: z.string() })) })
export type Amendment = z.infer<typeof amendment>

export const visit = z.object({
  /** What was corrected after it was closed. */
  amendments: z.array(amendment),
  id: z.string(),
  version: z.number(),
  now: z.string(),
  client: z.object({ id: z.number(), name: z.string(), cautions: z.string(), training: z.boolean(), practice: z._default(z.boolean(), false) }),
  colourist: person,
  team: z.array(z.string()),
  service: z.string(),
  status: visitStatus,
  startsAt: z.string(),
  closedAt: z.nullable(z.string()),
  /** House rules of the day on which it was closed, where they are others now. */
  rulesThen: z.array(z.object({ name: z.string(), was: z.string(), is: z.string() })),
  endedReason: z.string(),
  note: z.string(),
  verdict: z.nullable(verdict),
  outcome: z.string(),
  keep: z.string(),
  change: z.string(),
  results: z.array(result),
  lasting: z.nullable(z.boolean()),
  covering: z.nullable(z.boolean()),
  bright: z.nullable(z.boolean()),
  nextOn: z.nullable(z.string()),
  from: origin,
  /** The client's visit before, of which it is said only now whether it lasted. */
  before: z.nullable(z.object({ id: z.string(), on: z.string(), service: z.string(), weeks: z.nullable(z.number()), lasting: z.nullable(z.boolean()), greyShown: z.nullable(z.boolean()), since: z.number() })),
  canvas: canvasRecord,
  picture,
  gate,
  proposals: z.array(proposal),
  raised: z.array(proposal),
  rounds: z.array(z.object({ id: z.string(), name: z.string(), version: z.number(), reached: z.array(result), reachedBy: z.nullable(z.string()), reachedAt: z.nullable(z.string()), bowls: z.array(bowl) })),
  care: z.object({ steps: z.array(careStep), minutes: z.number(), price: z.string() }),
  /** What a close would leave unfinished, in words. */
  leftOpen: z.array(z.string()),
  /** People who can apply at once. */
  hands: z.number(),
  times,
  next: nextStep,
})
export type Visit = z.infer<typeof visit>

const row = z.object({ what: z.string(), before: z.string(), after: z.string(), difference: z.string(), differs: z.boolean() })
export type Row = z.infer<typeof row>
export type Change = { kind: string; value: string; from?: string; to?: string }
const triedWay = z.object({ of: z.enum(['ask', 'colour', 'mixture']), sheet, rows: z.array(row) })
export type TriedWay = z.infer<typeof triedWay>
/** A change seen before it is made: one way, or two where it is not said what its grams are of. */
export const tried = z.object({ ways: z.array(triedWay).check(z.minLength(1)), conditions: z.array(z.string()), notUnderstood: z.array(z.string()) })
export type Tried = z.infer<typeof tried>
export const standIns = z.array(z.object({ words: z.string(), differs: z.string(), distance: z.string(), sheet: z.nullable(sheet) }))
const side = z.object({ id: z.string(), on: z.string(), client: z.string(), service: z.string(), verdict: z.nullable(verdict), outcome: z.string(), keep: z.string(), change: z.string(), times })
export const comparison = z.object({ before: side, after: side, pairs: z.array(z.object({ before: z.nullable(z.string()), after: z.nullable(z.string()), job: z.string(), rows: z.array(row) })) })

export const blend = z.object({ ingredients: z.array(z.object({ product: z.string(), share: z.string() })), strength: z.string(), blended: z.boolean() })

export const blendKept = z.object({ name: z.string(), version: z.number() })

export const remix = z.object({ words: z.string(), times: z.nullable(z.string()), now: z.boolean(), foils: z.number() })

/** Bowls read from what is written, one a line: the sheet null where nothing of it names a bowl. */
export const writtenBowls = z.object({ bowls: z.array(z.object({ sheet: z.nullable(sheet), rest: z.array(z.string()), worked: z.nullable(workedBowl), problem: z.nullable(z.string()) })) })
export type WrittenBowl = z.infer<typeof writtenBowls>['bowls'][number]

export const bowlsToTake = z.object({ bowls: z.array(z.object({ id: z.string(), client: z.string(), on: z.string(), letter: z.string(), job: z.string(), written: z.string(), sheet })),
  /** Services of the house, and its blends as bowls. */
  services: z.array(z.object({ id: z.number(), name: z.string(), bowls: z.number() })), blends: z.array(z.object({ id: z.string(), name: z.string(), sheet })) })
export type BowlToTake = z.infer<typeof bowlsToTake>['bowls'][number]
