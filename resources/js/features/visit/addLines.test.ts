import { expect, it } from 'vitest'
import { addLines } from './addLines'
import type { WrittenBowl } from './formulaShapes'
import type { Sheet } from './shapes'

const bowl = (letter: string, ...rest: string[]): WrittenBowl => ({
  sheet: { letter } as unknown as Sheet,
  rest,
  worked: null,
  place: '',
  problem: null,
})
const nothing = (...rest: string[]): WrittenBowl => ({ ...bowl(''), sheet: null, rest })

it('adds each bowl of a card once and leaves what nobody understood', async () => {
  const sent: string[] = []
  const done = await addLines('30 6N, moon\n\nhello\n20 6G', [bowl('C', 'moon'), nothing('hello'), bowl('D')], (id, sheet) => {
    sent.push(sheet.letter)
    return Promise.resolve(id)
  })
  expect(sent).toEqual(['C', 'D'])
  expect(done.added).toHaveLength(2)
  expect(done.left).toBe('moon\nhello')
  expect(done.error).toBeNull()
})

it('leaves the lines from the first that is refused on, and none that was added', async () => {
  const refused = new Error('no')
  const done = await addLines('30 6N\n20 6G\n10 7G', [bowl('C'), bowl('D'), bowl('E')], (_, sheet) =>
    sheet.letter === 'D' ? Promise.reject(refused) : Promise.resolve())
  expect(done.left).toBe('20 6G\n10 7G')
  expect(done.added).toHaveLength(1)
  expect(done.error).toBe(refused)
})

it('leaves the lines that were too many to be read', async () => {
  const done = await addLines('30 6N\n20 6G', [bowl('C')], () => Promise.resolve())
  expect(done.left).toBe('20 6G')
})
