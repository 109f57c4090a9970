/** Enough for every page somebody goes back to. */
const MOST = 60

const held = new Map<string, { tag: string; answer: unknown }>()

/**
 * Answers this page holds, by what was asked: the server says whether one is still true without sending it again. In
 * memory only; who signs out or is locked out takes them along.
 */
export function hold(path: string, tag: string | null, answer: unknown): void {
  if (tag === null || tag === '') return
  held.delete(path)
  held.set(path, { tag, answer })
  const oldest = held.keys().next()
  if (held.size > MOST && oldest.done !== true) held.delete(oldest.value)
}

export const heldAnswer = (path: string) => held.get(path)

export function letGo(): void {
  held.clear()
}
