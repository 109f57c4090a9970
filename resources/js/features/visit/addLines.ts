import { newId } from '../../shared/api/newId'
import type { WrittenBowl } from './formulaShapes'
import type { Sheet } from './shapes'

/**
 * Adds the bowls of a card one after the other. What is left in the field is what nobody understood of those that were
 * added; and from the first that was refused on, the lines as they were written: what is there is not added twice.
 */
export async function addLines(
  card: string,
  read: WrittenBowl[],
  add: (id: string, sheet: Sheet) => Promise<unknown>,
): Promise<{ added: string[]; left: string; error: Error | null }> {
  const lines = card.split('\n').filter((line) => line.trim() !== '')
  const added: string[] = []
  const left: string[] = []
  for (const [at, bowl] of read.entries()) {
    if (bowl.sheet !== null) {
      const id = newId()
      try {
        await add(id, bowl.sheet)
      } catch (error) {
        return { added, left: [...left, ...lines.slice(at)].join('\n'), error: error as Error }
      }
      added.push(id)
    }
    if (bowl.rest.length > 0) left.push(bowl.rest.join(', '))
  }
  return { added, left: [...left, ...lines.slice(read.length)].join('\n'), error: null }
}
