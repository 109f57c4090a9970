import { z } from 'zod'

const workedIngredient = z.object({ product: z.string(), label: z.string(), grams: z.string(), percent: z.string().nullable(), wedge: z.number().nullable() })
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
  asked: z.string().nullable(),
  strength: z.object({ developer: z.string(), onHead: z.string().nullable() }).nullable(),
  why: z.array(z.string()),
  warnings: z.array(z.lazy(() => caution)),
  /** Whether the shelf holds it; null where it is mixed or over. */
  enough: z.object({ times: z.number().nullable(), first: z.string().nullable(), short: z.array(z.object({ message: z.string(), mend: z.string() })) }).nullable(),
  judgement: z
    .object({ level: z.string().nullable(), tone: z.string(), pigment: z.string(), swatch: z.string().nullable(), why: z.array(z.string()) })
    .nullable(),
})
export type WorkedBowl = z.infer<typeof workedBowl>

export const caution = z.object({
  key: z.string(),
  reason: z.string(),
  mend: z.string(),
  /** Whether “is it meant so?” can be answered with yes. */
  asks: z.boolean().default(false),
  zones: z.array(z.string()).default([]),
})
export type Caution = z.infer<typeof caution>

const entry = z.object({
  product: z.string().optional(),
  blend: z.string().optional(),
  version: z.number().optional(),
  share: z.string(),
  /** As it was typed, where that was not in grams. */
  said: z.string().optional(),
  words: z.string().optional(),
  or: z.array(z.string()).optional(),
  doubt: z.boolean().optional(),
  wanted: z.string().optional(),
  why: z.string().optional(),
})
export type Entry = z.infer<typeof entry>

const count = z.union([z.number(), z.string()]).nullable().optional()

/** One thing done with a bowl: where, how, in which order, by whom. */
export const stroke = z.object({
  regions: z.array(z.string()),
  spans: z.array(z.string()),
  method: z.string().optional(),
  pattern: z.string().optional(),
  with: z.array(z.string()).optional(),
  order: count,
  hands: z.string().optional(),
  hair: z.string().optional(),
  covering: z.string().optional(),
  foils: count,
  width: z.string().optional(),
  reach: z.string().optional(),
  overlaps: z.boolean().optional(),
  note: z.string().optional(),
})
export type Stroke = z.infer<typeof stroke>

/** Null where nobody said how much: then the bowl is a proportion. */
const amount = z
  .object({ of: z.enum(['total', 'colour', 'developer', 'ingredient', 'shares']), grams: z.string(), ingredient: z.string().nullable() })
  .nullable()
  .transform((said) => said ?? { of: 'colour' as const, grams: '', ingredient: null })

/** A bowl as typed: the shape the core reads. */
export const sheet = z.object({
  letter: z.string(),
  job: z.string(),
  line: z.string(),
  ratio: z.string(),
  amount,
  parts: z.array(z.object({ ingredients: z.array(entry) })),
  additives: z.array(z.object({ product: z.string(), dose: z.string() })),
  extras: z.array(z.object({ product: z.string(), grams: z.string(), counts: z.string().optional() })).optional(),
  place: z.array(stroke),
  minutes: z.union([z.number(), z.string()]).nullable(),
  note: z.string(),
  purpose: z.string().optional(),
  mark: z.string().optional(),
  hair: z.string().optional(),
  covering: z.string().optional(),
  heat: z.array(z.object({ with: z.boolean(), minutes: z.union([z.number(), z.string()]) })).optional(),
  applying: count,
  clock: z.string().optional(),
  after: z.string().optional(),
  plus: count,
  afterFrom: z.string().optional(),
  starts: count,
  through: count,
  lookFrom: count,
  rinse: z.string().optional(),
  emulsify: count,
  until: z.string().optional(),
  treatment: z.string().optional(),
  /** Keys of cautions that somebody has answered: it is meant so. */
  meant: z.array(z.string()).optional(),
  uses: z.array(z.object({ job: z.string(), grams: z.string() })).optional(),
})
export type Sheet = z.infer<typeof sheet>
