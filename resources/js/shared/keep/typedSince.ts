/**
 * What is still to be saved once a save has arrived: what was typed meanwhile, over what the server has made of the
 * rest; nothing, where nothing was. Drafts are told apart by being the same object: each letter makes another.
 */
export function typedSince<Draft extends { version: number }>(
  now: Draft | null,
  sent: Draft | null,
  version: number,
): Draft | null {
  return now === null || now === sent ? null : { ...now, version }
}

/** The words of a field once those that were sent have arrived: empty, or as they stand where somebody typed on. */
export const wordsSince = (now: string, sent: string, empty = ''): string => (now === sent ? empty : now)
