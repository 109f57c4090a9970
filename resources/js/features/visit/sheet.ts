import * as z from 'zod/mini'

const workedIngredient = z.object({
  product: z.string(),
  label: z.string(),
  grams: z.string(),
  percent: z.nullable(z.string()),
  wedge: z.nullable(z.number()),
})
export type WorkedIngredient = z.infer<typeof workedIngredient>

export const workedBowl = z.object({
  /** To the gram; false where something that decides its grams is not known. */
  known: z.boolean(),
  ratio: z.string(),
  parts: z.array(z.object({ name: z.string(), grams: z.string(), ingredients: z.array(workedIngredient) })),
  additives: z.array(workedIngredient),
  extras: z.array(z.object({ product: z.string(), label: z.string(), grams: z.string(), counts: z.string() })),
  uses: z.array(z.object({ job: z.string(), grams: z.string() })),
  total: z.string(),
  asked: z.nullable(z.string()),
  strength: z.nullable(z.object({ developer: z.string(), onHead: z.nullable(z.string()) })),
  why: z.array(z.string()),
  warnings: z.array(z.lazy(() => caution)),
  /** Whether the shelf holds it; null where it is mixed or over. */
  enough: z.nullable(
    z.object({
      times: z.nullable(z.number()),
      first: z.nullable(z.string()),
      short: z.array(z.object({ message: z.string(), mend: z.string() })),
    }),
  ),
  judgement: z.nullable(
    z.object({
      level: z.nullable(z.string()),
      tone: z.string(),
      pigment: z.string(),
      swatch: z.nullable(z.string()),
      why: z.array(z.string()),
    }),
  ),
})
export type WorkedBowl = z.infer<typeof workedBowl>

export const caution = z.object({
  key: z.string(),
  reason: z.string(),
  mend: z.string(),
  /** Whether “is it meant so?” can be answered with yes. */
  asks: z._default(z.boolean(), false),
  zones: z._default(z.array(z.string()), []),
})
export type Caution = z.infer<typeof caution>

const entry = z.object({
  product: z.optional(z.string()),
  blend: z.optional(z.string()),
  version: z.optional(z.number()),
  share: z.string(),
  /** As it was typed, where that was not in grams. */
  said: z.optional(z.string()),
  words: z.optional(z.string()),
  or: z.optional(z.array(z.string())),
  doubt: z.optional(z.boolean()),
  wanted: z.optional(z.string()),
  why: z.optional(z.string()),
})
export type Entry = z.infer<typeof entry>

const count = z.optional(z.nullable(z.union([z.number(), z.string()])))

/** One thing done with a bowl: where, how, in which order, by whom. */
export const stroke = z.object({
  regions: z.array(z.string()),
  spans: z.array(z.string()),
  method: z.optional(z.string()),
  pattern: z.optional(z.string()),
  with: z.optional(z.array(z.string())),
  order: count,
  hands: z.optional(z.string()),
  hair: z.optional(z.string()),
  covering: z.optional(z.string()),
  foils: count,
  width: z.optional(z.string()),
  reach: z.optional(z.string()),
  overlaps: z.optional(z.boolean()),
  note: z.optional(z.string()),
})
export type Stroke = z.infer<typeof stroke>

/** Null where nobody said how much: then the bowl is a proportion. */
const amount = z.pipe(
  z.nullable(
    z.object({
      of: z.enum(['total', 'colour', 'developer', 'ingredient', 'shares']),
      grams: z.string(),
      ingredient: z.nullable(z.string()),
    }),
  ),
  z.transform((said) => said ?? { of: 'colour' as const, grams: '', ingredient: null }),
)

/** A bowl as typed: the shape the core reads. */
export const sheet = z.object({
  letter: z.string(),
  job: z.string(),
  line: z.string(),
  ratio: z.string(),
  amount,
  parts: z.array(z.object({ ingredients: z.array(entry) })),
  additives: z.array(z.object({ product: z.string(), dose: z.string() })),
  extras: z.optional(z.array(z.object({ product: z.string(), grams: z.string(), counts: z.optional(z.string()) }))),
  place: z.array(stroke),
  minutes: z.nullable(z.union([z.number(), z.string()])),
  note: z.string(),
  purpose: z.optional(z.string()),
  mark: z.optional(z.string()),
  hair: z.optional(z.string()),
  covering: z.optional(z.string()),
  heat: z.optional(z.array(z.object({ with: z.boolean(), minutes: z.union([z.number(), z.string()]) }))),
  applying: count,
  clock: z.optional(z.string()),
  after: z.optional(z.string()),
  plus: count,
  afterFrom: z.optional(z.string()),
  starts: count,
  through: count,
  lookFrom: count,
  rinse: z.optional(z.string()),
  emulsify: count,
  until: z.optional(z.string()),
  treatment: z.optional(z.string()),
  /** Keys of cautions that somebody has answered: it is meant so. */
  meant: z.optional(z.array(z.string())),
  uses: z.optional(z.array(z.object({ job: z.string(), grams: z.string() }))),
})
export type Sheet = z.infer<typeof sheet>
