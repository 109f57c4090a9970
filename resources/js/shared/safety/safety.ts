import { t } from '@lingui/core/macro'
import * as z from 'zod/mini'
import { patchJson } from '../api/http'
import { keptPatch, keptPost } from '../outbox/kept'

export const safetyState = z.enum(['reaction', 'missing', 'expired', 'waiting', 'due', 'clear'])
export type SafetyState = z.infer<typeof safetyState>

/** A client's skin on record. */
export const safety = z.object({
  age: z.nullable(z.number()),
  reaction: z.boolean(),
  readers: z.string(),
  lines: z.array(z.object({ id: z.string(), name: z.string(), state: safetyState, words: z.string() })),
  tests: z.array(
    z.object({
      id: z.string(),
      lines: z.array(z.string()),
      spot: z.string(),
      placedAt: z.string(),
      placedBy: z.string(),
      recordedBy: z.nullable(z.string()),
      readFrom: z.string(),
      readAt: z.nullable(z.string()),
      readBy: z.nullable(z.string()),
      result: z.nullable(z.string()),
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
      liftedAt: z.nullable(z.string()),
      liftedBy: z.nullable(z.string()),
      clearance: z.string(),
    }),
  ),
})
export type Safety = z.infer<typeof safety>

/** Null where the answer was lost and the client file is to be read anew. */
const read = (json: unknown) => z.nullable(safety).parse(json)
const ofClient = (client: number, about: string) => ({ stream: `client:${client}`, about, at: `/clients/${client}` })

export const placeTest = async (client: number, fields: {
  id: string
  lines: string[]
  spot: string
  placedAt?: string
  placedBy?: string
}) => read(
  await keptPost(`clients/${client}/skin-tests`, fields, ofClient(client, t`Skin test placed, ${fields.spot}`)),
)
export const readTest = async (client: number, test: string, result: string, note: string) => read(
  await keptPatch(`skin-tests/${test}`, { result, note }, ofClient(client, t`Skin test read: ${result}`)),
)
export const noteContraindication = async (client: number, fields: {
  id: string
  kind: string
  note: string
}) => read(
  await keptPost(
    `clients/${client}/contraindications`,
    fields,
    ofClient(client, t`Noted: ${fields.kind} ${fields.note}`),
  ),
)
/** Not kept on the device: a password is with it. */
export const liftContraindication = async (note: string, clearance: string, password: string) => read(
  await patchJson(`contraindications/${note}`, { clearance, password }),
)
