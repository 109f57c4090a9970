import * as z from 'zod/mini'
import { times } from '../../shared/visits/times'
import { bowlState, nextStep, origin, person, verdict, visitStatus } from '../../shared/visits/visitLine'
import { canvasRecord } from './canvas'
import { clock } from './clock'
import { picture } from './picture'
import { sheet, workedBowl } from './sheet'
import { proposal, gate } from './gateShapes'

export * from './canvas'

export * from './clock'

export * from './picture'

export * from './sheet'

const trial = z.object({
  level: z.string(),
  tone: z.string(),
  minutes: z.nullable(z.number()),
  elasticity: z.nullable(z.string()),
  words: z.string(),
  by: z.string(),
  at: z.string(),
})

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
  batches: z.array(
    z.object({
      id: z.string(),
      number: z.number(),
      said: z.string(),
      at: z.string(),
      status: z.string(),
      mixed: z.string(),
      used: z.nullable(z.string()),
      leftover: z.nullable(z.string()),
      reason: z.nullable(z.string()),
      clock: z.nullable(clock),
    }),
  ),
})

export type Bowl = z.infer<typeof bowl>

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

const careStep = z.object({
  id: z.string(),
  kind: z.string(),
  words: z.string(),
  minutes: z.nullable(z.union([z.number(), z.string()])),
  price: z.string(),
  done: z.boolean(),
  round: z._default(z.nullable(z.number()), null),
})

export type CareStep = z.infer<typeof careStep>

export const amendment = z.object({
  at: z.string(),
  by: z.string(),
  why: z.string(),
  what: z.array(z.object({ field: z.string(), was: z.string(), is: z.string() })),
})

export type Amendment = z.infer<typeof amendment>

export const visit = z.object({
  /** What was corrected after it was closed. */
  amendments: z.array(amendment),
  id: z.string(),
  version: z.number(),
  now: z.string(),
  client: z.object({
    id: z.number(),
    name: z.string(),
    cautions: z.string(),
    training: z.boolean(),
    practice: z._default(z.boolean(), false),
  }),
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
  before: z.nullable(
    z.object({
      id: z.string(),
      on: z.string(),
      service: z.string(),
      weeks: z.nullable(z.number()),
      lasting: z.nullable(z.boolean()),
      greyShown: z.nullable(z.boolean()),
      since: z.number(),
    }),
  ),
  canvas: canvasRecord,
  picture,
  gate,
  proposals: z.array(proposal),
  raised: z.array(proposal),
  rounds: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      version: z.number(),
      reached: z.array(result),
      reachedBy: z.nullable(z.string()),
      reachedAt: z.nullable(z.string()),
      bowls: z.array(bowl),
    }),
  ),
  care: z.object({ steps: z.array(careStep), minutes: z.number(), price: z.string() }),
  /** What a close would leave unfinished, in words. */
  leftOpen: z.array(z.string()),
  /** People who can apply at once. */
  hands: z.number(),
  times,
  next: nextStep,
})

export type Visit = z.infer<typeof visit>
