import * as z from 'zod/mini'

export const zone = z.object({
  id: z.string(),
  name: z.string(),
  regions: z.array(z.string()),
  spans: z.array(z.string()),
  natural: z.nullable(z.string()),
  level: z.nullable(z.string()),
  tone: z.array(z.string()),
  grey: z.nullable(z.union([z.number(), z.string()])),
  resistant: z.boolean(),
  porosity: z.string(),
  history: z.string(),
  historyWords: z.string(),
  confidence: z.string(),
  banded: z.boolean(),
  bandWords: z.string(),
  regrowth: z.nullable(z.string()),
  density: z.nullable(z.string()),
  texture: z.nullable(z.string()),
  length: z.nullable(z.string()),
  elasticity: z.nullable(z.string()),
  breakage: z.nullable(z.string()),
  offLimits: z.boolean(),
  wish: z.object({ level: z.nullable(z.string()), tone: z.array(z.string()), words: z.string() }),
  /** Of a part of its strands. */
  also: z._default(
    z.nullable(
      z.object({ of: z.string(), level: z.nullable(z.string()), tone: z.array(z.string()), words: z.string() }),
    ),
    null,
  ),
  note: z.string(),
})
export type Zone = z.infer<typeof zone>

export const canvas = z.object({ zones: z.array(zone), worn: z.string(), target: z.string() })
export type Canvas = z.infer<typeof canvas>
export const canvasRecord = z.object({
  version: z.number(),
  canvas,
  said: z.array(z.string()),
  editedBy: z.nullable(z.string()),
})
