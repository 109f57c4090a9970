import { z } from 'zod'

export const zone = z.object({
  id: z.string(),
  name: z.string(),
  regions: z.array(z.string()),
  spans: z.array(z.string()),
  natural: z.string().nullable(),
  level: z.string().nullable(),
  tone: z.array(z.string()),
  grey: z.union([z.number(), z.string()]).nullable(),
  resistant: z.boolean(),
  porosity: z.string(),
  history: z.string(),
  historyWords: z.string(),
  confidence: z.string(),
  banded: z.boolean(),
  bandWords: z.string(),
  regrowth: z.string().nullable(),
  density: z.string().nullable(),
  texture: z.string().nullable(),
  length: z.string().nullable(),
  elasticity: z.string().nullable(),
  breakage: z.string().nullable(),
  offLimits: z.boolean(),
  wish: z.object({ level: z.string().nullable(), tone: z.array(z.string()), words: z.string() }),
  /** Of a part of its strands. */
  also: z.object({ of: z.string(), level: z.string().nullable(), tone: z.array(z.string()), words: z.string() }).nullable().default(null),
  note: z.string(),
})
export type Zone = z.infer<typeof zone>

export const canvas = z.object({ zones: z.array(zone), worn: z.string(), target: z.string() })
export type Canvas = z.infer<typeof canvas>
export const canvasRecord = z.object({ version: z.number(), canvas, said: z.array(z.string()), editedBy: z.string().nullable() })
