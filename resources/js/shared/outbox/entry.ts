import * as z from 'zod/mini'

const problem = z.object({ pointer: z.string(), message: z.string(), mend: z.string() })

/** Something done on this page that the server does not have yet, or has refused for good. */
export const entryShape = z.object({
  /** The write's own id: sent again, it is carried out once. */
  id: z.string(),
  author: z.object({ id: z.number(), name: z.string() }),
  /** When the hand did it, by this device's clock; only how long ago is ever told. */
  madeAt: z.number(),
  /** Writes of one stream are sent in order; what one stream waits for does not hold up another. */
  stream: z.string(),
  method: z.enum(['POST', 'PUT', 'PATCH', 'DELETE']),
  path: z.string(),
  body: z.unknown(),
  /** What it is, in words: “First touch of bowl A, Brigid Kinsella”. */
  about: z.string(),
  /** A page to look at it, where there is one. */
  at: z.string(),
  /** Grams that are in a bowl, where it is a pour: what is refused then is more than words. */
  pour: z.nullable(z.object({ batch: z.string(), line: z.string(), label: z.string(), grams: z.string() })),
  /** What the server makes of it, where the same may be written again before it answers. */
  made: z.optional(
    z.object({
      /** Where its answer has the version, from the outside in. */
      version: z.array(z.string()),
      /** The path at which what was new is changed from then on. */
      change: z.optional(z.string()),
    }),
  ),
  failures: z.number(),
  refused: z.nullable(
    z.object({ status: z.number(), message: z.string(), mend: z.string(), problems: z.array(problem) }),
  ),
})
export type Entry = z.infer<typeof entryShape>
/** What whoever writes says of it. */
export type NewEntry = Pick<Entry,
  | 'stream'
  | 'method'
  | 'path'
  | 'body'
  | 'about'> & { at?: string; pour?: Entry['pour']; made?: Entry['made'] }

/** What a device kept; one that cannot be read does not take the others with it. */
export function readEntries(kept: unknown): Entry[] {
  const all = z.array(z.unknown()).safeParse(kept)
  return all.success
    ? all.data.flatMap((each) => { const entry = entryShape.safeParse(each); return entry.success ? [entry.data] : [] })
    : []
}
