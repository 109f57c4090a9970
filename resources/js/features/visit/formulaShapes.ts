import * as z from 'zod/mini'
import { times } from '../../shared/visits/times'
import { verdict } from '../../shared/visits/visitLine'
import { sheet, workedBowl } from './sheet'

const row = z.object({
  what: z.string(),
  before: z.string(),
  after: z.string(),
  difference: z.string(),
  differs: z.boolean(),
})

export type Row = z.infer<typeof row>

export type Change = { kind: string; value: string; from?: string; to?: string }

const triedWay = z.object({ of: z.enum(['ask', 'colour', 'mixture']), sheet, rows: z.array(row) })

export type TriedWay = z.infer<typeof triedWay>

/** A change seen before it is made: one way, or two where it is not said what its grams are of. */
export const tried = z.object({
  ways: z.array(triedWay).check(z.minLength(1)),
  conditions: z.array(z.string()),
  notUnderstood: z.array(z.string()),
})

export type Tried = z.infer<typeof tried>

export const standIns = z.array(
  z.object({ words: z.string(), differs: z.string(), distance: z.string(), sheet: z.nullable(sheet) }),
)

const side = z.object({
  id: z.string(),
  on: z.string(),
  client: z.string(),
  service: z.string(),
  verdict: z.nullable(verdict),
  outcome: z.string(),
  keep: z.string(),
  change: z.string(),
  times,
})

export const comparison = z.object({
  before: side,
  after: side,
  pairs: z.array(
    z.object({ before: z.nullable(z.string()), after: z.nullable(z.string()), job: z.string(), rows: z.array(row) }),
  ),
})

export const blend = z.object({
  ingredients: z.array(z.object({ product: z.string(), share: z.string() })),
  strength: z.string(),
  blended: z.boolean(),
})

export const blendKept = z.object({ name: z.string(), version: z.number() })

export const remix = z.object({ words: z.string(), times: z.nullable(z.string()), now: z.boolean(), foils: z.number() })

/** Bowls read from what is written, one a line: the sheet null where nothing of it names a bowl. */
export const writtenBowls = z.object({
  bowls: z.array(
    z.object({
      sheet: z.nullable(sheet),
      rest: z.array(z.string()),
      worked: z.nullable(workedBowl),
      place: z.string(),
      problem: z.nullable(z.string()),
    }),
  ),
})

export type WrittenBowl = z.infer<typeof writtenBowls>['bowls'][number]

export const bowlsToTake = z.object({
  bowls: z.array(
    z.object({
      id: z.string(),
      client: z.string(),
      on: z.string(),
      letter: z.string(),
      job: z.string(),
      written: z.string(),
      sheet,
    }),
  ),
  services: z.array(z.object({ id: z.number(), name: z.string(), bowls: z.number() })),
  blends: z.array(z.object({ id: z.string(), name: z.string(), sheet })),
})

export type BowlToTake = z.infer<typeof bowlsToTake>['bowls'][number]
