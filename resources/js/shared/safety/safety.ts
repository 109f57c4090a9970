import { z } from 'zod'
import { patchJson, postJson } from '../api/http'

export const safetyState = z.enum(['reaction', 'missing', 'expired', 'waiting', 'due', 'clear'])
export type SafetyState = z.infer<typeof safetyState>

/** A client's skin on record. */
export const safety = z.object({
  age: z.number().nullable(),
  reaction: z.boolean(),
  lines: z.array(z.object({ id: z.string(), name: z.string(), state: safetyState, words: z.string() })),
  tests: z.array(
    z.object({
      id: z.string(),
      lines: z.array(z.string()),
      spot: z.string(),
      placedAt: z.string(),
      placedBy: z.string(),
      readFrom: z.string(),
      readAt: z.string().nullable(),
      readBy: z.string().nullable(),
      result: z.string().nullable(),
      note: z.string(),
    }),
  ),
  contraindications: z.array(
    z.object({
      id: z.string(),
      kind: z.string(),
      words: z.string(),
      mend: z.string(),
      needsDoctor: z.boolean(),
      note: z.string(),
      notedAt: z.string(),
      notedBy: z.string(),
      liftedAt: z.string().nullable(),
      liftedBy: z.string().nullable(),
      clearance: z.string(),
    }),
  ),
})
export type Safety = z.infer<typeof safety>

const read = (json: unknown) => safety.parse(json)
export const placeTest = async (client: number, fields: { id: string; lines: string[]; spot: string }) => read(await postJson(`clients/${client}/skin-tests`, fields))
export const readTest = async (test: string, result: string, note: string) => read(await patchJson(`skin-tests/${test}`, { result, note }))
export const noteContraindication = async (client: number, fields: { id: string; kind: string; note: string }) => read(await postJson(`clients/${client}/contraindications`, fields))
export const liftContraindication = async (note: string, clearance: string) => read(await patchJson(`contraindications/${note}`, { clearance }))
