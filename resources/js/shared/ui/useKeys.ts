import { useEffect, useRef } from 'react'

/** Runs a handler for a key anywhere on the page, but never while somebody types in a field. */
export function useKeys(handler: (event: KeyboardEvent) => void) {
  const latest = useRef(handler)
  useEffect(() => {
    latest.current = handler
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target
      const typing = target instanceof HTMLInputElement
        || target instanceof HTMLTextAreaElement
        || target instanceof HTMLSelectElement
      if (!typing
        && document.documentElement.dataset['locked'] === undefined
        && !event.ctrlKey
        && !event.metaKey
        && !event.altKey) latest.current(event)
    }
    addEventListener('keydown', onKey)
    return () => {
      removeEventListener('keydown', onKey)
    }
  }, [])
}
