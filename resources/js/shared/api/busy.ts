type Listener = (working: number) => void

let working = 0
const listeners = new Set<Listener>()

/** Says that something has begun; the returned function says that it has ended (saying it twice does no harm). */
export function startWork(): () => void {
  let open = true
  const change = (by: number) => {
    working += by
    for (const listener of listeners) listener(working)
  }
  change(1)
  return () => {
    if (open) change(-1)
    open = false
  }
}

/** Tells how many things are under way, now and whenever it changes; the returned function stops it. */
export function onWork(listener: Listener): () => void {
  listeners.add(listener)
  listener(working)
  return () => { listeners.delete(listener) }
}

/**
 * Marks the document with `data-busy` while anything is under way: a hairline of progress shows it to
 * people, and whoever drives the page from outside can wait for it to be at rest.
 */
export function markWork(root: HTMLElement): () => void {
  return onWork((count) => {
    if (count === 0) delete root.dataset['busy']
    else root.dataset['busy'] = String(count)
  })
}
