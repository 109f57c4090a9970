import { expect, it } from 'vitest'
import { typedSince, wordsSince } from './typedSince'

it('keeps what was typed while it was saved, on the version that was made', () => {
  const sent = { version: 3, name: 'Keel' }
  expect(typedSince(sent, sent, 4)).toBeNull()
  expect(typedSince(null, sent, 4)).toBeNull()
  expect(typedSince({ ...sent, name: 'Keelson' }, sent, 4)).toEqual({ version: 4, name: 'Keelson' })
})

it('empties a field of what has arrived, not of what was typed meanwhile', () => {
  expect(wordsSince('out of stock', 'out of stock')).toBe('')
  expect(wordsSince('under the arm', 'under the arm', 'behind the ear')).toBe('behind the ear')
  expect(wordsSince('out of stock since Monday', 'out of stock')).toBe('out of stock since Monday')
})
