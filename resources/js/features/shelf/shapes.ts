import * as z from 'zod/mini'

/** An object that PHP writes as a list where it is empty. */
const record = <T extends z.ZodMiniType>(value: T) => z.union([
  z.record(z.string(), value),
  z.pipe(z.array(z.never()), z.transform((): Record<string, z.infer<T>> => ({}))),
])

const scalar = z.pipe(z.union([z.string(), z.number()]), z.transform(String))

const minutes = z.object({ min: scalar, target: scalar, max: scalar })

export const readShape = z.object({
  level: z.nullable(z.string()),
  tone: z.string(),
  steps: z.array(z.string()),
  swatch: z.string(),
  /** Why its code is not read; null where it is, or need not be. */
  unread: z.nullable(z.string()),
})

export type Read = z.infer<typeof readShape>

const said = z.object({
  code: z.string(),
  name: z.string(),
  kind: z.string(),
  packCode: z.string(),
  level: z.optional(scalar),
  tone: z.optional(record(scalar)),
  pack: z.optional(z.string()),
  density: z.optional(z.string()),
  price: z.optional(z.string()),
})

export type Said = z.infer<typeof said>

const product = z.object({
  id: z.string(),
  version: z.number(),
  withdrawn: z.boolean(),
  said,
  read: z.nullable(readShape),
})

export type Product = z.infer<typeof product>

export const lineShape = z.object({
  id: z.string(),
  version: z.number(),
  about: z.string(),
  withdrawn: z.boolean(),
  line: z.object({
    name: z.string(),
    kind: z.string(),
    ratio: scalar,
    window: minutes,
    developers: z.array(z.string()),
    notation: z.enum(['letters', 'digits']),
    tones: z._default(record(record(scalar)), {}),
    windows: z.optional(record(minutes)),
    grey: z.nullish(minutes),
    lift: z.optional(record(scalar)),
    order: z.nullish(z.array(z.string())),
    heat: z.nullish(z.boolean()),
    stops: z.nullish(z.boolean()),
    apart: z.nullish(z.array(z.string())),
    density: z.nullish(scalar),
    marks: z.optional(record(z.string())),
    separators: z.nullish(z.array(z.string())),
    levels: z.optional(record(scalar)),
    primary: z.nullish(scalar),
    zero: z.nullish(z.string()),
    doubledLevel: z.nullish(z.boolean()),
    lettersEqual: z.nullish(z.boolean()),
  }),
  products: z.array(product),
})

export type Line = z.infer<typeof lineShape>

export type LineJson = Record<string, unknown>

export const at = (id: string) => `/shelf/${id}`

export type Written = { version: number; line: LineJson; about: string; withdrawn: boolean }
