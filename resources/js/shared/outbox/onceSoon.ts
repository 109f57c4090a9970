import type { World } from './world'

/**
 * One try at a time that is still to come: of those that fail meanwhile none brings another after it. False where one
 * was coming already.
 */
export function onceSoon(after: World['after']): (ms: number, then: () => void) => boolean {
  let comes = false
  return (ms, then) => {
    if (comes) return false
    comes = true
    after(ms, () => {
      comes = false
      then()
    })
    return true
  }
}
